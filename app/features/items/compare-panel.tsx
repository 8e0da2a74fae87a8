import { Plus, X } from "lucide-react";
import { memo, useState, type ReactNode } from "react";
import styled from "styled-components";
import type { Compared } from "@core/estimate";
import { parseNumber, printLength, printTrimmed, type Mm } from "@core/units";
import { Button, PlainTable, Scroll, Small } from "../../ui/basics";
import { RangedFigure } from "../../ui/figure";
import { Input, Select } from "../../ui/field";
import { useDrawn } from "../../ui/use-drawn";
import { useReading } from "../../ui/reading";
import { type Around, type ItemDraft, type YarnPair, type YarnView, silhouetteOf } from "@core/item";
import { Silhouettes } from "../figure/silhouette-view";
import { useComparison } from "./use-analysis";

interface Typed {
  readonly yarnId: string;
  readonly hook: string;
}
const MOST = 4;

/** The same pattern in up to four yarns and hooks, side by side and to one scale. */
export const ComparePanel = memo(function ComparePanel({
  draft,
  yarns,
  around,
}: {
  draft: ItemDraft;
  yarns: readonly YarnView[];
  around: Around;
}) {
  const r = useReading();
  const drawn = useDrawn(Infinity);
  const first = draft.slots[0];
  const own: Typed = {
    yarnId: first?.yarnId ?? yarns[0]?.id ?? "",
    hook: String(first?.hookMm ?? yarns[0]?.hookMm ?? 3),
  };
  const [others, setOthers] = useState<readonly Typed[]>(() => firstOther(yarns, own));
  const all = [own, ...others];
  const hooks = all.map((p) => hookOf(p.hook, r.locale));
  // A hook that cannot be read keeps its column: the yarn's own stands in until it is mended.
  const pairs: YarnPair[] = all.map((p, i) => ({
    yarnId: p.yarnId,
    hookMm: hooks[i] ?? yarns.find((y) => y.id === p.yarnId)?.hookMm ?? 3,
  }));
  const { compared, pending } = useComparison(draft, pairs, around);
  if (yarns.length === 0)
    return (
      <Small>There is no yarn to compare with yet. Add yarns under Materials, and choose two here.</Small>
    );
  const change = (i: number, part: Partial<Typed>) =>
    setOthers(others.map((p, j) => (j === i ? { ...p, ...part } : p)));
  const tallest = Math.max(1, ...compared.map((c) => c.height));
  return (
    <div>
      <p>
        <Small>
          One yarn is taken for all colours; sizes of eyes and rings go with the stitch and snap to what is
          sold. The first column is what the item is planned in.
        </Small>
      </p>
      <Scroll tabIndex={0} role="group" aria-label="Yarns and hooks side by side">
        <Table aria-busy={pending}>
          <thead>
            <tr>
              <th scope="col">
                <span className="sr">What</span>
              </th>
              {all.map((p, i) => (
                <th scope="col" key={i}>
                  {i === 0 ? (
                    <Own>
                      <b>As planned</b>
                      {nameOf(yarns, p.yarnId)}, {p.hook} mm hook
                    </Own>
                  ) : (
                    <Pair>
                      <Select
                        aria-label={`Yarn ${i + 1}`}
                        value={p.yarnId}
                        onChange={(e) =>
                          change(i - 1, {
                            yarnId: e.target.value,
                            hook: String(yarns.find((y) => y.id === e.target.value)?.hookMm ?? p.hook),
                          })
                        }
                      >
                        {yarns
                          .filter((y, k) => k < drawn || y.id === p.yarnId)
                          .map((y) => (
                            <option key={y.id} value={y.id}>
                              {y.name}, {y.shade}
                            </option>
                          ))}
                      </Select>
                      <span>
                        <Hook
                          aria-label={`Hook ${i + 1} in millimetres`}
                          inputMode="decimal"
                          value={p.hook}
                          aria-invalid={hooks[i] === undefined ? true : undefined}
                          onChange={(e) => change(i - 1, { hook: e.target.value })}
                        />{" "}
                        mm hook
                        <Button
                          type="button"
                          $quiet
                          aria-label={`Take yarn ${i + 1} away`}
                          onClick={() => setOthers(others.filter((_, j) => j !== i - 1))}
                        >
                          <X size={16} aria-hidden />
                        </Button>
                      </span>
                      {hooks[i] === undefined ? <Wrong>A hook has 0.5 to 30 mm, such as 3.5.</Wrong> : null}
                    </Pair>
                  )}
                </th>
              ))}
              {all.length < MOST ? (
                <th scope="col">
                  <Button
                    type="button"
                    onClick={() => setOthers([...others, ...firstOther(yarns, all[all.length - 1] ?? own)])}
                  >
                    <Plus size={16} aria-hidden /> Another yarn
                  </Button>
                </th>
              ) : null}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">To one scale</th>
              {compared.map((c, i) => {
                const yarn = yarns.find((y) => y.id === pairs[i]?.yarnId);
                const main = c.piece.parts.reduce<(typeof c.piece.parts)[number] | undefined>(
                  (a, b) => (!a || b.stitches > a.stitches ? b : a),
                  undefined,
                );
                return (
                  <td key={i} className="picture">
                    {main ? (
                      <Silhouettes
                        parts={[silhouetteOf(main)]}
                        colours={{ main: yarn?.colour ?? "#b9c3c5" }}
                        height={Math.max(24, (110 * c.height) / tallest)}
                        label={`${c.label}: ${printLength(c.height as Mm, r)} tall`}
                      />
                    ) : null}
                  </td>
                );
              })}
            </tr>
            <Line
              name="Size"
              of={compared}
              say={(c) => `${printLength(c.width as Mm, r)} × ${printLength(c.height as Mm, r)}`}
            />
            <Line name="Yarn, metres" of={compared} say={(c) => <RangedFigure estimate={c.metres} />} />
            <Line name="Yarn, grams" of={compared} say={(c) => <RangedFigure estimate={c.grams} />} />
            <Line
              name="Filling"
              of={compared}
              say={(c) => (c.filling.value > 0 ? <RangedFigure estimate={c.filling} /> : "none")}
            />
            <Line
              name="Eyes"
              of={compared}
              say={(c) =>
                c.eyes.length === 0
                  ? "none"
                  : c.eyes
                      .map(
                        (e) =>
                          `${e.count} × ${printTrimmed(e.sizeMm, 1, r.locale)} mm${e.what === "nose" ? " nose" : ""}`,
                      )
                      .join(", ")
              }
            />
            <Line name="Ring" of={compared} say={(c) => `${c.ringMm} mm`} />
            <Line name="Time" of={compared} say={(c) => <RangedFigure estimate={c.seconds} />} />
          </tbody>
        </Table>
      </Scroll>
    </div>
  );
});

