import type { Tasks } from "./task";

/** States that are kept side by side; below it the search leaves nothing out. */
const WIDTH = 600;
const MOST_STATES = 60_000;

interface State {
  readonly done: Uint8Array;
  readonly key: string;
  readonly left: number;
  readonly setting: number;
  readonly cost: number;
  /** Lower bound of what is still to be set up. */
  readonly ahead: number;
  readonly from: State | undefined;
  /** Tasks of this block, in an order that their forerunners allow. */
  readonly block: readonly number[];
}

/**
 * Blocks of tasks that need no set-up between them, with the fewest seconds of set-up. Once a setting is
 * taken up, everything that may be done with it is: a change costs the same or less than two over a third
 * setting (colour, hook and stage are paid apart), so to leave a task for later never saves. What is left to
 * choose is the next setting: best first over the sets of tasks that are done, at most `WIDTH` of a depth.
 * `proven` when nothing was left out.
 */
export function fewestSetUps(tasks: Tasks): {
  readonly blocks: readonly (readonly number[])[];
  readonly proven: boolean;
} {
  const { n } = tasks;
  if (n === 0) return { blocks: [], proven: true };
  let layer: State[] = startsOf(tasks);
  let proven = true;
  let best: State | undefined;
  let states = 0;
  while (layer.length > 0) {
    const next = new Map<string, State>();
    for (const s of layer) {
      if (s.left === 0) {
        if (!best || s.cost < best.cost - 1e-9) best = s;
        continue;
      }
      if (best && s.cost + s.ahead >= best.cost - 1e-9) continue;
      for (const t of followers(tasks, s)) {
        const known = next.get(t.key);
        if (!known || t.cost < known.cost - 1e-9) next.set(t.key, t);
      }
    }
    states += next.size;
    layer = [...next.values()].sort((a, b) => a.cost + a.ahead - b.cost - b.ahead || a.left - b.left);
    const width = states > MOST_STATES ? 8 : WIDTH;
    if (layer.length > width) {
      proven = false;
      layer = layer.slice(0, width);
    }
  }
  const blocks: (readonly number[])[] = [];
  for (let s = best; s; s = s.from) blocks.push(s.block);
  return { blocks: blocks.reverse(), proven };
}

function startsOf(tasks: Tasks): State[] {
  const none: State = {
    done: new Uint8Array(tasks.n),
    key: "",
    left: tasks.n,
    setting: -1,
    cost: 0,
    ahead: 0,
    from: undefined,
    block: [],
  };
  return followers(tasks, none).map((s) => ({ ...s, from: undefined }));
}

/** Every setting that may be taken up next, each until nothing more can be done with it. */
function followers(tasks: Tasks, s: State): State[] {
  const open = new Map<number, number[]>();
  for (let i = 0; i < tasks.n; i++) {
    if (s.done[i] || (tasks.before[i] ?? []).some((j) => !s.done[j])) continue;
    const setting = tasks.setting[i] ?? 0;
    open.set(setting, [...(open.get(setting) ?? []), i]);
  }
  return [...open].map(([setting, first]) => {
    const done = s.done.slice();
    const block = [...first];
    for (const i of first) done[i] = 1;
    for (let k = 0; k < block.length; k++)
      for (const j of tasks.behind[block[k] ?? 0] ?? [])
        if (!done[j] && tasks.setting[j] === setting && (tasks.before[j] ?? []).every((b) => done[b])) {
          done[j] = 1;
          block.push(j);
        }
    return {
      done,
      key: `${setting}:${keyOf(done)}`,
      left: s.left - block.length,
      setting,
      cost: s.cost + (s.setting < 0 ? 0 : (tasks.change[s.setting]?.[setting] ?? 0)),
      ahead: stillToSetUp(tasks, done, setting),
      from: s.block.length > 0 ? s : undefined,
      block,
    };
  });
}

function keyOf(done: Uint8Array): string {
  let key = "";
  for (let i = 0; i < done.length; i += 15) {
    let word = 0;
    for (let b = 0; b < 15; b++) word |= (done[i + b] ?? 0) << b;
    key += String.fromCharCode(word);
  }
  return key;
}

/** Each colour, hook and stage that is still to come and is not in hand has to be taken up at least once. */
export function stillToSetUp(tasks: Tasks, done: Uint8Array | undefined, inHand: number | undefined): number {
  const left = [new Set<unknown>(), new Set<unknown>(), new Set<unknown>()] as const;
  const inside = [undefined, undefined, undefined] as unknown[];
  tasks.list.forEach((t, i) => {
    const kinds = [t.colour ?? null, t.hookMm ?? null, t.stage];
    if (inHand !== undefined && tasks.setting[i] === inHand) kinds.forEach((k, x) => (inside[x] = k));
    if (!done?.[i]) kinds.forEach((k, x) => left[x]?.add(k));
  });
  const { colour, hook, stage } = tasks.setUp;
  return [colour, hook, stage].reduce((sum, seconds, x) => {
    const set = left[x] ?? new Set();
    const free = inHand === undefined ? 1 : set.has(inside[x]) ? 1 : 0;
    return sum + seconds * Math.max(0, set.size - free);
  }, 0);
}
