import { afterAll, beforeAll, expect, it } from "vitest";
import { openPage, Person, startSite, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("answers");
});
afterAll(() => site.stop());

const OWN = `Head
Rnd 1: 6 pp in magic ring (6)
Rnd 2: 2 pp in each (12)
Rnd 3: (pp, inc) x 6 (18)
Rnd 4: pp in each (18)
Rnd 5: (pp, dec) x 6 (12)
Rnd 6: dec x 6 (6)`;

it("a doubt is answered once, kept with the item, and can be taken back", async () => {
  const { page, end } = await openPage(site);
  const me = new Person(page, "mouse");
  await page.goto(`${site.url}/items/new`);
  await me.settle();
  await me.fill('[name="name"]', "Own words");
  await me.fill('textarea[name="pattern"]', OWN);
  await me.press('main form button[type="submit"]');
  await me.waitText("could not be read");
  await page.waitForSelector(".cm-content");

  // With the keyboard: the list of answers opens, its first choice is the likeliest.
  await page.focus('section[aria-label="What the count found"] li button[aria-haspopup]');
  await page.keyboard.press("Enter");
  await page.waitForSelector('[role="menu"]');
  const choices = await page.$$eval('[role="menuitem"]', (all) => all.map((x) => x.textContent));
  expect(choices[0]).toBe("“pp” means single crochet (sc)");
  expect(choices.at(-1)).toBe("This line names a part");
  await page.keyboard.press("Enter");
  await me.waitText("every round adds up");
  await me.waitText("“pp” means single crochet (sc)");

  await page.keyboard.down("Control");
  await page.keyboard.press("s");
  await page.keyboard.up("Control");
  await me.waitText("saved, revision 2");
  await page.reload();
  await me.settle();
  await me.waitText("every round adds up");
  expect(await me.text("body")).not.toContain("could not be read");

  await me.press('section[aria-label="What you said of this pattern"] button');
  await me.waitText("could not be read");
  await me.waitText("not saved yet");
  await end();
});
