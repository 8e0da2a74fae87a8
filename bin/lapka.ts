import { Misuse, print } from "./commands/common";

const USAGE = `lapka — counts, estimates, shapes, cuts and prices of small crochet figures

  lapka check FILE|- [--terms us|uk|auto] [--json]
  lapka estimate FILE|- --weight 0..7 --hook MM --metres-per-100g M [--firmness light|medium|firm] [--terms us|uk|auto] [--json]
  lapka shape --rounds 6,12,18 --width MM --height MM --firmness light|medium|firm [--json]
  lapka cut FILE|- [--json]                lengths of one shade into balls; the file is JSON
  lapka price FILE|- [--json]              what a piece costs to sell and what a price leaves; the file is JSON
  lapka sequence FILE|- [--json]           in which order a run's tasks are done, with its set-ups; the file is JSON
  lapka forecast FILE|- [--method croston|sba|tsb|ses] [--alpha A] [--beta B] [--json]
                                           what is expected of the next period; the file is numbers, oldest first
  lapka pack FILE|- [--json]               how many of what to make and bring with the hours there are; the file is JSON

  lapka backup | copies | restore FILE     copies of a workshop; each says more with a wrong word
  lapka drill                              brings the newest copy back for a trial
  lapka account list | reset NAME          who signs in here, and the way back after a lost phrase

Exit status: 0 fine, 1 the pattern has an error or no plan or price answers it all, 2 wrong use.
`;

/** Each command loads only what it needs. */
const COMMANDS: Readonly<Record<string, () => Promise<{ run: (args: string[]) => number }>>> = {
  check: () => import("./commands/check"),
  estimate: () => import("./commands/estimate"),
  shape: () => import("./commands/shape"),
  cut: () => import("./commands/cut"),
  price: () => import("./commands/price"),
  sequence: () => import("./commands/sequence"),
  forecast: () => import("./commands/forecast"),
  pack: () => import("./commands/pack"),
};

async function main(argv: string[]): Promise<number> {
  const [command, ...args] = argv;
  try {
    if (command !== undefined && /^(help|--help|-h)$/.test(command)) {
      print(USAGE);
      return 0;
    }
    const load = command === undefined || !Object.hasOwn(COMMANDS, command) ? undefined : COMMANDS[command];
    if (!load) throw new Misuse(command === undefined ? "say what to do" : `“${command}” is not a command`);
    return (await load()).run(args);
  } catch (error) {
    const wrongOption =
      error instanceof TypeError && "code" in error && String(error.code).startsWith("ERR_PARSE_ARGS");
    if (error instanceof Misuse || wrongOption) {
      process.stderr.write(`lapka: ${(error as Error).message}\n\n${USAGE}`);
      return 2;
    }
    throw error;
  }
}

// "lapka check … | head" closes the pipe: what is left unsaid is nobody's loss.
process.stdout.on("error", (error: NodeJS.ErrnoException) => {
  if (error.code === "EPIPE") process.exit(0);
  throw error;
});

void main(process.argv.slice(2)).then((code) => {
  process.exitCode = code;
});
