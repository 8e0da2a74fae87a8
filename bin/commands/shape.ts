import { parseArgs } from "node:util";
import { filledShape, type Firmness } from "../../core/fabric";
import { mm } from "../../core/units";
import { json, Misuse, oneOf, positive, print, rounded } from "./common";

export function run(args: string[]): number {
  const { values } = parseArgs({
    args,
    options: {
      rounds: { type: "string" },
      width: { type: "string" },
      height: { type: "string" },
      firmness: { type: "string" },
      json: { type: "boolean" },
    },
  });
  const rounds = (values.rounds ?? "").split(",").map((x) => positive("rounds", x.trim()));
  if (rounds.length > 2000) throw new Misuse("--rounds takes at most 2000 rounds");
  const s = filledShape({
    rounds,
    width: mm(positive("width", values.width)),
    height: mm(positive("height", values.height)),
    firmness: oneOf<Firmness>("firmness", values.firmness, ["light", "medium", "firm"], "medium"),
  });
  const result = {
    diameterMm: rounded(s.diameter),
    heightMm: rounded(s.height),
    volumeMm3: rounded(s.volume, 1),
  };
  if (values.json) json(result);
  else
    print(
      `${result.diameterMm.toFixed(1)} mm across, ${result.heightMm.toFixed(1)} mm high, ${(result.volumeMm3 / 1000).toFixed(1)} cm³`,
    );
  return 0;
}
