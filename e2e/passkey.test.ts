import type { CDPSession, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { sql } from "drizzle-orm";
import { axeFinds, clickText, openPage, Person, startSite, type Site } from "./harness";

let site: Site;
let named: string;
beforeAll(async () => {
  site = await startSite("passkey", { accounts: true });
  // A passkey is bound to a name; a bare address has none.
  named = site.url.replace("127.0.0.1", "localhost");
});
afterAll(() => site.stop());
const PHRASE = "gannet velvet ladder nine";
const text = (page: Page) => page.evaluate(() => document.body.innerText);
const at = (page: Page) => new URL(page.url()).pathname;
const go = async (page: Page, to: string) => {
  await page.goto(to);
  await new Person(page, "mouse").settle();
};
const types = async (page: Page, fields: Readonly<Record<string, string>>) => {
  for (const [name, value] of Object.entries(fields))
    await new Person(page, "mouse").fill(`[name="${name}"]`, value);
};

/** The browser's own stand-in of a device that keeps passkeys and is unlocked by a finger. */
async function device(page: Page): Promise<{ cdp: CDPSession; id: string }> {
  const cdp = await page.createCDPSession();
  await cdp.send("WebAuthn.enable");
  const { authenticatorId } = await cdp.send("WebAuthn.addVirtualAuthenticator", {
    options: {
      protocol: "ctap2",
      transport: "internal",
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
  return { cdp, id: authenticatorId };
}
const longAgo = () => site.db.execute(sql`update session set proved_at = utc_timestamp(3) - interval 1 hour`);

describe("a passkey", () => {
  it("is made once it is clear who sits there, signs in, proves, and is removed", async () => {
    const { page, end } = await openPage(site, { refused: true });
    const finger = await device(page);
    const me = new Person(page, "mouse");
    await go(page, `${named}/begin`);
    await types(page, { name: "Marit", phrase: PHRASE });
    await me.press('main form button[type="submit"]');
    await me.waitText("on paper");

    // Half a day later the page asks first.
    await longAgo();
    await go(page, `${named}/account`);
    expect(await text(page)).not.toContain("Add a passkey");
    expect(await axeFinds(page)).toEqual([]);
    await types(page, { now: "barnacle waltz copper tide" });
    await clickText(page, "main button", "It is me");
    await me.waitText("do not go together");
    await types(page, { now: PHRASE });
    await clickText(page, "main button", "It is me");
    await page.waitForSelector("button ::-p-text(Add a passkey)");
    await types(page, { "key-name": "Kitchen tablet" });
    await clickText(page, "main button", "Add a passkey");
    await me.waitText("The passkey opens your account");
    expect(await text(page)).toContain("Kitchen tablet");
    expect(await axeFinds(page)).toEqual([]);
    // The same device is not taken twice.
    await clickText(page, "main button", "Add a passkey");
    await me.waitText("Nothing was signed");

    // Out, and in again without name or phrase.
    await clickText(page, "main button", "Sign out");
    await page.waitForFunction(() => location.pathname === "/sign-in");
    await go(page, `${named}/sign-in?to=%2Fitems`);
    expect(await axeFinds(page)).toEqual([]);
    await page.waitForSelector("button ::-p-text(Sign in by passkey)");
    await clickText(page, "main button", "Sign in by passkey");
    await page.waitForFunction(() => location.pathname === "/items");
    await me.waitText("Puffin");

    // Who comes in is changed by whoever shows that it is her: by the same passkey.
    await go(page, `${named}/people`);
    await types(page, { forName: "Nell" });
    await longAgo();
    await clickText(page, "main button", "Make the link");
    await me.waitText("Show first that it is you");
    // Said beside the form that was sent, and not beside each of the page.
    expect((await text(page)).split("Show first that it is you")).toHaveLength(2);
    expect(await page.$eval('[name="forName"]', (x) => (x as HTMLInputElement).value)).toBe("Nell");
    await go(page, `${named}/people`);
    await me.waitText("Is it you?");
    await clickText(page, "main button", "By passkey");
    await page.waitForFunction(() => !document.body.innerText.includes("Is it you?"));
    await types(page, { forName: "Nell" });
    await clickText(page, "main button", "Make the link");
    await me.waitText("The link for Nell");

    // Locked, it signs nothing.
    await go(page, `${named}/account`);
    await finger.cdp.send("WebAuthn.setUserVerified", { authenticatorId: finger.id, isUserVerified: false });
    await clickText(page, "main button", "Sign out");
    await page.waitForFunction(() => location.pathname === "/sign-in");
    await page.waitForSelector("button ::-p-text(Sign in by passkey)");
    await clickText(page, "main button", "Sign in by passkey");
    await me.waitText("Nothing was signed");
    expect(at(page)).toBe("/sign-in");
    await finger.cdp.send("WebAuthn.setUserVerified", { authenticatorId: finger.id, isUserVerified: true });

    // Removed, it is known no more.
    await clickText(page, "main button", "Sign in by passkey");
    await page.waitForFunction(() => location.pathname === "/");
    await go(page, `${named}/account`);
    await clickText(page, "main button", "Remove");
    await me.waitText("opens nothing any more");
    await clickText(page, "main button", "Sign out");
    await page.waitForFunction(() => location.pathname === "/sign-in");
    await page.waitForSelector("button ::-p-text(Sign in by passkey)");
    await clickText(page, "main button", "Sign in by passkey");
    await me.waitText("is not known here");
    await end();
  });

  it("is not offered at a bare address, which has no name to bind it to", async () => {
    const { page, end } = await openPage(site);
    const me = new Person(page, "mouse");
    await go(page, `${site.url}/sign-in`);
    expect(await text(page)).not.toContain("passkey");
    await types(page, { name: "Marit", phrase: PHRASE });
    await me.press('main form button[type="submit"]');
    await go(page, `${site.url}/account`);
    await me.waitText(`Open Lapka at ${named}/account`);
    await end();
  });

  it("answers nothing to what was never asked, what was answered before, and what is no answer", async () => {
    const { page, end } = await openPage(site, { refused: true });
    await go(page, `${named}/sign-in`);
    const tried = await page.evaluate(async () => {
      const send = (fields: Record<string, string>) =>
        fetch("/passkey.data", { method: "POST", body: new URLSearchParams(fields) }).then((r) => r.status);
      const said = (challenge: string) =>
        btoa(JSON.stringify({ type: "webauthn.get", challenge, origin: location.origin })).replaceAll(
          "=",
          "",
        );
      const answer = {
        id: "AAAA",
        rawId: "AAAA",
        type: "public-key",
        clientExtensionResults: {},
        response: { clientDataJSON: said("AAAA"), authenticatorData: "AAAA", signature: "AAAA" },
      };
      return [
        await send({ intent: "sign-in", answer: JSON.stringify(answer) }),
        await send({ intent: "sign-in", answer: "{}" }),
        await send({ intent: "sign-in", answer: "x".repeat(41_000) }),
        await send({ intent: "nothing" }),
      ];
    });
    expect(tried).toEqual([401, 401, 400, 400]);
    await end();
  });
});
