/** What of a piece can be given to somebody: parts of it, sewing them on, what comes last. */
export const GIVEN_WORK = ["parts", "sewing", "finishing"] as const;
export type GivenWork = (typeof GIVEN_WORK)[number];
