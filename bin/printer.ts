import { deviceIn } from "./printer/device";
import { servePrinter } from "./printer/serve";

/**
 * A label printer that ships with the app: a small stand-in for a real one, on loopback. It speaks what
 * docs/label-printer.md says and writes each label as a PNG file. It can run out of paper, jam, and be off.
 *   bin/printer.ts PORT DIR
 */
const [port = "0", dir = ".data/labels"] = process.argv.slice(2);
const ms = Number(process.env.LAPKA_LABEL_MS ?? 700);
servePrinter(deviceIn(dir, { ms }), { port: Number(port), key: process.env.LAPKA_PRINTER_KEY });
process.on("SIGTERM", () => process.exit(0));
