import { connect } from "./connect";
import { postMoves } from "./queries/stock";
import { transact } from "./scope";

/**
 * Posts pairs of moves, each pair in one transaction, and says each key once it is committed: a test kills it
 * in the middle. Arguments: workshop, material, first key, how many.
 */
async function main(): Promise<void> {
  const [workshopId = "", materialId = "", first = "0", many = "0"] = process.argv.slice(2);
  const { db } = connect(process.env.DATABASE_URL ?? "");
  for (let i = Number(first); i < Number(first) + Number(many); i++) {
    await transact({ db, workshopId, now: new Date() }, async (tx) => {
      await postMoves(tx, [
        { kind: "bought", materialKind: "yarn", materialId, quantity: 10, key: `kill-${i}-a` },
      ]);
      await postMoves(tx, [
        { kind: "used", materialKind: "yarn", materialId, quantity: -3, key: `kill-${i}-b` },
      ]);
    });
    process.stdout.write(`${i}\n`);
  }
  process.exit(0);
}
main().catch(() => process.exit(1));
