import { describe, expect, it } from "vitest";
import { changedMeanwhile } from "./changed";

describe("what another tab changed meanwhile", () => {
  it("is told field by field, with both values and the version that stands", () => {
    const form = new FormData();
    for (const [k, v] of Object.entries({ id: "y", seen: "3", shade: "slate ", care: "30 °C", place: "" }))
      form.append(k, v);
    expect(
      changedMeanwhile(form, {
        id: "y",
        seen: "5",
        shade: "slate",
        care: "40 °C",
        place: "top drawer",
        wasSigmaBp: "9",
      }),
    ).toEqual({
      version: "5",
      fields: [
        { name: "care", mine: "30 °C", theirs: "40 °C" },
        { name: "place", mine: "", theirs: "top drawer" },
      ],
    });
  });
});
