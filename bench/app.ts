import { spawn } from "node:child_process";

export interface RunningApp {
  /** Where it listens, without a slash at the end. */
  readonly address: string;
  readonly stop: () => Promise<void>;
}

/** The production build in a process of its own, on a free port. */
export async function startApp(databaseUrl: string): Promise<RunningApp> {
  const app = spawn(process.execPath, ["build/server/serve.js"], {
    env: { ...process.env, NODE_ENV: "production", DATABASE_URL: databaseUrl, PORT: "0", LAPKA_OPEN: "1" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  const address = await new Promise<string>((resolve, reject) => {
    app.once("exit", () => reject(new Error("the app ended before it was ready")));
    app.stdout.on("data", (c: Buffer) => {
      const m = /ready at (http:\S+)/.exec(c.toString());
      if (m?.[1]) resolve(m[1]);
    });
  });
  const stop = async () => {
    const ended = new Promise((done) => app.once("exit", done));
    app.kill("SIGTERM");
    await ended;
  };
  return { address, stop };
}
