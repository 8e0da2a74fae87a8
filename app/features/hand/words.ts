import type { GivenWork } from "@core/planning/given-work";
import type { PaceKind, Stage } from "@core/estimate";

/** Stages as the screens name them. */
export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  crochet: "crochet",
  face: "eyes and face",
  filling: "filling and closing",
  sewing: "sewing on",
  ends: "ends",
  hanger: "hanger or ring",
  inspection: "inspection",
  packing: "tag and pack",
};

/** Kinds of work that have a pace of their own. */
export const KIND_WORDS: Readonly<Record<PaceKind, string>> = {
  plain: "single crochet",
  tall: "taller stitches",
  shaping: "decreases",
  chains: "chains, slip stitches",
  tiny: "tiny first rounds",
  closing: "closing over filling",
  rounds: "marking, joining, colour changes",
  face: "eyes and face",
  filling: "filling",
  sewing: "sewing on",
  ends: "ends",
  hanger: "hanger or ring",
  inspection: "inspection",
  packing: "tag and pack",
};

/** What of a piece can be given to a helper, as she reads it. */
export const GIVEN_WORDS: Readonly<Record<GivenWork, { readonly name: string; readonly what: string }>> = {
  parts: { name: "Parts", what: "crocheted, with face and filling" },
  sewing: { name: "Sewing", what: "parts put on" },
  finishing: { name: "Finishing", what: "ends, hanger, last looks, packing" },
};
