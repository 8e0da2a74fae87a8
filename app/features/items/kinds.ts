export const ITEM_KINDS = [
  { value: "keychain", label: "Keychain" },
  { value: "ornament", label: "Ornament" },
  { value: "figure", label: "Figure" },
  { value: "kit", label: "Kit" },
  { value: "other", label: "Other" },
] as const;
