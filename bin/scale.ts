import { createServer, type Socket } from "node:net";

/**
 * A kitchen scale that ships with the app: a small stand-in for a real one. It speaks plain text lines over a
 * local stream, five a second: "stable 12.3 g" or "moving 11.9 g". It listens for lines: tare · put GRAMS ·
 * step 0.1|1 · unplug · plug. Weights move for a second before they stand still, drift slowly and flicker by
 * half a step, as real ones do.
 */
const port = Number(process.argv[2] ?? 0);
const clients = new Set<Socket>();
const state = { grams: 0, shown: 0, tare: 0, step: 0.1, drift: 0, plugged: true, putAt: 0 };
let tick = 0;

function reading(): string {
  tick++;
  // Drift: a tenth of a gram in about ten minutes, back and forth.
  state.drift = 0.05 * Math.sin(tick / 950);
  const settling = Math.max(0, 1 - (Date.now() - state.putAt) / 1000);
  const wobble = settling > 0 ? Math.sin(tick * 2.1) * state.grams * 0.15 * settling : 0;
  const noise = (((tick * 7919) % 13) - 6) / 60;
  const value = state.grams + wobble + state.drift - state.tare + noise * state.step;
  const shown = Math.round(value / state.step) * state.step;
  return `${settling > 0 ? "moving" : "stable"} ${(Math.abs(shown) < state.step / 2 ? 0 : shown).toFixed(state.step < 1 ? 1 : 0)} g step ${state.step}`;
}

function obey(line: string): void {
  const [word = "", value = ""] = line.trim().split(/\s+/);
  const n = Number(value);
  if (word === "tare") state.tare = state.grams + state.drift;
  else if (word === "put" && Number.isFinite(n) && n >= 0 && n <= 5000) {
    state.grams = n;
    state.putAt = Date.now();
  } else if (word === "step" && (n === 0.1 || n === 1)) state.step = n;
  else if (word === "unplug") {
    state.plugged = false;
    for (const c of clients) c.destroy();
  } else if (word === "plug") state.plugged = true;
}

/**
 * With a key it obeys, and shows its readings to, only who says it first: any program of the machine, also a
 * web page, can find the port.
 */
const key = process.env.LAPKA_SCALE_KEY;

function join(socket: Socket): void {
  // Who calls while it is being plugged in gets its readings too.
  if (state.plugged) clients.add(socket);
  else setTimeout(() => (state.plugged && !socket.destroyed ? clients.add(socket) : socket.destroy()), 200);
}

const server = createServer((socket) => {
  // While it is unplugged only its plug answers.
  let rest = "";
  let known = !key;
  socket.setEncoding("utf8");
  socket.on("data", (text: string) => {
    rest = (rest + text).slice(-1000);
    const lines = rest.split("\n");
    rest = lines.pop() ?? "";
    for (const l of lines) {
      if (known) obey(l);
      else if (l.trim() === `hello ${key}`) {
        known = true;
        join(socket);
      } else return socket.destroy();
    }
  });
  socket.on("error", () => undefined);
  socket.on("close", () => clients.delete(socket));
  if (known) join(socket);
});
server.listen(port, "127.0.0.1", () => {
  const address = server.address();
  process.stdout.write(`scale at ${typeof address === "object" && address ? address.port : port}\n`);
});
setInterval(() => {
  if (!state.plugged) return;
  const line = `${reading()}\n`;
  for (const c of clients) c.write(line);
}, 200);
process.on("SIGTERM", () => process.exit(0));
