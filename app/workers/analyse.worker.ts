import { expose } from "comlink";
import type { CheckedPattern } from "@core/notation";
import { sizesOf } from "../features/items/sizes";
import { analyseItem, compareDraft, type Around, type ItemDraft } from "@core/item";

/** The item's figures away from the page: filled shapes take longer than a frame for large pieces. */
const api = {
  /** A text that the page has read already comes along, and does not go back. */
  analyse: (draft: ItemDraft, around: Around, read: CheckedPattern | undefined) => {
    const { checked, ...figures } = analyseItem(draft, around, read);
    return { ...figures, checked: read ? undefined : checked };
  },
  compare: compareDraft,
  sizes: sizesOf,
};
export type AnalyseApi = typeof api;
expose(api);
