import http from "node:http";
import { drawFrom, pick, SPITEFUL, type Draw } from "./texts";

export interface Wrong {
  readonly what: string;
  readonly request: string;
}
export interface Fuzzed {
  readonly sent: number;
  readonly wrong: readonly Wrong[];
  readonly slowestMs: number;
  readonly statuses: ReadonlyMap<number, number>;
}

const UUID = "01a20aa7-05a8-74eb-831c-a40a9fcf0be3";
const PATHS: readonly string[] = [
  "/",
  "/items",
  "/items.csv",
  "/items/new",
  "/items/:id",
  "/items/:id/colourways",
  "/items/:id/reasons",
  "/items/:id/pattern.txt",
  "/materials",
  "/materials/stocktake",
  "/materials/stocktake/post",
  "/materials/buy",
  "/materials/buy.csv",
  "/materials/orders/:id",
  "/materials/leftovers",
  "/materials/book",
  "/materials/suppliers",
  "/materials/import",
  "/materials/balls.csv",
  "/materials/moves.csv",
  "/materials/everything.json",
  "/materials/:id",
  "/materials/:id/reasons",
  "/runs",
  "/runs/new",
  "/runs/:id",
  "/runs/:id/cutting",
  "/runs/:id/list.csv",
  "/hand",
  "/hand/weigh",
  "/hand/time",
  "/hand/post",
  "/hand/bring",
  "/hand/swatches/:id.jpg",
  "/hand/timings.csv",
  "/scale",
  "/settings",
  "/workshops",
  "/undo",
  "/bin",
  "/health",
  "/nothing/here",
  "/account",
  "/people",
  "/trail",
  "/trail.csv",
  "/sign-in",
  "/begin",
  "/recover",
  "/join/:id",
  "/stalls",
  "/stall/:id",
  "/stall/:id/acts",
  "/stall/:id/count",
  "/bench",
  "/bench/:id",
  "/bench/:id/acts",
  "/runs/:id/order",
  "/runs/:id/inspect",
  "/items/:id/paper",
  "/items/:id/kit",
  "/items/:id/figure.png",
  "/items/:id/all.zip",
  "/items/:id/paper/pattern.pdf",
  "/items/:id/paper/tags.pdf",
  "/sell",
  "/sell/next",
  "/sell/refill",
  "/sell/lots",
  "/sell/what-if",
  "/sell/prices",
  "/sell/sold",
  "/sell/markets",
  "/sell/markets/:id",
  "/sell/places/:id/statement",
  "/sell/sold/sales.csv",
  "/calendar.ics",
  "/calendar/:id.ics",
  "/workshop/bring",
  "/workshop/sealed",
  "/healthz",
  "/readyz",
];
/** What would take a signed-in session to another workshop. */
const LEAVES = "/workshops";
const INTENTS: readonly string[] =
  "yarn notion filling swatch balls ball count post undo-move supplier delete weigh-in timing hand aside settings channel delete-channel copy mend retry line receive replan unplan start finish undo open create place move delete-place undo-move market close reopen sale undo-sale save raise kit use end-device end-others phrase codes invite revoke remove change settings calendar".split(
    " ",
  );
const FIELDS: readonly string[] =
  "id name kind pattern workshop key key-of-form seen move label back yarnId ballId madeOn startOn dueOn hookUm mmPer100g ballMg ballPrice shade colour fibre weightClass quantity onHand amount how unit lot place note hand handId itemId colourwayId part stage pieces seconds weight step lines[0].itemId lines[0].quantity lines[3].quantity days[0] days days[9999] line packs-x supplierId packSize packPrice text fileName mapping onlyGood what command basedOn slot hook strands photo laps price minOrder deliveryDays locale currency timeZone sure role forName mark now phrase code workshop to words who from counted grade".split(
    " ",
  );
const METHODS = [
  "GET",
  "GET",
  "GET",
  "POST",
  "POST",
  "POST",
  "HEAD",
  "PUT",
  "PATCH",
  "DELETE",
  "OPTIONS",
  "TRACE",
] as const;
const TYPES: readonly (string | undefined)[] = [
  "application/x-www-form-urlencoded",
  "application/x-www-form-urlencoded",
  "application/x-www-form-urlencoded",
  "application/json",
  "application/json; charset=utf-16",
  "application/zip",
  "multipart/form-data; boundary=x",
  "multipart/form-data",
  "text/plain",
  "nonsense",
  undefined,
];

/** Percent-encoded; half a character is what a browser makes of it. */
const encoded = (text: string): string => encodeURIComponent(Buffer.from(text, "utf8").toString("utf8"));

interface Made {
  readonly method: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | undefined;
}

function makeRequest(draw: Draw, base: URL, ids: readonly string[], cookie?: string): Made {
  const id = () =>
    pick(draw, [
      pick(draw, ids),
      pick(draw, ids),
      UUID,
      "x",
      "..",
      "%00",
      "constructor",
      encoded(pick(draw, SPITEFUL)).slice(0, 200),
    ]);
  const drawn = pick(draw, PATHS);
  let path = (cookie !== undefined && drawn === LEAVES ? "/items" : drawn).replaceAll(":id", id);
  if (draw(4) === 0) path += ".data";
  if (draw(3) === 0)
    path += `?${pick(draw, ["deleted", "page", "place", "hand", "aim", "item", "kind", "before", "all", "start", "_routes", "index"])}=${encoded(pick(draw, [...SPITEFUL, ...ids, "item:" + UUID, "-1", "1e9"])).slice(0, 400)}`;
  const method = pick(draw, METHODS);
  const body = method === "GET" || method === "HEAD" || method === "TRACE" ? undefined : bodyOf(draw, ids);
  const type = pick(draw, TYPES);
  const headers: Record<string, string> = {
    host: base.host,
    ...(draw(12) === 0 ? {} : { origin: base.origin }),
    ...(type === undefined ? {} : { "content-type": type }),
    ...(cookie !== undefined
      ? { cookie }
      : draw(8) === 0
        ? {
            cookie: pick(draw, [
              "lapka-workshop=x",
              `lapka-workshop=${Buffer.from(`"${UUID}"`).toString("base64")}`,
              "=",
              "a".repeat(3000),
            ]),
          }
        : {}),
    ...(draw(15) === 0 ? { "sec-fetch-site": pick(draw, ["cross-site", "none", "same-origin", "x"]) } : {}),
    ...(draw(20) === 0 ? { host: pick(draw, ["evil.test", "127.0.0.1:99999", "", "localhost"]) } : {}),
    ...(draw(20) === 0 ? { "if-none-match": '"x"', accept: "*/*" } : {}),
  };
  return { method, path, headers, body };
}

