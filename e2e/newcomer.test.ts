import { mm, milligrams, minor, printMoney, type Minor, type Reading } from "../core/units";
import { BARE_SALE } from "@core/costing";
import { piecesOf } from "../app/features/runs/cutting";
import { secondsInRun } from "../app/features/runs/line";
import { planCutting } from "../core/planning";
import { learnBatch } from "../core/calibrate";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { analyseItem } from "../core/item";
import { printMeasure } from "../app/ui/reading";
import { openPage, Person, startSite, type Hand, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("newcomer");
});
afterAll(() => site.stop());

const WRONG = `Head (slate)
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 5 (18)
Rnds 4-6: 18 sc (18)
Insert 6 mm safety eyes between rounds 4 and 5, 4 sts apart.
Rnd 7: (sc, dec) x 6 (12)
Stuff lightly.
Rnd 8: dec x 6 (6)
Fasten off and close the hole.

Ear (slate) - make 2
Rnd 1: 5 sc in magic ring (5)
Rnd 2: 5 sc (5)
Fasten off, leave a 15 cm tail for sewing.`;
const RIGHT = WRONG.replace("x 5 (18)", "x 6 (18)");
const READING: Reading = { locale: "en-IE", system: "metric", currency: "EUR" };
const plain = (s: string) => s.replace(/\u00a0/g, " ");

