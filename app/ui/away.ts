import { isRouteErrorResponse, type ShouldRevalidateFunction } from "react-router";

/** What an action answers when it was not taken and the page must stay as it is. */
export interface Refused {
  readonly refused: string;
}

/** Why an action was not taken; undefined when it was. */
export function refusalOf(result: unknown): string | undefined {
  return typeof result === "object" &&
    result !== null &&
    "refused" in result &&
    typeof result.refused === "string"
    ? result.refused
    : undefined;
}

/** What an action answered, where it was taken. */
export const taken = <T>(result: T | Refused | undefined): Exclude<T, Refused> | undefined =>
  refusalOf(result) === undefined ? (result as Exclude<T, Refused> | undefined) : undefined;

const AWAY =
  "The server did not answer, so nothing is saved yet. What you typed stays here: send it again when it is back.";
const TROUBLE =
  "Something went wrong on the server, so nothing is saved yet. What you typed stays here: try again in a moment.";

/** After an act that was not taken the page stays as it is: asking the server again would only lose it. */
export const unlessAway: ShouldRevalidateFunction = ({ actionResult, defaultShouldRevalidate }) =>
  refusalOf(actionResult) === undefined && defaultShouldRevalidate;

/**
 * An act that cannot reach the server, or that it could not do, is said beside the form: the page with what
 * was typed on it stays.
 */
export async function keepPage<T>({
  serverAction,
}: {
  serverAction: () => Promise<T>;
}): Promise<T | Refused> {
  try {
    return await serverAction();
  } catch (error) {
    if (error instanceof TypeError) return { refused: AWAY };
    if (isRouteErrorResponse(error)) {
      const why = refusalOf(error.data);
      if (why !== undefined) return { refused: why };
      if (error.status >= 500) return { refused: error.status === 503 ? AWAY : TROUBLE };
      throw error;
    }
    if (error instanceof Error) return { refused: TROUBLE };
    throw error;
  }
}
