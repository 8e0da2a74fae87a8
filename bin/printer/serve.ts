import { createServer, type Server, type Socket } from "node:net";
import type { Device } from "./device";

const MOST_BYTES = 4_000_000;
const MOST_LINE = 200;
const ID = /^[0-9a-z-]{1,80}$/;

/** Speaks for a device on loopback: docs/label-printer.md. */
export function servePrinter(
  device: Device,
  { port, key }: { port: number; key?: string | undefined },
): Server {
  const joined = new Set<Socket>();
  const say = (socket: Socket, line: string) => void (socket.writable && socket.write(`${line}\n`));
  const stateLine = () => `state ${device.state().word} ${device.state().left}`;
  device.onChange(() => {
    for (const s of joined) {
      if (device.state().on) say(s, stateLine());
      else s.destroy();
    }
  });
  const server = createServer((socket) => {
    let known = !key;
    const join = () => {
      // Off it answers nobody; its switch still works.
      if (!device.state().on) return;
      joined.add(socket);
      say(socket, stateLine());
    };
    socket.on("error", () => undefined);
    socket.on("close", () => joined.delete(socket));
    readLabels(socket, {
      trusted: () => known && joined.has(socket),
      line: (line) => {
        if (!known) {
          if (line !== `hello ${key}`) return void socket.destroy();
          known = true;
          return join();
        }
        const [verb, id = ""] = line.split(" ");
        if (verb === "drop" && ID.test(id)) device.drop(id);
        else if (verb !== "hello") device.obey(line);
      },
      label: (id, png) => {
        void device.take(id, png).then((became) => say(socket, `${became} ${id}`));
      },
    });
    if (known) join();
  });
  server.listen(port, "127.0.0.1", () => {
    const address = server.address();
    process.stdout.write(`printer at ${typeof address === "object" && address ? address.port : port}\n`);
  });
  return server;
}

/** Cuts a stream into lines, and into the pictures that follow a line `label ID BYTES`. What is neither ends it. */
function readLabels(
  socket: Socket,
  on: {
    readonly trusted: () => boolean;
    readonly line: (line: string) => void;
    readonly label: (id: string, png: Buffer) => void;
  },
): void {
  let rest = Buffer.alloc(0);
  let label: { readonly id: string; readonly bytes: number } | undefined;
  socket.on("data", (chunk: Buffer) => {
    rest = Buffer.concat([rest, chunk]);
    for (;;) {
      if (label) {
        if (rest.length < label.bytes) return;
        on.label(label.id, rest.subarray(0, label.bytes));
        rest = rest.subarray(label.bytes);
        label = undefined;
        continue;
      }
      const end = rest.indexOf(0x0a);
      if (end < 0) return void (rest.length > MOST_LINE && socket.destroy());
      const line = rest.subarray(0, end).toString("utf8").trim();
      rest = rest.subarray(end + 1);
      if (!line.startsWith("label ")) {
        on.line(line);
        continue;
      }
      const [, id = "", bytes = ""] = line.split(" ");
      if (!on.trusted() || !ID.test(id) || !/^\d{1,7}$/.test(bytes) || Number(bytes) > MOST_BYTES)
        return void socket.destroy();
      label = { id, bytes: Number(bytes) };
    }
  });
}
