import { connect, type Socket } from "node:net";

const MOST_LINE = 2000;

/**
 * A connection to a device of this machine that speaks plain text lines: it says its key first, where there is one,
 * and hands on each line that it is told. `gone` is called once, when the line is cut or never came up.
 */
export function deviceLines(
  port: number,
  key: string | undefined,
  on: { readonly line: (line: string) => void; readonly gone: () => void },
): Socket {
  let rest = "";
  const socket = connect(port, "127.0.0.1", () => void (key && socket.write(`hello ${key}\n`)));
  socket.setEncoding("utf8");
  socket.on("data", (text: string) => {
    const lines = (rest + text).slice(-MOST_LINE).split("\n");
    rest = lines.pop() ?? "";
    for (const line of lines) on.line(line.trim());
  });
  socket.on("error", () => undefined);
  socket.on("close", on.gone);
  return socket;
}

/** Says one line to such a device, and waits until it was read. @throws where nobody answers */
export const tellDevice = (port: number, key: string | undefined, line: string): Promise<void> =>
  new Promise((resolve, reject) => {
    const socket = connect(port, "127.0.0.1", () => socket.end(`${key ? `hello ${key}\n` : ""}${line}\n`));
    socket.resume();
    socket.on("error", reject);
    // The device hangs up once it has read it.
    socket.on("close", () => resolve());
  });
