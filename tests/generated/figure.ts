/**
 * Figures that are right by construction: numbers first, words afterwards. What a part is comes from here;
 * how it is told is drawn by `write.ts` from ways of writing.
 */
export interface Truth {
  /** Live stitches after the round. */
  readonly count: number;
  /** Stitches made in it, chains and slip stitches among them where the construction has them. */
  readonly made: Readonly<Record<string, number>>;
}
/** A round: what is worked, as data that every way of writing can tell, and what comes of it. */
export type Step = Truth &
  (
    | { readonly kind: "ring"; readonly n: number }
    | { readonly kind: "double" }
    | { readonly kind: "grow" | "shrink"; readonly plain: number; readonly times: number }
    | { readonly kind: "halve"; readonly times: number }
    | { readonly kind: "even"; readonly loops?: "back" | "front" }
    | { readonly kind: "oval"; readonly chain: number }
    | { readonly kind: "oval-grow"; readonly side: number }
    | { readonly kind: "row-first"; readonly chain: number }
    | { readonly kind: "row" }
    | { readonly kind: "row-shrink" }
    | { readonly kind: "spurs"; readonly between: number; readonly chain: number; readonly times: number }
    | { readonly kind: "frill"; readonly into: string }
    | { readonly kind: "join-legs"; readonly leg: number; readonly chain: number }
    | { readonly kind: "colours"; readonly first: number; readonly second: number }
  );
export interface Part {
  readonly name: string;
  readonly make: number;
  readonly shape: "ball" | "oval" | "rows" | "spurs" | "frill" | "legs" | "body" | "stripes" | "joined";
  readonly steps: readonly Step[];
  readonly colour: string | undefined;
}

