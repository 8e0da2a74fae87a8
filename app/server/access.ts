import type { Role } from "@db/queries/accounts";

/**
 * Who may do what. `everybody`: also who has not signed in. `signed`: whoever has, also without a workshop.
 * The others are roles: `any` of them, the `bench` (helpers), the `stall`, the `work` (all but accounts), and
 * what is the owner's `own`.
 */
export type Need = "everybody" | "signed" | "any" | "bench" | "stall" | "work" | "own";

const ROLES_OF: Readonly<Record<Exclude<Need, "everybody" | "signed">, readonly Role[]>> = {
  any: ["owner", "partner", "helper", "stall"],
  bench: ["owner", "partner", "helper"],
  stall: ["owner", "partner", "stall"],
  work: ["owner", "partner"],
  own: ["owner"],
};

/** What a route asks for, to be read and to be written alike. */
const ROUTES: Readonly<Record<string, Need>> = {
  "sign-in": "everybody",
  passkey: "everybody",
  "sign-out": "signed",
  begin: "everybody",
  join: "everybody",
  recover: "everybody",
  account: "signed",
  workshops: "signed",
  people: "own",
  trail: "own",
  "workshop-zip": "own",
  "workshop-bring": "own",
  "workshop-sealed": "own",
  "workshop-delete": "own",
  "trail-csv": "own",
  // Where anybody's day begins: who has another page for that is led there.
  today: "any",
  items: "work",
  "item-new": "work",
  item: "work",
  colourways: "work",
  "item-paper": "work",
  "item-kit": "work",
  "item-revisions": "work",
  "item-sample": "work",
  materials: "work",
  stocktake: "work",
  buy: "work",
  order: "work",
  leftovers: "work",
  "stock-book": "work",
  suppliers: "work",
  import: "work",
  material: "work",
  runs: "work",
  "run-new": "work",
  "runs-calendar": "work",
  run: "work",
  cutting: "work",
  "run-order": "work",
  "run-change": "work",
  "run-hands": "work",
  "run-inspect": "work",
  "run-went": "work",
  bench: "bench",
  "bench-line": "bench",
  "bench-acts": "bench",
  hand: "bench",
  "hand-weigh": "bench",
  "hand-time": "bench",
  "hand-post": "bench",
  "swatch-photo": "bench",
  photo: "bench",
  scale: "bench",
  "scale-stream": "bench",
  "hand-bring": "work",
  "hand-csv": "work",
  sell: "work",
  "sell-next": "work",
  "sell-refill": "work",
  "sell-seasons": "work",
  lots: "work",
  "what-if": "work",
  statement: "work",
  "sell-prices": "work",
  "sell-several": "work",
  "sell-paper": "work",
  sold: "work",
  commissions: "work",
  commission: "work",
  "note-quote": "work",
  "note-receipt": "work",
  shop: "work",
  "shop-order": "work",
  "shop-slip": "work",
  printer: "work",
  "print-label": "work",
  markets: "work",
  market: "work",
  stalls: "stall",
  stall: "stall",
  "stall-acts": "stall",
  "stall-count": "stall",
  settings: "work",
  bin: "work",
  undo: "work",
  missing: "everybody",
  "not-yours": "everybody",
  "items-csv": "work",
  "item-reasons": "work",
  "item-text": "work",
  "text-markdown": "work",
  "text-json": "work",
  "ladder-svg": "work",
  "ladder-png": "work",
  "shape-svg": "work",
  "shape-png": "work",
  "figure-png": "any",
  "figure-svg": "any",
  "item-zip": "work",
  "sheet-pattern": "work",
  "sheet-position": "work",
  "sheet-kit": "work",
  "sheet-tags": "work",
  "stocktake-post": "work",
  "buy-csv": "work",
  "buy-paper": "work",
  "run-paper": "work",
  "batch-record": "work",
  "sell-signs": "work",
  "sell-list": "work",
  "sell-note": "work",
  "cupboard-csv": "work",
  "cupboard-json": "work",
  "material-reasons": "work",
  "materials-csv": "work",
  "run-csv": "work",
  "sold-csv": "work",
  "calendar-own": "work",
  // Its token says whose it is.
  "calendar-file": "everybody",
};

/** A route's name as the table has it: "routes/item-new" is "item-new". */
export const routeName = (id: string): string => id.replace(/^routes\//, "");

/** What a route asks for. One that is not in the table is the owner's: forgetting it opens nothing. */
export const needOf = (name: string): Need => (isListed(name) ? (ROUTES[name] ?? "own") : "own");
export const isListed = (name: string): boolean => Object.hasOwn(ROUTES, name);

export const mayRole = (role: Role, need: Need): boolean =>
  need === "everybody" || need === "signed" || ROLES_OF[need].includes(role);

/** Where somebody's day begins. */
export const homeOf = (role: Role): string =>
  ({ owner: "/", partner: "/", helper: "/bench", stall: "/stalls" })[role];
