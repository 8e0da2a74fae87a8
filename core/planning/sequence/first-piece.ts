import type { Tasks } from "./task";

/** Pieces that are tried as the first to be finished. */
const TRIED = 60;

/**
 * The same blocks with the first piece as early as they allow: for each piece, what it needs goes into the
 * earliest block of its setting and to the front of it, everything else as late as it may without a block
 * more. Blocks keep their order, and one that is emptied saves a change: the seconds of set-up grow by
 * nothing.
 */
export function earliestPiece(tasks: Tasks, blocks: readonly (readonly number[])[]): number[] {
  const settings = blocks.map((b) => tasks.setting[b[0] ?? 0] ?? 0);
  let best: { order: number[]; at: number } | undefined;
  for (let piece = 0; piece < Math.min(TRIED, tasks.pieces.length); piece++) {
    const order = forPiece(tasks, blocks, settings, piece);
    const at = doneAt(tasks, order, piece);
    if (!best || at < best.at - 1e-9) best = { order, at };
  }
  return best?.order ?? blocks.flat();
}

function doneAt(tasks: Tasks, order: readonly number[], piece: number): number {
  let clock = 0;
  let end = 0;
  order.forEach((i, k) => {
    clock += tasks.cost(order[k - 1], i) + (tasks.list[i]?.seconds ?? 0);
    if (tasks.pieceOf[i] === piece) end = clock;
  });
  return end;
}

function forPiece(
  tasks: Tasks,
  blocks: readonly (readonly number[])[],
  settings: readonly number[],
  piece: number,
): number[] {
  const flat = blocks.flat();
  const needed = new Uint8Array(tasks.n);
  for (let k = flat.length - 1; k >= 0; k--) {
    const i = flat[k] ?? 0;
    if (tasks.pieceOf[i] === piece || (tasks.behind[i] ?? []).some((j) => needed[j])) needed[i] = 1;
  }
  // Later blocks first: a task that is not needed goes into the last block of its setting that its followers
  // allow.
  const place = new Int32Array(tasks.n);
  for (let b = blocks.length - 1; b >= 0; b--)
    for (const i of [...(blocks[b] ?? [])].reverse()) {
      let latest = b;
      if (!needed[i]) {
        const bound = Math.min(blocks.length - 1, ...(tasks.behind[i] ?? []).map((j) => place[j] ?? b));
        for (let k = bound; k > b; k--)
          if (settings[k] === tasks.setting[i]) {
            latest = k;
            break;
          }
      }
      place[i] = latest;
    }
  const rank = new Map(flat.map((i, k) => [i, k]));
  const inBlock = blocks.map((): number[] => []);
  for (const i of flat) inBlock[place[i] ?? 0]?.push(i);
  return inBlock.flatMap((list) =>
    list.sort((a, b) => (needed[b] ?? 0) - (needed[a] ?? 0) || (rank.get(a) ?? 0) - (rank.get(b) ?? 0)),
  );
}
