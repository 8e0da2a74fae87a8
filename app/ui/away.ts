import type { ShouldRevalidateFunction } from "react-router";

/** What a save answers when the server could not be reached. */
export interface Away {
  readonly away: true;
}
const isAway = (result: unknown): boolean =>
  typeof result === "object" && result !== null && "away" in result && result.away === true;

/** After a save that did not reach the server the page stays as it is: asking again would only lose it. */
export const unlessAway: ShouldRevalidateFunction = ({ actionResult, defaultShouldRevalidate }) =>
  !isAway(actionResult) && defaultShouldRevalidate;
