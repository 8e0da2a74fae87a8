import { openPage, startSite, Person } from "./harness";
const site = await startSite("zzshot");
async function shot(path: string, file: string, view = {}, full = false) {
  const { page } = await openPage(site, view);
  const me = new Person(page, "mouse");
  await page.goto(site.url + path);
  await me.settle();
  await page.screenshot({ path: `/tmp/s-${file}.png` as `${string}.png`, fullPage: full });
  return page;
}
const p = await shot("/sell/commissions", "list");
const links = await p.$$eval("main tbody a", (a) => a.map((x) => x.getAttribute("href") ?? ""));
console.log(links);
await shot(links[1] ?? "", "one", {}, true);
await shot(links[1] ?? "", "one-390", { width: 390, height: 844 }, true);
await shot(links[0] ?? "", "ready-dark", { dark: true });
await shot("/", "today");
await shot("/sell", "shelf");
const pdf = await (await fetch(`${site.url}${links[1]}/quote.pdf`)).arrayBuffer();
(await import("node:fs")).writeFileSync("/tmp/quote.pdf", Buffer.from(pdf));
await site.stop();
process.exit(0);
