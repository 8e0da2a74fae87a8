import type { Content } from "pdfmake/interfaces";
import { layoutOf, type CheckedRound } from "@core/notation";

/**
 * A round's bar about the middle of its column: as wide as its stitches, in its colours; a range is as many
 * bars.
 */
export function ladderBar(
  rounds: readonly CheckedRound[],
  most: number,
  width: number,
  row: number,
  colours: Readonly<Record<string, string>>,
): Content {
  const shown = rounds.slice(0, 12);
  const each = Math.min(row, (row * 2.4) / Math.max(1, shown.length));
  const bars = shown.flatMap((round, i) => {
    const count = round.count ?? 0;
    const full = (width * count) / Math.max(1, most);
    const left = (width - full) / 2;
    const { segments } = layoutOf(round);
    const all = segments.at(-1)?.to ?? 0;
    const runs = all > 0 ? segments : [{ slot: round.slot, from: 0, to: 1 }];
    const sum = all > 0 ? all : 1;
    return runs.map((s) => ({
      type: "rect" as const,
      x: left + (full * s.from) / sum,
      y: i * each,
      w: (full * (s.to - s.from)) / sum,
      h: each - 0.6,
      color: colours[s.slot] ?? colours.main ?? "#9aa5a9",
      lineWidth: 0.4,
      lineColor: "#6a767a",
    }));
  });
  return { canvas: bars };
}
