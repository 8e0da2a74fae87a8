import { describe, expect, it } from "vitest";
import type { Reading } from "@core/units";
import { kitSchema } from "./schema";

const METRIC: Reading = { locale: "en-IE", system: "metric", currency: "EUR" };
const IMPERIAL: Reading = { locale: "en-US", system: "imperial", currency: "USD" };
const read = (winder: string, reading: Reading) =>
  kitSchema(reading).safeParse({ intent: "kit", seen: "0", chance: "100", winder });

describe("a turn of the winder", () => {
  it.each([
    ["60", METRIC, 600],
    ["62.5", METRIC, 625],
    ["24", IMPERIAL, 610],
    ["60 cm", IMPERIAL, 600],
    ["24 in", METRIC, 610],
  ])("%s is read in her own units, or in those she writes", (text, reading, mm) => {
    expect(read(text, reading).data?.winder).toBe(mm);
  });
  it("is neither a thread nor a room", () => {
    expect(read("2", METRIC).error?.issues[0]?.message).toBe("5 cm at least.");
    expect(read("600", METRIC).error?.issues[0]?.message).toBe("5 m at most.");
    expect(read("long", METRIC).success).toBe(false);
  });
});
