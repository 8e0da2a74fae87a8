import { expect, it } from "vitest";
import { goesByText } from "./goes-by";

it("says what still goes by a way of selling, and nothing where nothing does", () => {
  const none = { commissions: 0, markets: 0, places: 0, shop: false };
  expect(goesByText(none)).toBeUndefined();
  expect(goesByText({ ...none, commissions: 1 })).toContain("1 open commission.");
  expect(goesByText({ commissions: 2, markets: 1, places: 3, shop: true })).toContain(
    "2 open commissions, 1 market day, 3 places, your shop.",
  );
});
