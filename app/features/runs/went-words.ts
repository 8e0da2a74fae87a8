import { printDuration, printTrimmed, type Reading, type Seconds } from "@core/units";
import { STAGE_WORDS } from "../hand/words";
import type { LineWent } from "./went.server";

const share = (timed: number, planned: number): number => Math.round((100 * (timed - planned)) / planned);

/** "8 % slower than planned", "as planned": how the minutes of a kind of work came out. */
export function paceText(timed: number, planned: number): string {
  if (planned <= 0) return "";
  const by = share(timed, planned);
  return by === 0 ? "as planned" : `${Math.abs(by)} % ${by > 0 ? "slower" : "quicker"} than planned`;
}

/** "3 of 412 rounds begun again, Body, Rnd 9 4 times": what the table saw go wrong. */
export function slipsText({ slips }: Pick<LineWent, "slips">, r: Reading): string {
  if (!slips) return "";
  const n = (x: number) => printTrimmed(x, 0, r.locale);
  const of = slips.rounds > 0 ? ` of ${n(slips.rounds)}` : "";
  const most = slips.most ? `, most often ${slips.most.round} (${n(slips.most.times)} times)` : "";
  return `${n(slips.times)}${of} rounds begun again${most}`;
}

/** A line as one sentence for the item's note: what was made, what passed, how long it took. */
export function noteOf(l: LineWent, run: { readonly name: string; readonly on: string }, r: Reading): string {
  const n = (x: number) => printTrimmed(x, 0, r.locale);
  const passed = l.good + l.mended;
  const slow = l.stages
    .filter((s) => s.planned > 0 && Math.abs(share(s.timed, s.planned)) >= 5)
    .map((s) => `${STAGE_WORDS[s.stage]} ${paceText(s.timed, s.planned)}`);
  const parts = [
    `${n(passed)} of ${n(l.worked)} passed`,
    l.mended > 0 ? `${n(l.mended)} of them mended in ${n(l.mendingMinutes)} min` : "",
    l.seconds > 0 ? `${n(l.seconds)} second${l.seconds === 1 ? "" : "s"}` : "",
    l.rejected > 0
      ? `${n(l.rejected)} rejected (${l.reasons.map((x) => `${x.reason}${x.pieces > 1 ? ` ×${x.pieces}` : ""}`).join(", ")})`
      : "",
    l.timed > 0 ? `${printDuration(l.timed as Seconds, r)} timed, ${paceText(l.timed, l.timedPlanned)}` : "",
    ...slow,
    slipsText(l, r),
  ].filter((x) => x !== "");
  return `${run.name}, ${run.on}: ${parts.join("; ")}.`;
}
