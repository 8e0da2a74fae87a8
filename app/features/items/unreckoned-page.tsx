import { Download, RotateCw, Save, TriangleAlert } from "lucide-react";
import { useNavigation } from "react-router";
import styled from "styled-components";
import type { Unreckoned } from "../../server/reckoner";
import { WorkForm } from "../../ui/form";
import { Button, ButtonLink, PageHead, Row, Sheet, Small, Stack } from "../../ui/basics";
import { BinButton } from "../../ui/bin-button";
import { Field, Textarea } from "../../ui/field";
import { unreckonedText } from "./unreckoned";

export interface MendResult {
  readonly errors?: Readonly<Record<string, string>>;
  readonly conflict?: readonly unknown[];
}

/**
 * An item whose text could not be reckoned: nothing is counted here, neither; it can be changed, taken out,
 * tried again and deleted.
 */
export function UnreckonedPage({
  item,
  result,
}: {
  item: {
    id: string;
    revision: number;
    name: string;
    unreckoned?: { why: Unreckoned; pattern: string } | undefined;
  };
  result: MendResult | undefined;
}) {
  const busy = useNavigation().state !== "idle";
  const { why = "threw", pattern = "" } = item.unreckoned ?? {};
  const wrong = result?.conflict
    ? "Another tab saved this item meanwhile. Copy your text, then open the item again."
    : result?.errors?.pattern;
  return (
    <>
      <PageHead>
        <h1>{item.name}</h1>
        <Small>revision {item.revision}</Small>
        <ButtonLink to={`/items/${item.id}/pattern.txt`} reloadDocument>
          <Download size={17} aria-hidden /> Text
        </ButtonLink>
        <BinButton label={`Delete ${item.name}`} />
      </PageHead>
      <Sheet style={{ maxWidth: 860 }}>
        <Stack>
          <Told role="status">
            <TriangleAlert size={20} aria-hidden />
            <span>
              <b>This item could not be reckoned.</b> {unreckonedText(why)} Your other items are not touched,
              and nothing of this one is lost.
            </span>
          </Told>
          <WorkForm draft={`mend ${item.id}`}>
            <input type="hidden" name="intent" value="mend" />
            <input type="hidden" name="basedOn" value={item.revision} />
            <Stack>
              <Field
                label="Written pattern"
                name="pattern"
                id="mend-pattern"
                errors={wrong ? [wrong] : undefined}
              >
                {(bind) => (
                  <Textarea {...bind} defaultValue={pattern} rows={18} spellCheck={false} className="mono" />
                )}
              </Field>
              <Row>
                <Button type="submit" $primary disabled={busy}>
                  <Save size={17} aria-hidden /> {busy ? "Reading…" : "Save and read again"}
                </Button>
              </Row>
            </Stack>
          </WorkForm>
          <WorkForm>
            <input type="hidden" name="intent" value="retry" />
            <Button type="submit" $quiet disabled={busy}>
              <RotateCw size={17} aria-hidden /> Try it once more as it is
            </Button>
          </WorkForm>
        </Stack>
      </Sheet>
    </>
  );
}

const Told = styled.p`
  display: flex;
  gap: 12px;
  align-items: start;
  padding: 12px 14px;
  border-left: 6px solid var(--bad);
  background: var(--bad-ground);
  svg {
    flex: none;
    color: var(--bad);
  }
`;
