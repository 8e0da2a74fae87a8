/**
 * A stopwatch by the wall clock: it runs on through a reload, sleep or a lost connection. Times are ms since
 * 1970.
 */
export interface Watch {
  /** When it was last started; undefined while it stands. */
  readonly since: number | undefined;
  /** Time gathered before that, ms. */
  readonly gathered: number;
  /** Readings at which laps were taken, ms. */
  readonly laps: readonly number[];
}
export const STOPPED: Watch = { since: undefined, gathered: 0, laps: [] };

export const elapsed = (w: Watch, now: number): number =>
  w.gathered + (w.since === undefined ? 0 : Math.max(0, now - w.since));
export const start = (w: Watch, now: number): Watch => (w.since === undefined ? { ...w, since: now } : w);
export const pause = (w: Watch, now: number): Watch =>
  w.since === undefined ? w : { ...w, since: undefined, gathered: elapsed(w, now) };
/** One piece is done. */
export const lap = (w: Watch, now: number): Watch =>
  elapsed(w, now) > (w.laps.at(-1) ?? 0) ? { ...w, laps: [...w.laps, elapsed(w, now)] } : w;
/** An interruption is cut out, never below the last lap. */
export const cut = (w: Watch, now: number, ms: number): Watch => {
  const floor = w.laps.at(-1) ?? 0;
  const left = Math.max(floor, elapsed(w, now) - ms);
  return { ...w, gathered: left, since: w.since === undefined ? undefined : now };
};
export const lapSeconds = (w: Watch): number[] =>
  w.laps.map((t, i) => Math.round((t - (w.laps[i - 1] ?? 0)) / 1000));

/** Minutes and seconds as a clock shows them. */
export function clockText(ms: number): string {
  const s = Math.floor(ms / 1000);
  const two = (n: number) => String(n).padStart(2, "0");
  return s >= 3600
    ? `${Math.floor(s / 3600)}:${two(Math.floor(s / 60) % 60)}:${two(s % 60)}`
    : `${two(Math.floor(s / 60))}:${two(s % 60)}`;
}
