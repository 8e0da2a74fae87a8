import type { SeasonName } from "@core/shelf/demand";

/** When in the year a piece is asked for, in her words. */
export const SEASON_WORDS: Readonly<Record<SeasonName, string>> = {
  year: "all the year",
  winter: "winter holidays",
  spring: "spring and Easter",
  summer: "summer",
  autumn: "autumn",
};

/** How much of her hours she gives to what has a season. */
export const SHARES = [
  { name: "all", share: 1, label: "all my hours" },
  { name: "half", share: 0.5, label: "half of them" },
  { name: "third", share: 1 / 3, label: "a third" },
] as const;
