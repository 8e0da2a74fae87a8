import type { ReactNode } from "react";
import styled from "styled-components";
import { Check } from "lucide-react";
import { holderOf, type BenchStep, type Place } from "@core/planning";
import type { BenchData } from "../../routes/bench-line";
import { Button } from "../../ui/basics";

/** "given to Nell", "left to you": of a step that is not among those of the hands at the table. */
export function holderText(step: BenchStep, bench: BenchData): string {
  const holder = holderOf(step, bench.given);
  const name = bench.given.find((g) => g.handId === holder)?.name;
  return name === undefined ? "left to the maker herself" : `given to ${name}`;
}

/** Own steps are done, and others' are open: what came in finished is ticked off by one press. */
export function Left({
  bench,
  others,
  onAll,
  onCameIn,
  children,
}: {
  bench: BenchData;
  others: readonly Place[];
  onAll: () => void;
  onCameIn: (places: readonly Place[]) => void;
  children: ReactNode;
}) {
  const byHolder = new Map<string, Place[]>();
  for (const p of others) {
    const step = bench.steps[p.step];
    const holder = step && (holderOf(step, bench.given) ?? "");
    if (holder !== undefined) byHolder.set(holder, [...(byHolder.get(holder) ?? []), p]);
  }
  return (
    <Rest>
      <h1>Your part is done</h1>
      {[...byHolder].map(([holder, open]) => {
        const of = bench.given.filter((g) => g.handId === holder);
        const name = of[0]?.name ?? "The maker";
        const what = of.map((g) => g.label.toLowerCase()).join(", ") || "the rest";
        const pieces = new Set(open.map((p) => p.piece)).size;
        return (
          <div key={holder}>
            <p>
              {name}: {what}, {pieces === 1 ? "one piece" : `${pieces} pieces`} open.
            </p>
            <Button type="button" $primary onClick={() => onCameIn(open)}>
              <Check size={17} aria-hidden /> {what} came in finished
            </Button>
          </div>
        );
      })}
      <Button type="button" onClick={onAll}>
        Work at them here
      </Button>
      {children}
    </Rest>
  );
}

export const Rest = styled.div`
  padding: 30px 20px;
  width: min(100%, 720px);
  margin: 0 auto;
  font-size: 18px;
`;
