import { passOf, piecesToPass, type Seen } from "@core/shelf/yield";
import { Button } from "../../ui/basics";
import { ReasonFigure } from "../../ui/figure";

/**
 * What of so many pieces passes, as a figure that opens to what was seen; nothing where none is made, or none of
 * it can fail.
 */
export function Passes({ pieces, seen, label }: { pieces: number; seen: Seen | undefined; label: string }) {
  if (pieces <= 0 || !seen) return null;
  const { expected, atLeast } = passOf(pieces, seen);
  const all = seen.passed + seen.failed;
  return (
    <ReasonFigure
      reason={{
        label: `${label}: what passes of ${pieces}`,
        measure: "count",
        value: Math.round(expected * 10) / 10,
        how: `at least ${atLeast} in nine of ten runs`,
        parts: [
          { label: "looked at so far", measure: "count", value: all },
          { label: "of these passed", measure: "count", value: seen.passed },
          { label: "counted with them: the trade’s 19 of 20", measure: "count", value: 20 },
        ],
        from: "inspections of this item, whatever its colours; seconds and rejects do not pass",
      }}
    >
      {atLeast}+ pass
    </ReasonFigure>
  );
}

/** More than this is planned in runs of its own; the sums are long. */
const MOST = 400;

/** "make 13, so that 12 pass": one press, and the run is planned by what it needs to end with. */
export function MoreToPass({
  pieces,
  seen,
  onMake,
}: {
  pieces: number;
  seen: Seen | undefined;
  onMake: (pieces: number) => void;
}) {
  const more = pieces > 0 && pieces <= MOST && seen ? piecesToPass(pieces, seen) : undefined;
  if (more === undefined || more === pieces) return null;
  return (
    <Button
      type="button"
      $quiet
      onClick={() => onMake(more)}
      style={{ fontSize: 13, padding: "2px 0", width: 110, whiteSpace: "normal", textAlign: "right" }}
    >
      make {more}, so that {pieces} pass
    </Button>
  );
}
