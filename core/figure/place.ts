import type { Points } from "./said";

/** Where one piece of a part goes. */
export interface Place {
  /** Index of the part in the pattern, and which of its pieces. */
  readonly part: number;
  readonly piece: number;
  /** Index of the part it goes on; undefined for the one that everything else goes on. */
  readonly host: number | undefined;
  /** On the host's surface: its counted rounds from 0, "2.5" between the third and the fourth. */
  readonly band: number;
  /** Degrees around the host, 0 in front, growing to the right as seen from the front. */
  readonly angle: number;
  /** "start", "end": sewn to that end of the host; "inside": in its opening. */
  readonly on: "surface" | "start" | "end" | "inside";
  readonly points: Points | "hang" | "along";
  readonly lies: boolean;
  /** Degrees that a part on an end leans to its side. */
  readonly lean: number;
  /** Line of the text that says so; undefined where it is guessed. */
  readonly line: number | undefined;
  /** Why there, in words. */
  readonly because: string;
}
