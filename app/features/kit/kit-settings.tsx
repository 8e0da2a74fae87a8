import { Save } from "lucide-react";
import { useFetcher } from "react-router";
import styled from "styled-components";
import { MM_PER_INCH, printTrimmed } from "@core/units";
import type { KitContent } from "@db/queries/kits";
import { Button, Row, Sheet, SheetHead, Small } from "../../ui/basics";
import { Field, FieldGrid, Input, Select } from "../../ui/field";
import { Carried, Refusal } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { CHANCES_BP } from "./chances";

interface Answer {
  readonly ok?: true;
  readonly errors?: Readonly<Record<string, string>>;
}

/** What a kit of this item is: the chance of running out, what else lies in it, her winder. */
export function KitSettings({ kit }: { kit: KitContent & { readonly version: number } }) {
  const fetcher = useFetcher<Answer>();
  const r = useReading();
  const inches = r.system === "imperial";
  const errors = (fetcher.data && "errors" in fetcher.data ? fetcher.data.errors : {}) as Readonly<
    Record<string, string>
  >;
  return (
    <Sheet>
      <SheetHead>
        <h2>What a kit is</h2>
      </SheetHead>
      <fetcher.Form method="post">
        <Carried />
        <input type="hidden" name="intent" value="kit" />
        <input type="hidden" name="seen" value={kit.version} />
        <FieldGrid $min={180}>
          <Field label="Yarn runs out for" name="chance" errors={errors.chance ? [errors.chance] : undefined}>
            {(bind) => (
              <Select {...bind} defaultValue={String(kit.chanceBp)}>
                {CHANCES_BP.map((bp) => (
                  <option key={bp} value={bp}>
                    1 of {10_000 / bp} buyers
                  </option>
                ))}
              </Select>
            )}
          </Field>
          <Field
            label={`One turn of your winder, ${inches ? "in" : "cm"}`}
            name="winder"
            hint="Wind ten turns, measure, divide."
            errors={errors.winder ? [errors.winder] : undefined}
          >
            {(bind) => (
              <Input
                {...bind}
                defaultValue={printTrimmed(kit.winderMm / (inches ? MM_PER_INCH : 10), 1, r.locale)}
                inputMode="decimal"
              />
            )}
          </Field>
        </FieldGrid>
        <Ticks>
          <label>
            <input type="checkbox" name="hook" defaultChecked={kit.hook} /> A hook lies in it{" "}
            <Small>strangers then differ less</Small>
          </label>
          <label>
            <input type="checkbox" name="spareEyes" defaultChecked={kit.spareEyes} /> A spare pair of eyes
          </label>
          <label>
            <input type="checkbox" name="startedRing" defaultChecked={kit.startedRing} /> The first ring is
            started <Small>your minutes</Small>
          </label>
        </Ticks>
        <Row>
          <Button type="submit" $primary>
            <Save size={17} aria-hidden /> Keep it
          </Button>
        </Row>
        <Refusal of={fetcher.data} />
      </fetcher.Form>
    </Sheet>
  );
}

const Ticks = styled.div`
  display: grid;
  gap: 6px;
  margin: 12px 0;
  label {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    align-items: center;
    min-height: 28px;
  }
`;
