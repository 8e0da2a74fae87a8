import { deviceLines, tellDevice } from "../../server/device-lines";

export interface PrinterState {
  /** `away`: it is off, or it does not answer. */
  readonly word: "ready" | "printing" | "paper" | "jam" | "away";
  /** Labels left on the roll. */
  readonly left: number;
}
export type Became = "printed" | "spoiled" | "refused" | "dropped";
export type Said =
  | { readonly kind: "state"; readonly state: PrinterState }
  | { readonly kind: "label"; readonly became: Became; readonly id: string };

/** One line of docs/label-printer.md; anything else is none. */
export function readPrinterLine(line: string): Said | undefined {
  const state = /^state (ready|printing|paper|jam) (\d{1,6})$/.exec(line);
  if (state)
    return { kind: "state", state: { word: state[1] as PrinterState["word"], left: Number(state[2]) } };
  const label = /^(printed|spoiled|refused|dropped) ([0-9a-z-]{1,80})$/.exec(line);
  return label ? { kind: "label", became: label[1] as Became, id: label[2] ?? "" } : undefined;
}

const AWAY: PrinterState = { word: "away", left: 0 };
const ANSWER_MS = 800;

export interface LabelPrinter {
  /** How it stands now; `away` where it does not say so at once. */
  readonly state: () => Promise<PrinterState>;
  /**
   * Sends one label and waits until it is known what became of it, however long the roll is empty. Undefined
   * where the line was cut meanwhile: asked again with the same id it answers, and prints nothing twice.
   * `called` is looked at now and then: once it answers true a label that has not begun is dropped.
   */
  readonly print: (
    id: string,
    png: Uint8Array,
    called: () => Promise<boolean>,
  ) => Promise<Became | undefined>;
  /** What hands do at the stand-in: "load 50", "clear". */
  readonly hand: (line: string) => Promise<void>;
}

export function printerAt(port: number, key: string | undefined): LabelPrinter {
  const join = (said: (s: Said) => void, gone: () => void) =>
    deviceLines(port, key, {
      gone,
      line: (line) => {
        const read = readPrinterLine(line);
        if (read) said(read);
      },
    });
  return {
    state: () =>
      new Promise((resolve) => {
        const end = (state: PrinterState) => {
          clearTimeout(timer);
          resolve(state);
          socket.destroy();
        };
        const timer = setTimeout(() => end(AWAY), ANSWER_MS);
        const socket = join(
          (s) => s.kind === "state" && end(s.state),
          () => end(AWAY),
        );
      }),
    print: (id, png, called) =>
      new Promise((resolve) => {
        let sent = false;
        const end = (became: Became | undefined) => {
          clearInterval(timer);
          clearTimeout(unanswered);
          resolve(became);
          socket.destroy();
        };
        const socket = join(
          (s) => {
            if (s.kind === "label") return void (s.id === id && end(s.became));
            if (sent) return;
            sent = true;
            clearTimeout(unanswered);
            socket.write(`label ${id} ${png.byteLength}\n`);
            socket.write(png);
          },
          () => end(undefined),
        );
        // Switched off it lets one in and says nothing: it is tried again.
        const unanswered = setTimeout(() => end(undefined), ANSWER_MS);
        const timer = setInterval(() => {
          void called().then(
            (off) => void (off && socket.writable && socket.write(`drop ${id}\n`)),
            () => end(undefined),
          );
        }, LOOK_MS);
      }),
    hand: (line) => tellDevice(port, key, line),
  };
}
const LOOK_MS = 1000;

/** The printer that this server was started with, if any. */
export function ownPrinter(): LabelPrinter | undefined {
  const port = Number(process.env.LAPKA_PRINTER_PORT ?? 0);
  return port > 0 ? printerAt(port, process.env.LAPKA_PRINTER_KEY) : undefined;
}
/** Whether it is the stand-in, at which the page does what hands do at a real one. */
export const isStandIn = (): boolean => process.env.LAPKA_PRINTER_REAL !== "1";
