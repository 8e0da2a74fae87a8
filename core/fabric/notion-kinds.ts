/**
 * What a piece may take besides yarn. The one list: the database's column, the screens' labels and the
 * figures follow it. A new one goes to the end, where the database puts it without touching what is there.
 */
export const NOTION_KINDS = [
  "eye",
  "nose",
  "ring",
  "filling",
  "packaging",
  "other",
  "washer",
  "bead",
  "bell",
  "jump-ring",
  "hook",
  "pin",
  "cord",
  "tag",
  "bag",
  "box",
  "label",
] as const;
export type NotionKind = (typeof NOTION_KINDS)[number];

/** Goes around the piece and not into it. */
export const PACKAGING_KINDS: ReadonlySet<NotionKind> = new Set<NotionKind>([
  "packaging",
  "tag",
  "bag",
  "box",
  "label",
]);
