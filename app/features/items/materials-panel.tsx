import { memo } from "react";
import { Plus, X } from "lucide-react";
import styled from "styled-components";
import { Button, Sheet, SheetHead, Small } from "../../ui/basics";
import { Field, Input, Select } from "../../ui/field";
import { useDrawn } from "../../ui/use-drawn";
import { colourOf } from "../figure/silhouette-view";
import { YarnDisc } from "../../ui/yarn-disc";
import type { SlotDraft } from "./typed";
import type { NotionView, YarnView } from "@core/item";
import { slotLabel } from "./needs-panel";

/** Strands held together, or one of a plied yarn that is split. */
export const STRANDS = [
  { value: 0.25, label: "¼, split" },
  { value: 1 / 3, label: "⅓, split" },
  { value: 0.5, label: "½, split" },
  { value: 1, label: "1" },
  { value: 2, label: "2" },
  { value: 3, label: "3" },
  { value: 4, label: "4" },
] as const;

/** Which yarn and hook fill each colour slot of the pattern, and which notions go into a piece. */
export const MaterialsPanel = memo(function MaterialsPanel({
  slots,
  yarns,
  notions,
  chosen,
  onSlot,
  onNotions,
  errors,
  firmness,
  onFirmness,
  hanger,
  onHanger,
}: {
  slots: readonly SlotDraft[];
  yarns: readonly YarnView[];
  notions: readonly NotionView[];
  chosen: readonly { notionId: string; quantity: string }[];
  onSlot: (slot: SlotDraft) => void;
  onNotions: (list: { notionId: string; quantity: string }[]) => void;
  errors: Readonly<Record<string, string>>;
  firmness: string;
  onFirmness: (f: "light" | "medium" | "firm") => void;
  hanger: boolean;
  onHanger: (on: boolean) => void;
}) {
  const drawn = useDrawn(Infinity);
  const usable = yarns.filter((y) => !y.deleted || slots.some((s) => s.yarnId === y.id));
  const free = notions.filter((n) => !n.deleted && !chosen.some((c) => c.notionId === n.id));
  return (
    <Sheet aria-labelledby="slots-title">
      <SheetHead>
        <h2 id="slots-title">Yarn, hook and notions</h2>
        <Small>{slots.length === 1 ? "one colour slot" : `${slots.length} colour slots`}</Small>
      </SheetHead>
      {usable.length === 0 ? (
        <Small>
          No yarn in Materials yet: until there is one, the figures use a light (DK) yarn and a 3 mm hook.
        </Small>
      ) : null}
      <List>
        {slots.map((s, i) => {
          const yarn = yarns.find((y) => y.id === s.yarnId);
          return (
            <li key={s.slot}>
              <YarnDisc
                colour={yarn?.colour ?? colourOf({}, s.slot)}
                name={yarn ? `${yarn.name} ${yarn.shade}` : "no yarn"}
              />
              <Field
                label={`Yarn for ${slotLabel(s.slot)}`}
                name={`slots.${i}.yarnId`}
                errors={errors[`slots.${i}.yarnId`] ? [errors[`slots.${i}.yarnId`] ?? ""] : undefined}
              >
                {(bind) => (
                  <Select
                    {...bind}
                    value={s.yarnId}
                    onChange={(e) => {
                      const next = yarns.find((y) => y.id === e.target.value);
                      onSlot({
                        ...s,
                        yarnId: e.target.value,
                        hook: s.yarnId === "" && next ? String(smallHook(next)) : s.hook,
                      });
                    }}
                  >
                    <option value="">none yet</option>
                    {usable
                      .filter((y, k) => k < drawn || y.id === s.yarnId)
                      .map((y) => (
                        <option key={y.id} value={y.id}>
                          {y.shade} ({y.name})
                        </option>
                      ))}
                  </Select>
                )}
              </Field>
              <Field
                label="Hook, mm"
                name={`slots.${i}.hookMm`}
                errors={errors[`slots.${i}.hookMm`] ? [errors[`slots.${i}.hookMm`] ?? ""] : undefined}
              >
                {(bind) => (
                  <Input
                    {...bind}
                    value={s.hook}
                    inputMode="decimal"
                    autoComplete="off"
                    onChange={(e) => onSlot({ ...s, hook: e.target.value })}
                  />
                )}
              </Field>
              <Field label="Strands" name={`slots.${i}.strands`}>
                {(bind) => (
                  <Select
                    {...bind}
                    value={s.strands}
                    onChange={(e) => onSlot({ ...s, strands: Number(e.target.value) })}
                  >
                    {STRANDS.map((o) => (
                      <option key={o.value} value={o.value}>
                        {o.label}
                      </option>
                    ))}
                  </Select>
                )}
              </Field>
            </li>
          );
        })}
      </List>
      <Choices>
        <Field label="Filling" name="firmness">
          {(bind) => (
            <Select
              {...bind}
              value={firmness}
              onChange={(e) => onFirmness(e.target.value as "light" | "medium" | "firm")}
            >
              <option value="light">light</option>
              <option value="medium">medium</option>
              <option value="firm">firm</option>
            </Select>
          )}
        </Field>
        <label>
          <input type="checkbox" checked={hanger} onChange={(e) => onHanger(e.target.checked)} /> a ring,
          chain or hanger is put on
        </label>
      </Choices>
      <NotionList>
        {chosen.map((c, i) => {
          const n = notions.find((x) => x.id === c.notionId);
          return n ? (
            <li key={c.notionId}>
              <span>{n.name}</span>
              {n.kind === "filling" ? (
                <Small>as much as the shape takes</Small>
              ) : (
                <label>
                  <span className="sr">How many {n.name}</span>
                  <Input
                    value={c.quantity}
                    inputMode="numeric"
                    style={{ width: 64 }}
                    aria-invalid={errors[`notions.${i}.quantity`] ? true : undefined}
                    onChange={(e) =>
                      onNotions(chosen.map((x, j) => (j === i ? { ...x, quantity: e.target.value } : x)))
                    }
                  />
                </label>
              )}
              <Button
                type="button"
                $quiet
                aria-label={`Take ${n.name} out`}
                onClick={() => onNotions(chosen.filter((_, j) => j !== i))}
              >
                <X size={16} aria-hidden />
              </Button>
              {errors[`notions.${i}.quantity`] ? <Wrong>{errors[`notions.${i}.quantity`]}</Wrong> : null}
            </li>
          ) : null;
        })}
      </NotionList>
      {free.length > 0 ? (
        <Add>
          <Plus size={16} aria-hidden />
          <label className="sr" htmlFor="add-notion">
            Add eyes, rings, filling or packaging
          </label>
          <Select
            id="add-notion"
            value=""
            onChange={(e) =>
              e.target.value &&
              onNotions([
                ...chosen,
                {
                  notionId: e.target.value,
                  quantity: notions.find((n) => n.id === e.target.value)?.kind === "eye" ? "2" : "1",
                },
              ])
            }
          >
            <option value="">add eyes, ring, filling, packaging…</option>
            {free.slice(0, drawn).map((n) => (
              <option key={n.id} value={n.id}>
                {n.name}
              </option>
            ))}
          </Select>
        </Add>
      ) : (
        <Small>Eyes, rings, filling and packaging are kept in Materials.</Small>
      )}
    </Sheet>
  );
});

/** Small figures take a hook about a quarter below the band's (common practice: one to two sizes). */
export const smallHook = (y: Pick<YarnView, "hookMm">): number =>
  Math.max(1, Math.round(y.hookMm * 0.75 * 4) / 4);

const List = styled.ul`
  list-style: none;
  margin: 0 0 12px;
  padding: 0;
  display: grid;
  gap: 10px;
  li {
    display: grid;
    grid-template-columns: 26px minmax(0, 1fr) 62px 78px;
    gap: 4px 10px;
    align-items: end;
  }
  li > svg {
    margin-bottom: 5px;
  }
`;
const Choices = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: end;
  margin-bottom: 10px;
  > div {
    width: 120px;
  }
  > label {
    padding: 6px 0;
    min-height: 36px;
  }
`;
const NotionList = styled.ul`
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
  display: grid;
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 12px;
    border-top: 1px solid var(--line);
    padding: 4px 0;
  }
  li > span:first-child {
    flex: 1 1 90px;
  }
`;
const Add = styled.div`
  display: flex;
  gap: 8px;
  align-items: center;
  select {
    flex: 1;
  }
`;
const Wrong = styled.span`
  color: var(--bad);
  font-size: 13px;
  font-weight: 560;
  flex-basis: 100%;
`;