function Line({ name, of, say }: { name: string; of: readonly Compared[]; say: (c: Compared) => ReactNode }) {
  return (
    <tr>
      <th scope="row">{name}</th>
      {of.map((c, i) => (
        <td key={i}>{say(c)}</td>
      ))}
    </tr>
  );
}

const nameOf = (yarns: readonly YarnView[], id: string) => {
  const y = yarns.find((x) => x.id === id);
  return y ? `${y.name}, ${y.shade}` : "no yarn chosen";
};
function firstOther(yarns: readonly YarnView[], than: Typed): Typed[] {
  const mine = yarns.find((y) => y.id === than.yarnId);
  const other =
    yarns.find((y) => !y.deleted && y.weightClass !== mine?.weightClass) ??
    yarns.find((y) => y.id !== than.yarnId) ??
    mine;
  return other ? [{ yarnId: other.id, hook: String(other.hookMm) }] : [];
}
function hookOf(text: string, locale: string): number | undefined {
  const read = parseNumber(text, locale);
  return read.ok && read.value >= 0.5 && read.value <= 30 ? read.value : undefined;
}

const Table = styled(PlainTable)`
  width: auto;
  margin-top: 8px;
  th[scope="row"] {
    border-bottom: 1px solid var(--line);
    vertical-align: middle;
  }
  td,
  thead th {
    min-width: 150px;
  }
  .picture {
    vertical-align: bottom;
  }
`;
const Own = styled.div`
  display: grid;
  gap: 2px;
  color: var(--ink);
  font-weight: 480;
  white-space: normal;
  max-width: 190px;
`;
const Pair = styled.div`
  display: grid;
  gap: 6px;
  font-weight: 480;
  color: var(--ink);
  & > span {
    display: flex;
    align-items: center;
    gap: 6px;
  }
  select {
    width: 230px;
  }
`;
const Hook = styled(Input)`
  width: 5.5em;
`;
const Wrong = styled.span`
  color: var(--bad);
  font-size: 13px;
  white-space: normal;
`;
