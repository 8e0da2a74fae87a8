import { bodyRounds } from "../fabric";
import type { Figure } from "./assemble";
import type { Place } from "./place";
import { singular } from "./reading/mentions";
import { stitchesAt, type Piece } from "./resolve";

const trimmed = (n: number): string => String(Number(n.toFixed(1)));

/**
 * A place as a sentence of the pattern, read back to the same place: "Sew wing 2 to the body between rounds 8
 * and 9, 6 sts right of the middle, pointing down." Undefined for the part that all others go on.
 */
export function placeSentence(figure: Figure, place: Place): string | undefined {
  const part = figure.pieces[place.part];
  const host = place.host === undefined ? undefined : figure.pieces[place.host];
  if (!part || !host) return undefined;
  const name = pieceName(part, place);
  const counted = bodyRounds(host.part);
  const numberAt = (band: number) =>
    counted[Math.max(0, Math.min(counted.length - 1, band))]?.number ?? band + 1;
  const a = Math.floor(place.band + 0.25);
  const half = place.band - a > 0.2;
  const rounds = half ? `between rounds ${numberAt(a)} and ${numberAt(a + 1)}` : `at round ${numberAt(a)}`;
  const around = stitchesAt(host, half ? a + 0.5 : a);
  const off = Math.round((place.angle / 360) * around * 2) / 2;
  const side =
    off === 0
      ? "in the middle of the front"
      : `${trimmed(Math.abs(off))} ${Math.abs(off) === 1 ? "st" : "sts"} ${off < 0 ? "left" : "right"} of the middle`;
  const points = {
    hang: "",
    along: "",
    out: "",
    up: "up",
    down: "down",
    forward: "forward",
    back: "back",
    side: "to the side",
  }[place.points];
  const lies = place.lies ? ", flat" : "";
  return `Sew ${name} to the ${host.part.name.toLowerCase()} ${rounds}, ${side}${points ? `, pointing ${points}` : ""}${lies}.`;
}

/** "the beak", "wing 2": a piece as a sentence calls it. */
export function pieceName(part: Piece, place: Pick<Place, "piece">): string {
  const words = part.part.name
    .toLowerCase()
    .replace(/\([^)]*\)/g, "")
    .trim()
    .split(/\s+/);
  if (part.part.make === 1) return `the ${words.join(" ")}`;
  return `${[...words.slice(0, -1), singular(words.at(-1) ?? "")].join(" ")} ${place.piece + 1}`;
}

/** Heading of the lines that the app writes. */
export const ASSEMBLY_HEADING = "Assembly";

/**
 * The pattern with the places of one part settled by lines of their own: a line that settled the same piece
 * before is replaced, the others stay as they are. Nothing else of the text changes.
 */
export function settlePlace(text: string, figure: Figure, place: Place): string {
  const sentence = placeSentence(figure, place);
  if (sentence === undefined) return text;
  const lines = text.replace(/\s+$/, "").split("\n");
  const key = sentence.slice(0, sentence.indexOf(" to the "));
  const before = lines.findIndex((l) => l.startsWith(`${key} to the `));
  if (before >= 0) {
    lines[before] = sentence;
    return `${lines.join("\n")}\n`;
  }
  const heading = lines.findIndex((l) => l.trim().toLowerCase() === ASSEMBLY_HEADING.toLowerCase());
  if (heading < 0) return `${lines.join("\n")}\n\n${ASSEMBLY_HEADING}\n${sentence}\n`;
  let end = heading + 1;
  while (end < lines.length && lines[end]?.trim() !== "") end++;
  lines.splice(end, 0, sentence);
  return `${lines.join("\n")}\n`;
}