export type Random = () => number;
/** A small seeded generator (mulberry32): the same seed gives the same figure everywhere. */
export function seeded(seed: number): Random {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
export const pick = <T>(r: Random, list: readonly T[]): T => list[Math.floor(r() * list.length)] as T;
const whole = (r: Random, least: number, most: number): number =>
  least + Math.floor(r() * (most - least + 1));
const sc = (count: number): Truth => ({ count, made: { sc: count } });

/** A ball or an egg: out by `n`, even, in again. */
function ball(r: Random, most: number): Step[] {
  const n = pick(r, [5, 6, 6, 6, 7, 8]);
  const steps: Step[] = [
    { kind: "ring", n, ...sc(n) },
    { kind: "double", ...sc(2 * n) },
  ];
  let live = 2 * n;
  const grow = whole(r, 1, most);
  for (let g = 1; g <= grow; g++) steps.push({ kind: "grow", plain: g, times: n, ...sc((live += n)) });
  const even = whole(r, 1, 5);
  for (let i = 0; i < even; i++)
    steps.push({ kind: "even", ...sc(live), ...(i === 0 && r() < 0.25 ? { loops: "back" as const } : {}) });
  for (let g = grow; g >= 1; g--) steps.push({ kind: "shrink", plain: g, times: n, ...sc((live -= n)) });
  if (r() < 0.7) steps.push({ kind: "halve", times: n, ...sc(n) });
  return steps;
}

function oval(r: Random): Step[] {
  const chain = whole(r, 6, 11);
  const first = 2 * (chain - 2) + 4;
  const steps: Step[] = [
    { kind: "oval", chain, count: first, made: { sc: first, ch: chain } },
    { kind: "oval-grow", side: chain - 3, ...sc(first + 6) },
  ];
  const even = whole(r, 1, 4);
  for (let i = 0; i < even; i++)
    steps.push({
      kind: "even",
      ...sc(first + 6),
      ...(i === 0 && r() < 0.5 ? { loops: "back" as const } : {}),
    });
  return steps;
}

function rows(r: Random): Step[] {
  let live = whole(r, 6, 14);
  const steps: Step[] = [
    { kind: "row-first", chain: live + 1, count: live, made: { sc: live, ch: live + 1 } },
  ];
  const even = whole(r, 1, 6);
  for (let i = 0; i < even; i++) steps.push({ kind: "row", count: live, made: { sc: live, ch: 1 } });
  while (live > 4 && r() < 0.6) {
    live -= 2;
    steps.push({ kind: "row-shrink", count: live, made: { sc: live, ch: 1 } });
  }
  return steps;
}

function spurs(r: Random): Step[] {
  const chain = whole(r, 3, 8);
  const between = pick(r, [1, 2]);
  const times = 12 / (between + 0);
  return [
    { kind: "ring", n: 6, ...sc(6) },
    { kind: "double", ...sc(12) },
    {
      kind: "spurs",
      between,
      chain,
      times,
      count: 12,
      made: { sc: 12, ch: chain * times, slst: (chain - 1) * times },
    },
    { kind: "even", ...sc(12) },
    { kind: "halve", times: 6, ...sc(6) },
  ];
}

function frill(r: Random): Step[] {
  const body = ball(r, 2).filter((s) => s.kind !== "shrink" && s.kind !== "halve" && !("loops" in s));
  const live = body[body.length - 1]?.count ?? 12;
  return [
    ...body,
    { kind: "even", loops: "back", ...sc(live) },
    { kind: "even", ...sc(live) },
    { kind: "even", ...sc(live) },
  ];
}

const NAMES =
  "Head Body Arm Ear Tail Fin Snout Wing Hat Paw Shell Beak Horn Foot Cap Base Muzzle Buoy Bell Leaf".split(
    " ",
  );
const COLOURS = ["white", "grey", "red", "dark blue", "mustard", "pink", "light green"];

/** A figure of one to three parts. */
export function figure(r: Random): Part[] {
  const names = [...NAMES].sort(() => r() - 0.5);
  const colour = () => (r() < 0.4 ? pick(r, COLOURS) : undefined);
  const part = (
    shape: Part["shape"],
    steps: readonly Step[],
    make = r() < 0.3 ? pick(r, [2, 3, 4]) : 1,
  ): Part => ({
    name: names.pop() ?? "Piece",
    make,
    shape,
    steps,
    colour: colour(),
  });
  const parts = [part("ball", ball(r, 3), 1)];
  const more = whole(r, 0, 2);
  for (let i = 0; i < more; i++) {
    const shape = pick(r, [
      "ball",
      "ball",
      "oval",
      "rows",
      "spurs",
      "frill",
      "joined",
      "stripes",
      "legs",
    ] as const);
    if (shape === "oval") parts.push(part(shape, oval(r)));
    else if (shape === "rows") parts.push(part(shape, rows(r)));
    else if (shape === "spurs") parts.push(part(shape, spurs(r), 1));
    else if (shape === "frill") parts.push(part(shape, frill(r), 1));
    else if (shape === "joined") parts.push(part(shape, joined(ball(r, 2))));
    else if (shape === "stripes") parts.push({ ...part(shape, stripes(ball(r, 2)), 1), colour: undefined });
    else if (shape === "legs") parts.push(...legs(r, part));
    else parts.push(part("ball", ball(r, 2)));
  }
  return parts;
}

/** Rounds closed with a slip stitch and begun with a chain. */
const joined = (steps: readonly Step[]): Step[] =>
  steps.map((s, i) => ({ ...s, made: { ...s.made, slst: 1, ...(i > 0 ? { ch: 1 } : {}) } }));
/** The even rounds in two colours. */
const stripes = (steps: readonly Step[]): Step[] =>
  steps.map((s) => {
    if (s.kind !== "even" || s.loops || s.count < 8) return s;
    const first = Math.floor(s.count / 3);
    return { kind: "colours", first, second: s.count - first, count: s.count, made: s.made };
  });

function legs(
  r: Random,
  part: (shape: Part["shape"], steps: readonly Step[], make?: number) => Part,
): Part[] {
  const chain = pick(r, [2, 3, 4]);
  const leg: Step[] = [
    { kind: "ring", n: 6, ...sc(6) },
    { kind: "double", ...sc(12) },
    { kind: "even", ...sc(12) },
    { kind: "even", ...sc(12) },
  ];
  const live = 24 + 2 * chain;
  const body: Step[] = [
    { kind: "join-legs", leg: 12, chain, count: live, made: { sc: live, ch: chain } },
    { kind: "even", ...sc(live) },
    { kind: "even", ...sc(live) },
  ];
  return [
    { ...part("legs", leg, 2), name: "Leg" },
    { ...part("body", body, 1), name: "Torso" },
  ];
}
