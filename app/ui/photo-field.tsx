import { useId, useState } from "react";
import styled from "styled-components";
import { Button } from "./basics";
import { Field, Input } from "./field";
import { shrinkPhoto } from "./photo";

/** A photo made small before it is sent; shown as it will be kept. */
export function PhotoField({
  name,
  label,
  hint,
  wrong: said,
  onTaken,
}: {
  name: string;
  label: string;
  hint?: string | undefined;
  /** What the server said of it. */
  wrong?: string | undefined;
  /** Whether there is one now. */
  onTaken?: (there: boolean) => void;
}) {
  const [url, setUrl] = useState("");
  const [wrong, setWrong] = useState<string>();
  const id = useId();
  const put = (next: string) => {
    setUrl(next);
    onTaken?.(next !== "");
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      put(await shrinkPhoto(file));
      setWrong(undefined);
    } catch {
      setWrong("This picture could not be read. Choose a photo.");
    }
  };
  const errors = wrong ?? said;
  return (
    <div>
      <Field label={label} name={`${id}-file`} hint={hint} errors={errors ? [errors] : undefined}>
        {(b) => (
          <Input
            {...b}
            name={undefined}
            type="file"
            accept="image/*"
            onChange={(e) => void take(e.target.files?.[0])}
          />
        )}
      </Field>
      <input type="hidden" name={name} value={url} disabled={url === ""} />
      {url ? (
        <Kept>
          <img src={url} alt="The photo, as it will be kept" />
          <Button type="button" $quiet onClick={() => put("")}>
            Leave it out
          </Button>
        </Kept>
      ) : null}
    </div>
  );
}

const Kept = styled.div`
  display: flex;
  gap: 12px;
  align-items: end;
  margin-top: 8px;
  img {
    max-width: 180px;
    max-height: 140px;
    border-radius: 4px;
    border: 1px solid var(--line);
  }
`;
