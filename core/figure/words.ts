import { bodyRounds } from "../fabric";
import type { Figure } from "./assemble";
import type { Place } from "./place";
import { stitchesAt } from "./resolve";

/**
 * A place as it is told: "between rounds 7 and 8 of the body, 6 sts to the right". Undefined for the main
 * part.
 */
export function placedWords(figure: Figure, place: Place): string | undefined {
  const host = place.host === undefined ? undefined : figure.pieces[place.host];
  if (!host) return undefined;
  const name = host.part.name.toLowerCase();
  if (place.on === "inside") return `inside the ${name}`;
  if (place.on !== "surface") {
    const firstOnTop = figure.firstOnTop[place.host ?? 0] ?? true;
    const upper = (place.on === "start") === firstOnTop;
    if (host.fabric.openEnd && place.on === "end") return `on the open edge of the ${name}`;
    return upper ? `on top of the ${name}` : `on the lower end of the ${name}`;
  }
  const counted = bodyRounds(host.part);
  const at = (band: number) =>
    counted[Math.max(0, Math.min(counted.length - 1, band))]?.number ?? Math.round(band) + 1;
  const whole = Math.floor(place.band + 0.25);
  const rounds =
    place.band - whole > 0.2 ? `between rounds ${at(whole)} and ${at(whole + 1)}` : `at round ${at(whole)}`;
  const off = Math.round((place.angle / 360) * stitchesAt(host, place.band) * 2) / 2;
  const turn = ((place.angle + 540) % 360) - 180;
  const side =
    Math.abs(turn) > 172
      ? "in the middle of the back"
      : off === 0
        ? "in the middle of the front"
        : `${Math.abs(off)} ${Math.abs(off) === 1 ? "st" : "sts"} ${off < 0 ? "left" : "right"} of the middle`;
  return `${rounds} of the ${name}, ${side}`;
}
