import { startTransition, useEffect, useState } from "react";

/** Rows that a page is sent with: more than a screen of them. */
const FIRST = 24;

/**
 * How many rows of a long list to draw: a screenful at first, so that the page is there at once, and up to
 * `most` as soon as it is. What is searched and sorted is always all of it.
 */
export function useDrawn(most: number): number {
  const [drawn, setDrawn] = useState(Math.min(FIRST, most));
  useEffect(() => {
    startTransition(() => setDrawn(most));
  }, [most]);
  return drawn;
}
