/** What a label is made by, as its form carries it: how many, and what stands in the address of a tag. */
export const LABEL_FIELDS = ["count", "batch", "code", "codeText", "c"] as const;
