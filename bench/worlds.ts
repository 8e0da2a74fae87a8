import { TIME_WORLDS, timeCover } from "../tests/worlds/pace";
import { YARN_WORLDS, yarnCover } from "../tests/worlds/tension";

const MAKERS = 500;
const COUNTS = [0, 3, 8, 20];
const percent = (x: number) => (100 * x).toFixed(0).padStart(3);

/**
 * How often the 90 % ranges hold a truth that is not the model's, after 0, 3, 8 and 20 measurements: of yarn
 * the mean, the next part, a run of forty and a yarn that was never measured; of minutes an item that was never timed. Behind each its width,
 * where 1 is as wide as its errors.
 */
export function printWorlds(): void {
  console.log(
    `\n90 % ranges against ${MAKERS} makers of other truths, seeded; after 0 | 3 | 8 | 20 measurements`,
  );
  console.log("yarn in a stitch: mean, next part, run of forty, another yarn, width");
  for (const w of YARN_WORLDS) {
    const cells = COUNTS.map((k) => {
      const c = yarnCover(w, k, MAKERS);
      return `${percent(c.mean)} ${percent(c.next)} ${percent(c.run)} ${percent(c.another)}  ×${c.width.toFixed(2)}`;
    });
    console.log(`  ${w.what.padEnd(52)} ${cells.join(" | ")}`);
  }
  console.log("minutes of an item that was never timed: held, width");
  for (const w of TIME_WORLDS) {
    const cells = COUNTS.map((k) => {
      const c = timeCover(w, k, MAKERS);
      return `${percent(c.inside)}  ×${c.width.toFixed(2)}`;
    });
    console.log(`  ${w.what.padEnd(52)} ${cells.join(" | ")}`);
  }
}
