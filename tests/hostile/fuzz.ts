import { writeFileSync } from "node:fs";
import { drawFrom, hostileText, LONGEST } from "./texts";
import { wrongWith } from "./reading";

/**
 * `npm run fuzz [-- COUNT [SEED]]`: hostile and mutated texts through the reader, seeded and bounded. A text
 * that ends the process is found in .data/fuzz-last.txt. Ends with 1 when a text threw, was answered wrongly,
 * or took longer than a second.
 */
/** A machine may hiccup once; a text that is slow is slow again. */
function again(text: string): number {
  const began = performance.now();
  wrongWith(text);
  return performance.now() - began;
}

const count = Number(process.argv[2] ?? 100_000);
const seed = Number(process.argv[3] ?? 2026);
const draw = drawFrom(seed);
let bad = 0;
let slowest = 0;
for (let i = 0; i < count; i++) {
  const text = hostileText(draw);
  writeFileSync(".data/fuzz-last.txt", text);
  const began = performance.now();
  let wrong: string[];
  try {
    wrong = wrongWith(text);
  } catch (error) {
    wrong = [`threw ${String(error)}`];
  }
  const ms = performance.now() - began;
  if (ms > 1000 && again(text) > 1000) wrong.push(`took ${Math.round(ms)} ms for ${text.length} characters`);
  slowest = Math.max(slowest, ms);
  if (wrong.length === 0) continue;
  bad++;
  if (bad <= 20)
    process.stdout.write(
      `text ${i}: ${wrong.slice(0, 3).join("; ")}\n${JSON.stringify(text.slice(0, 600))}\n`,
    );
  if (bad <= 20) writeFileSync(`.data/fuzz-${bad}.txt`, text);
}
process.stdout.write(
  `${count} texts of at most ${LONGEST} characters, seed ${seed}: ${bad} answered wrongly, slowest ${Math.round(slowest)} ms\n`,
);
process.exitCode = bad === 0 ? 0 : 1;
