import { useMemo, useSyncExternalStore } from "react";
import { conflictsOf, untouchedPiece, type BenchState, type BenchStep, type Conflict } from "@core/planning";
import { Button, Row } from "../../ui/basics";
import { deviceName } from "../../ui/acts/use-acts";
import { useReading } from "../../ui/reading";
import { BesideTable, Wants } from "./beside-table";
import type { Told } from "./use-bench";

/**
 * What two devices did of one piece while one of them was away: both sides, and two ways to settle it. Nothing is
 * lost either way: what came later is taken back as any act is, or told of a piece that nobody has begun.
 */
export function BothSides({
  steps,
  quantity,
  state,
  tell,
}: {
  steps: readonly BenchStep[];
  quantity: number;
  state: BenchState;
  tell: (told: Told) => unknown;
}) {
  const r = useReading();
  const conflicts = useMemo(() => conflictsOf(state), [state]);
  // The server knows neither this device nor its clock.
  const own = useSyncExternalStore<string | undefined>(
    () => () => undefined,
    deviceName,
    () => undefined,
  );
  if (conflicts.length === 0 || own === undefined) return null;
  const free = untouchedPiece(steps, quantity, state);
  const time = new Intl.DateTimeFormat(r.locale, { hour: "2-digit", minute: "2-digit" });
  const whose = (device: string) => (device === own ? "this device" : "another device");
  const takeBack = (c: Conflict) => c.both.forEach((b) => tell({ kind: "undo", of: b.later.key }));
  const toOther = (c: Conflict, piece: number) => {
    takeBack(c);
    for (const { later } of c.both) tell({ kind: "done", piece, step: later.step, ms: later.ms });
  };
  return (
    <BesideTable aria-label="Done on two devices">
      {conflicts.map((c) => {
        const [first] = c.both;
        const title = steps.find((s) => s.id === first?.later.step);
        return first ? (
          <Wants key={`${c.piece} ${c.device}`}>
            <p>
              <b>
                Piece {c.piece}: {c.both.length === 1 ? "a step was" : `${c.both.length} steps were`} done
                twice.
              </b>{" "}
              {title ? `${title.part === "" ? "" : `${title.part}, `}${title.title}: ` : ""}
              {time.format(first.counts.at)} on {whose(first.counts.device)}, {time.format(first.later.at)} on{" "}
              {whose(first.later.device)}. It counts once.
            </p>
            <Row>
              <Button type="button" onClick={() => takeBack(c)}>
                It was one piece
              </Button>
              {free === undefined ? null : (
                <Button type="button" onClick={() => toOther(c, free)}>
                  They were two: make it piece {free}
                </Button>
              )}
            </Row>
          </Wants>
        ) : null;
      })}
    </BesideTable>
  );
}