/** The whole of a newcomer's first evening, from an empty workshop to a buy list. */
async function path(hand: Hand): Promise<void> {
  const { page, end } = await openPage(site);
  const me = new Person(page, hand);
  await page.goto(`${site.url}/settings`);
  await me.settle();
  await me.fill("#new-workshop", `Evening ${hand}`);
  await page.keyboard.press("Enter");
  await me.waitText("Three steps to a priced run");

  // A yarn and a pack of eyes.
  await page.goto(`${site.url}/materials`);
  await me.settle();
  await me.waitText("Begin with one yarn");
  await me.press("main button:nth-of-type(1)");
  await me.fill('[name="name"]', "DK cotton");
  await me.fill('[name="shade"]', "slate");
  // Until she chooses one, the ball has the colour that its shade is called by.
  expect(await page.$eval('[name="colour"]', (el) => (el as HTMLInputElement).value)).toBe("#5f6c75");
  await me.fill('[name="fibre"]', "cotton");
  await me.fill('[name="hookUm"]', "4");
  await me.fill('[name="mmPer100g"]', "230");
  await me.fill('[name="ballMg"]', "50");
  await me.fill('[name="ballPrice"]', "two euro");
  await me.press('[role="dialog"] button[type="submit"]');
  await me.waitText("This is not a number");
  expect(await page.$eval('[name="shade"]', (el) => (el as HTMLInputElement).value)).toBe("slate");
  await me.fill('[name="ballPrice"]', "2.90");
  await me.fill('[name="onHand"]', "20");
  await me.press('[role="dialog"] button[type="submit"]');
  await page.waitForSelector('[role="dialog"]', { hidden: true });
  await me.waitText("20 g");
  await me.press('section[aria-label="Notions"] button:nth-of-type(1)');
  await me.fill('[name="name"]', "Black eyes, 6 mm");
  await me.fill('[name="sizeUm"]', "6");
  await me.fill('[name="packSize"]', "50");
  await me.fill('[name="packPrice"]', "4.95");
  await me.fill('[name="onHand"]', "10");
  await me.press('[role="dialog"] button[type="submit"]');
  await page.waitForSelector('[role="dialog"]', { hidden: true });

  // An item from a two-part pattern with one wrong count.
  await page.goto(`${site.url}/items/new`);
  await me.settle();
  await me.fill('[name="name"]', "Pebble keychain");
  await me.fill('textarea[name="pattern"]', WRONG);
  await me.press('main form button[type="submit"]');
  await me.waitText("1 to mend");
  await page.waitForSelector(".cm-content");
  await me.waitText("The round uses 10 of 12 and makes 15, but 18 is written.");
  expect(await me.text('section[aria-label="What the count found"]')).toContain("Line 4.");
  await me.press('section[aria-label="What the count found"] li button');
  await me.waitText("every round adds up");
  expect((await page.$$eval(".cm-line", (lines) => lines.map((l) => l.textContent))).join("\n")).toBe(RIGHT);
  // The eyes that the pattern asks for, then her own price.
  await me.press('section[aria-labelledby="needs-title"] td button:not([aria-haspopup])');
  await page.waitForFunction(() => !document.body.innerText.includes("the pattern asks for them"));
  await me.fill('[name="price"]', "7.50");
  await page.keyboard.down("Control");
  await page.keyboard.press("s");
  await page.keyboard.up("Control");
  await me.waitText("saved, revision 2");

  // Figures on screen equal core's.
  const yarn = {
    id: "y",
    name: "DK cotton",
    shade: "slate",
    colour: "#5d6f78",
    fibre: "cotton",
    weightClass: 3 as const,
    hookMm: mm(4),
    metresPer100g: 230,
    ballMg: milligrams(50_000),
    ballPrice: minor(290),
    deleted: false,
  };
  const eyes = {
    id: "e",
    kind: "eye" as const,
    name: "Black eyes, 6 mm",
    sizeMm: mm(6),
    packSize: 50,
    packPrice: minor(495),
    deleted: false,
  };
  const core = analyseItem(
    {
      pattern: RIGHT,
      firmness: "medium",
      hanger: true,
      slots: [{ slot: "slate", yarnId: "y", hookMm: mm(3), strands: 1 }],
      notions: [{ notionId: "e", quantity: 2 }],
    },
    {
      yarns: [yarn],
      notions: [eyes],
      money: { wagePerHour: minor(1400), overheadPerHour: minor(250), marginBp: 1000, pricePoints: [0, 50] },
      selling: BARE_SALE,
      price: 750 as Minor,
      reading: READING,
      terms: "us",
    },
  );
  const needs = await me.text('section[aria-labelledby="needs-title"]');
  expect(needs).toContain(plain(printMeasure(core.piece.seconds.value, "seconds", READING)));
  expect(needs).toContain(plain(printMeasure(core.piece.yarn[0]?.metres.value ?? 0, "metres", READING)));
  expect(needs).toContain(plain(printMeasure(core.piece.yarn[0]?.grams.value ?? 0, "grams", READING)));
  const price = await me.text('section[aria-labelledby="price-title"]');
  expect(price).toContain("€7.50");
  expect(price).toContain(plain(printMoney(core.cost.total, READING)));
  expect(price).toContain(plain(printMoney(core.pricing?.suggested ?? (0 as Minor), READING)));
  expect(price).toContain(plain(printMoney(core.earning.perHour ?? (0 as Minor), READING)));

  // A figure opens to its arithmetic and closes with Escape, focus back on it.
  await me.press('section[aria-labelledby="needs-title"] dd button');
  await me.waitText("trade average pace");
  // Its keys are heard once it holds the focus, a moment after its words are there.
  await page.waitForFunction(() =>
    document.querySelector('[role="dialog"]')?.contains(document.activeElement),
  );
  await page.keyboard.press("Escape");
  await page.waitForSelector('[role="dialog"]', { hidden: true });

  // Thirty by a date; the buy list.
  await page.goto(`${site.url}/runs/new`);
  await me.settle();
  await me.fill('[name="name"]', "Harbour fair");
  const due = new Date(Date.now() + 40 * 86_400_000).toISOString().slice(0, 10);
  await me.date('[name="dueOn"]', due);
  await me.fill('[name="lines[0].quantity"]', "30");
  await me.press('main form button[type="submit"]');
  await me.waitText("To buy");
  const buy = await me.text('section[aria-labelledby="buy-title"]');
  // Yarn is bought by its lengths: 20 g there, balls of 50 g.
  const yarnId = core.lengths[0]?.yarnId ?? "";
  const balls = planCutting({
    pieces: piecesOf(
      [{ label: "it", quantity: 30, lengths: core.lengths }],
      { yarnId, newBallMg: 50_000 },
      95,
    ),
    balls: [{ id: "there", lot: "", mg: 20_000, state: "opened" }],
    newBallMg: 50_000,
    lotRule: "item",
    joins: false,
    joinMg: 0,
    effort: 0,
    quick: true,
  }).newBalls;
  const packs = Math.ceil((60 - 10) / 50);
  expect(buy).toContain(`${balls} × 50 g`);
  expect(buy).toContain(`${packs} × 50`);
  expect(buy).toContain(plain(printMoney((balls * 290 + packs * 495) as Minor, READING)));
  const made = await me.text('section[aria-labelledby="what-title"]');
  // Thirty in a go, each doubling at the trade's 96 %: 94.4 % of thirty times the piece out of a batch of
  // ten.
  expect(made).toContain(
    plain(printMeasure(secondsInRun(core, 30, learnBatch([])).seconds * 30, "seconds", READING)),
  );
  expect(made).toContain(plain(printMoney((30 * 750) as Minor, READING)));
  await end();
}

describe("a newcomer, from an empty workshop to a buy list", () => {
  it("with the mouse", () => path("mouse"));
  it("with the keyboard alone", () => path("keyboard"));
});
