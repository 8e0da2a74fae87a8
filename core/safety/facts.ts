import type { NotionKind } from "../fabric";

/** Whom a piece is sold for: it decides what is looked at. */
export const USES = ["decoration", "over-14", "toy-3", "toy-under-3", "pet"] as const;
export type Use = (typeof USES)[number];

/** Lengths in mm; everything as it is known from the item, nothing asked of a lab. */
export interface SafetyFacts {
  readonly use: Use;
  /** The whole piece: width, height, depth. */
  readonly whole: readonly [number, number, number];
  readonly parts: readonly {
    readonly name: string;
    readonly make: number;
    readonly size: readonly [number, number, number];
    /** Sewn on, and so torn off when it comes off; false for the main part and what is worked in. */
    readonly sewn: boolean;
  }[];
  readonly notions: readonly {
    readonly kind: NotionKind;
    readonly name: string;
    readonly sizeMm: number | undefined;
    readonly count: number;
  }[];
  /** Eyes and noses that the pattern presses on from inside. */
  readonly pressedEyes: number;
  readonly cords: readonly {
    readonly name: string;
    readonly lengthMm: number;
    /** Joined at both ends: length around. */
    readonly loop: boolean;
  }[];
  readonly filled: boolean;
  /** Filling by what it is called; undefined where none is chosen. */
  readonly filling: string | undefined;
  readonly yarns: readonly { readonly name: string; readonly fibre: string }[];
  /** Words of the pattern and its notes, for what is told and not counted. */
  readonly text: string;
}

/** "fine": nothing found by this rule; "ask": she or a lab has to look; "change": not for this use. */
export type State = "fine" | "ask" | "change";

export interface Check {
  readonly rule: string;
  readonly title: string;
  readonly state: State;
  readonly because: string;
  /** What to do in its place. */
  readonly instead?: string;
  /** Where the rule is from. */
  readonly source: string;
}

export type Rule = (facts: SafetyFacts) => Check | undefined;

export const COMMON = "Common practice, no source.";
export const LOOK_UP = "From memory: look it up before you rely on it.";

/** Sold where a child may have it, or as such. */
export const isToy = (use: Use): boolean => use === "toy-3" || use === "toy-under-3";
