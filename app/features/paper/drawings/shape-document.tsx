import type { PieceEstimate } from "@core/estimate";
import { printLength } from "@core/units";
import { useReading } from "../../../ui/reading";
import { silhouetteOf } from "@core/item";
import { inARow, SilhouetteDrawing, type SlotColours } from "../../figure/silhouette-view";
import { LETTERS } from "./on-paper";

/** Everything in millimetres of the figure; letters keep a size against the whole row. */
const MARGIN = 0.04;
const LETTER = 0.022;
const LEAST_LETTER = 3.2;
/** A picture of unit size is drawn so many px a millimetre. */
const PX_PER_MM = 8;

/** The parts side by side, to one scale, with a rule; numbered, and told below with their size. */
export function ShapeDocument({
  piece,
  name,
  colours,
}: {
  piece: PieceEstimate;
  name: string;
  colours: SlotColours;
}) {
  const r = useReading();
  const parts = piece.parts.map((p) => silhouetteOf(p));
  const row = inARow(parts);
  const letter = Math.max(LEAST_LETTER, LETTER * row.width);
  const margin = Math.max(3, MARGIN * row.width);
  const told = piece.parts.map((p, i) => {
    const size = `${printLength(p.fabric.width, r)} wide, ${printLength(p.fabric.height, r)} tall`;
    return `${i + 1}  ${p.part.name}${p.part.make > 1 ? `, ${p.part.make} of them` : ""}: ${size}`;
  });
  // A row of two slim parts is narrower than the words below it.
  const wide = Math.max(row.width, ...told.map((t) => t.length * letter * 0.58));
  const top = margin + 2.4 * letter;
  const ground = top + row.tallest + row.gap;
  const list = ground + 9 + 1.6 * letter;
  const w = wide + 2 * margin;
  const h = list + told.length * 1.5 * letter + margin;
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      width={Math.round(w * PX_PER_MM)}
      height={Math.round(h * PX_PER_MM)}
      viewBox={`0 0 ${w.toFixed(1)} ${h.toFixed(1)}`}
      role="img"
      fontFamily={LETTERS}
      fontSize={letter.toFixed(2)}
      fill="var(--ink)"
    >
      <title>{`${name}: its parts, to one scale`}</title>
      <rect width={w.toFixed(1)} height={h.toFixed(1)} fill="#ffffff" />
      <text x={margin} y={margin + letter} fontSize={(1.3 * letter).toFixed(2)} fontWeight={600}>
        {name}
      </text>
      <g transform={`translate(${margin.toFixed(1)} ${top.toFixed(1)})`}>
        <SilhouetteDrawing row={row} colours={colours} scale />
        {row.placed.map(({ at }, i) => (
          <text
            key={i}
            x={at.toFixed(1)}
            y={(row.tallest + row.gap + 9 + 0.4 * letter).toFixed(1)}
            textAnchor="middle"
            fontWeight={600}
          >
            {i + 1}
          </text>
        ))}
      </g>
      {told.map((line, i) => (
        <text key={i} x={margin.toFixed(1)} y={(list + (i + 1) * 1.5 * letter).toFixed(1)}>
          {line}
        </text>
      ))}
    </svg>
  );
}
