import { passOf, type Seen } from "@core/shelf/yield";
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
