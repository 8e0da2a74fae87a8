import path from "node:path";
import { seedDemo } from "../../demo/seed";
import { todayOf } from "../../app/server/scope.server";
import { connect } from "../../db/connect";
import { startCluster } from "./cluster";

/** `bin/cluster`: the demo on three database nodes and two app processes behind a balancer, until Ctrl-C. */
async function main(): Promise<void> {
  const dir = path.resolve(process.env.LAPKA_DATA ?? ".data", "cluster");
  process.stdout.write("Three nodes, two apps, one balancer: this takes half a minute.\n");
  const cluster = await startCluster(dir, {
    fresh: true,
    env: { LAPKA_OPEN: "1", LAPKA_DEMO: "1" },
    prepare: async (url) => {
      const { db, close } = connect(url);
      const now = new Date();
      await seedDemo(db, todayOf(now), now);
      await close();
    },
  });
  const say = (text: string) => process.stdout.write(`${text}\n`);
  say(`Lapka is ready at ${cluster.address}. Ctrl-C stops it. To try it, end a part:`);
  for (const n of cluster.nodes) say(`  ${n.name}: process ${n.pid}, port ${n.ports.sql}`);
  for (const [i, a] of cluster.apps.entries()) say(`  app${i + 1}: port ${a.port}`);
  const stop = () => void cluster.stop().then(() => process.exit(0));
  process.once("SIGINT", stop);
  process.once("SIGTERM", stop);
}

main().catch((error: unknown) => {
  process.stderr.write(`lapka: ${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
