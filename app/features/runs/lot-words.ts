/** "slate, lot 4471": a yarn and what its band says, where a piece's lots are told. */
export function lotInWords(yarn: { readonly shade: string } | undefined, lot: string | null): string {
  const shade = yarn?.shade ?? "a yarn that was deleted";
  if (lot === null) return `${shade}, a ball bought for the run`;
  return lot === "" ? `${shade}, no lot on the band` : `${shade}, lot ${lot}`;
}
