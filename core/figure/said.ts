/** Which way the free end of a part points, seen from the front. */
export type Points = "out" | "up" | "down" | "forward" | "back" | "side";
/**
 * Where on its host a part is. "end": at the last round, "start": at the first, whichever way up they are.
 */
export type Side =
  "front" | "back" | "sides" | "left" | "right" | "top" | "bottom" | "inside" | "start" | "end";
/** What rounds are counted from. */
export type Mark = "top" | "bottom" | "eyes" | "neck" | "edge";

/**
 * What a sentence says of where parts go. Everything it leaves open is undefined. Parts are indices into the
 * pattern's.
 */
export interface Said {
  readonly parts: readonly number[];
  /** "Wing 2": one of several. */
  readonly piece?: number;
  readonly host?: number;
  /** Rounds of the host by their written numbers; the same twice for "at round 9". */
  readonly rounds?: readonly [number, number];
  readonly from?: { readonly what: Mark; readonly rounds: number; readonly way: "above" | "below" };
  readonly side?: Side;
  /** "At the bottom, towards the front". */
  readonly toward?: "front" | "back";
  readonly low?: boolean;
  /** Stitches between the two of a pair. */
  readonly apart?: number;
  /** Stitches from the middle of the front, to the left below 0. */
  readonly off?: number;
  readonly beside?: {
    readonly what: number | "eyes";
    readonly way: "between" | "beside" | "above" | "below" | "behind";
  };
  readonly points?: Points;
  /** Flat against the host. */
  readonly lies?: boolean;
  readonly scattered?: boolean;
  /** Which way the open end of a part looks that others go on. */
  readonly opening?: "front" | "back" | "up" | "down";
  /** 1-based line of the text. */
  readonly line: number;
}
