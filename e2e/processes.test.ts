import { execFileSync } from "node:child_process";
import { afterAll, beforeAll, expect, it } from "vitest";
import { setTimeout as wait } from "node:timers/promises";
import { openPage, Person, startSite, type Site } from "./harness";

let site: Site;
beforeAll(async () => {
  site = await startSite("processes", { processes: 2 });
});
afterAll(() => site.stop());

/** Processes that the one which holds them has begun. */
const children = (): number[] =>
  execFileSync("pgrep", ["-f", "-P", String(site.serverPid), "build/server/serve.js"], { encoding: "utf8" })
    .trim()
    .split("\n")
    .map(Number);

it("two processes answer at one port, and what one of them writes all of them know", async () => {
  expect(children()).toHaveLength(2);
  const { page, end } = await openPage(site);
  const me = new Person(page, "mouse");
  for (const name of ["Quay stall", "Tide stall"]) {
    await page.goto(`${site.url}/settings`);
    await me.settle();
    await me.fill('[name="name"]', name);
    await page.keyboard.press("Enter");
    await me.settle();
    // New connections go to either of them.
    const said = await Promise.all(
      Array.from({ length: 12 }, () =>
        fetch(`${site.url}/settings`, { headers: { connection: "close" } }).then((r) => r.text()),
      ),
    );
    expect(said.filter((html) => !html.includes(name))).toEqual([]);
  }
  await end();
});

it("one that is killed is begun again, and the other answers meanwhile", async () => {
  const [first = 0, second = 0] = children();
  process.kill(first, "SIGKILL");
  const answers: number[] = [];
  for (let k = 0; k < 20; k++) {
    const asked = { signal: AbortSignal.timeout(5000), headers: { connection: "close" } };
    answers.push(await fetch(`${site.url}/health`, asked).then((r) => r.status));
    await wait(50);
  }
  expect(new Set(answers)).toEqual(new Set([200]));
  await expect.poll(() => children().length, { timeout: 15_000 }).toBe(2);
  expect(children()).toContain(second);
});
