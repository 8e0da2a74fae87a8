import { useState, type ReactNode } from "react";
import styled from "styled-components";
import { Check } from "lucide-react";
import { holderOf, type BenchStep, type Place } from "@core/planning";
import type { BenchData } from "../../routes/bench-line";
import { Button } from "../../ui/basics";
import { Select } from "../../ui/field";

/** "given to Nell", "left to you": of a step that is not among those of the hands at the table. */
export function holderText(step: BenchStep, bench: BenchData): string {
  const holder = holderOf(step, bench.given);
  const name = bench.given.find((g) => g.handId === holder)?.name;
  return name === undefined ? "left to the maker herself" : `given to ${name}`;
}

/** What others have in hand of a line, by who has it. */
function heldByOthers(others: readonly Place[], bench: BenchData) {
  const byHolder = new Map<string, Place[]>();
  for (const p of others) {
    const step = bench.steps[p.step];
    const holder = step && (holderOf(step, bench.given) ?? "");
    if (holder !== undefined) byHolder.set(holder, [...(byHolder.get(holder) ?? []), p]);
  }
  return [...byHolder].map(([holder, open]) => {
    const of = bench.given.filter((g) => g.handId === holder);
    return {
      holder,
      open,
      name: of[0]?.name ?? "The maker",
      what: of.map((g) => g.label.toLowerCase()).join(", ") || "the rest",
    };
  });
}

/** Own steps are done or wait, and others' are open: what came in finished is ticked off. */
export function Left({
  bench,
  others,
  waits,
  onAll,
  onCameIn,
  children,
}: {
  bench: BenchData;
  others: readonly Place[];
  /** Steps of these hands are open and wait for what others make. */
  waits: boolean;
  onAll: () => void;
  onCameIn: (places: readonly Place[]) => void;
  children: ReactNode;
}) {
  return (
    <Rest>
      <h1>{waits ? "The rest of yours waits" : "Your part is done"}</h1>
      <CameIn bench={bench} others={others} onCameIn={onCameIn} />
      <Button type="button" onClick={onAll}>
        Work at them here
      </Button>
      {children}
    </Rest>
  );
}

/** Ticks off what others brought: of all open pieces, or of the first so many. */
export function CameIn({
  bench,
  others,
  onCameIn,
}: {
  bench: BenchData;
  others: readonly Place[];
  onCameIn: (places: readonly Place[]) => void;
}) {
  const [many, setMany] = useState<Readonly<Record<string, number>>>({});
  return heldByOthers(others, bench).map(({ holder, open, name, what }) => {
    const pieces = [...new Set(open.map((p) => p.piece))].sort((x, y) => x - y);
    const came = Math.min(many[holder] ?? pieces.length, pieces.length);
    const of = new Set(pieces.slice(0, came));
    return (
      <Brought key={holder}>
        <span>
          {name}: {what}, {pieces.length === 1 ? "one piece" : `${pieces.length} pieces`} open
        </span>
        {pieces.length > 1 ? (
          <Select
            aria-label={`How many came in from ${name}`}
            value={came}
            onChange={(e) => setMany({ ...many, [holder]: Number(e.target.value) })}
          >
            {pieces.map((_, i) => (
              <option key={i} value={i + 1}>
                {i + 1 === pieces.length ? `all ${i + 1}` : i + 1}
              </option>
            ))}
          </Select>
        ) : null}
        <Button type="button" $primary onClick={() => onCameIn(open.filter((p) => of.has(p.piece)))}>
          <Check size={17} aria-hidden /> {what} came in finished
        </Button>
      </Brought>
    );
  });
}

const Brought = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 10px;
  margin: 10px 0;
  /* Beside the other fields of a panel it has a line of its own. */
  grid-column: 1 / -1;
  flex-basis: 100%;
  select {
    width: auto;
  }
`;

export const Rest = styled.div`
  padding: 30px 20px;
  width: min(100%, 720px);
  margin: 0 auto;
  font-size: 18px;
`;
