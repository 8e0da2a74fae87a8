import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { findItem, listItems } from "../db/queries/items";
import { listWorkshops } from "../db/queries/workshops";
import { clickText, startSite, visit, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("went");
});
afterAll(() => site.stop());

describe("a run that is finished, beside its plan", () => {
  it("says what made the difference, to the cent, and carries it into the item’s note once", async () => {
    const { page, me, end } = await visit(site, "/runs");
    await clickText(page, "a", "Autumn market");
    await me.waitText("How it went");
    await clickText(page, "a", "How it went");
    await me.waitText("What made the difference");
    const text = await me.text();
    for (const said of ["1 × €16.50", "14 min at €13.80 an hour", "eyes not level, 1", "slower than planned"])
      expect(text).toContain(said);
    // The steps add up to what is left, as they are printed.
    const [planned = 0, ...rest] = await page.$$eval('section[aria-labelledby="steps-title"] td', (cells) =>
      cells.map((c) => Number((c.textContent ?? "").replace(/[^0-9.-]/g, "") || "0")),
    );
    const left = rest.pop() ?? 0;
    expect(rest.reduce((n, x) => n + x, planned)).toBeCloseTo(left, 6);
    expect(planned).not.toBe(left);
    await clickText(page, "button", "Into its note");
    await me.waitText("it stands in the item’s note");
    await page.goBack();
    await me.settle();
    await clickText(page, "button", "Into its note");
    await me.waitText("it stands in the item’s note");
    const [workshop] = await listWorkshops(site.db);
    const scope = { db: site.db, workshopId: workshop?.id ?? "", now: new Date() };
    const puffin = (await listItems(scope)).find((i) => i.item.name === "Puffin keychain");
    const note = (await findItem(scope, puffin?.item.id ?? ""))?.revision.note ?? "";
    expect(note.match(/Autumn market/g)).toHaveLength(1);
    expect(note).toContain(
      "10 of 12 passed; 2 of them mended in 14 min; 1 second; 1 rejected (eyes not level)",
    );
    await end();
  });

  it("says what is missing while nothing was looked at", async () => {
    const { page, me, end } = await visit(site, "/runs");
    await clickText(page, "a", "Second winter market");
    await page.waitForFunction(() => /\/runs\/[0-9a-f-]{36}$/.test(location.pathname));
    await page.goto(`${page.url()}/went`);
    await me.waitText("Nothing was looked at yet");
    await end();
  });
});