function bodyOf(draw: Draw, ids: readonly string[]): string {
  const kind = draw(10);
  if (kind === 0) return "";
  if (kind === 1)
    return pick(draw, [
      "{",
      "[]",
      "null",
      "1",
      '{"drop":true}',
      '{"basedOn":0,"slots":[{}]}',
      `{"a":${"[".repeat(2000)}`,
    ]);
  if (kind === 2) return "&".repeat(draw(2000));
  const pairs: string[] = [`intent=${pick(draw, INTENTS)}`];
  for (let i = draw(14); i >= 0; i--) {
    const value = pick(draw, [
      pick(draw, SPITEFUL),
      pick(draw, ids),
      "1",
      "0",
      "5",
      "2026-11-26",
      "2026-02-31",
      "on",
      "yarn",
      "notion",
      "#112233",
      "DK cotton",
      "g",
      "mass",
      "over",
      "1,5 g",
    ]);
    pairs.push(`${encoded(pick(draw, FIELDS))}=${encoded(value)}`);
  }
  if (draw(30) === 0) pairs.push(...Array.from({ length: draw(3000) }, () => "name=y"));
  if (draw(30) === 0) pairs.push(`lines%5B${draw(4294967295)}%5D.quantity=1`);
  return pairs.join("&");
}

const agent = new http.Agent({ keepAlive: true, maxSockets: 4 });
/** The status, or 0 when the connection ended without an answer. */
interface Answer {
  readonly status: number;
  readonly location: string;
  readonly ms: number;
  readonly body: string;
}
function send(base: URL, r: Made): Promise<Answer> {
  const began = performance.now();
  return new Promise((resolve) => {
    const end = (status: number, location = "", body = "") =>
      resolve({ status, location, ms: performance.now() - began, body });
    const headers = {
      ...r.headers,
      ...(r.body === undefined ? {} : { "content-length": String(Buffer.byteLength(r.body)) }),
    };
    let request: http.ClientRequest;
    try {
      request = http.request({
        agent,
        host: base.hostname,
        port: base.port,
        method: r.method,
        path: r.path,
        headers,
        setHost: false,
      });
    } catch {
      // No client can send this path.
      return end(-1);
    }
    request.on("response", (answer) => {
      const chunks: Buffer[] = [];
      answer.on("data", (c: Buffer) => chunks.push(c));
      answer.on("end", () =>
        end(answer.statusCode ?? 0, answer.headers.location ?? "", Buffer.concat(chunks).toString("utf8")),
      );
      answer.on("error", () => end(0));
    });
    request.on("error", () => end(0));
    request.setTimeout(30_000, () => request.destroy());
    request.end(r.body);
  });
}

/** No answer takes longer on a quiet machine. */
export const SLOW_MS = 1000;

/**
 * Mutated requests over all routes and methods, four at a time, seeded. Wrong is: a status of 500 or more, no
 * answer at all, an answer that took longer than `slowMs`, where it is given (asked again: a machine may hiccup), a
 * redirect to another site, and, for somebody who is signed in by `cookie`, an answer that has something in it that they
 * may not see.
 */
export async function fuzzRequests(
  url: string,
  ids: readonly string[],
  count: number,
  seed: number,
  as: { readonly cookie?: string; readonly unseen?: RegExp; readonly slowMs?: number } = {},
): Promise<Fuzzed> {
  const base = new URL(url);
  const { slowMs = Infinity } = as;
  const draw = drawFrom(seed);
  const wrong: Wrong[] = [];
  const statuses = new Map<number, number>();
  let slowestMs = 0;
  for (let i = 0; i < count; i += 4) {
    const made = Array.from({ length: Math.min(4, count - i) }, () =>
      makeRequest(draw, base, ids, as.cookie),
    );
    const answers = await Promise.all(made.map((r) => send(base, r)));
    for (const [k, a] of answers.entries()) {
      const r = made[k] as Made;
      const say = (what: string) =>
        wrong.push({
          what,
          request: `${r.method} ${r.path} ${JSON.stringify(r.headers)} ${String(r.body).slice(0, 500)}`,
        });
      statuses.set(a.status, (statuses.get(a.status) ?? 0) + 1);
      slowestMs = Math.max(slowestMs, a.ms);
      if (a.status === 0 && r.method !== "TRACE") say("no answer");
      else if (a.status >= 500) say(`status ${a.status}`);
      const told = as.unseen?.exec(a.body)?.[0];
      if (told !== undefined) say(`tells ${told}`);
      if (/^(\/\/|\/\\|https?:)/.test(a.location) && !a.location.startsWith(base.origin))
        say(`sent to ${a.location}`);
      if (a.ms > slowMs && (await send(base, r)).ms > slowMs) say(`took ${Math.round(a.ms)} ms`);
    }
  }
  return { sent: count, wrong, slowestMs, statuses };
}
