/** One name for an item in a set of colours. */
export const wareKey = (itemId: string, colourwayId: string): string => `${itemId}:${colourwayId}`;
export const HOME = "Home";

export const MOVE_WORDS: Readonly<Record<string, string>> = {
  made: "made",
  moved: "carried",
  sold: "sold",
  returned: "came back",
  given: "given away",
  lost: "lost",
  counted: "counted",
  unravelled: "unravelled",
  undone: "taken back",
};
