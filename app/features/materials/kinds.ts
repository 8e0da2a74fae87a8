import type { NotionKind } from "@core/fabric";

export const NOTION_LABELS: Readonly<Record<NotionKind, string>> = {
  eye: "Eyes",
  nose: "Nose",
  washer: "Washers",
  bead: "Beads",
  bell: "Bells",
  ring: "Ring or chain",
  "jump-ring": "Jump rings",
  hook: "Snap hooks",
  pin: "Pins",
  cord: "Cord or loop",
  filling: "Filling",
  tag: "Tags",
  label: "Labels",
  bag: "Bags",
  box: "Boxes",
  packaging: "Packaging",
  other: "Other",
};
/** All that is counted in pieces, in the order of the labels; filling is weighed. */
export const COUNTED_KINDS = (Object.keys(NOTION_LABELS) as NotionKind[]).filter(
  (k): k is Exclude<NotionKind, "filling"> => k !== "filling",
);
