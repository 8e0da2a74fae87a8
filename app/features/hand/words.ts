import type { Stage } from "@core/estimate";

/** Stages as the screens name them. */
export const STAGE_WORDS: Readonly<Record<Stage, string>> = { crochet: "crochet", face: "eyes and face", filling: "filling and closing", sewing: "sewing on", ends: "ends", hanger: "hanger or ring", inspection: "inspection", packing: "tag and pack" };
