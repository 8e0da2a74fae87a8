import {
  advised,
  clairvoyant,
  earnedBy,
  equalShares,
  stallWorld,
  whatSoldOut,
} from "../core/shelf/stall-worlds";

const WORLDS = 100;

/**
 * A year of a stall in a hundred hidden worlds: what each rule for the week's making leaves beyond materials.
 */
export function printStalls(say: (label: string, value: string) => void): void {
  console.log(
    `\nA stall of 44 weeks in ${WORLDS} hidden worlds, beyond materials, against knowing the rates`,
  );
  const rules = {
    "what is asked for, learned": advised(2),
    "equal shares": equalShares,
    "what sold out": whatSoldOut,
  };
  const worlds = Array.from({ length: WORLDS }, (_, i) => stallWorld(i + 1));
  const best = worlds.map((w) => earnedBy(w, clairvoyant));
  const [own, ...others] = Object.entries(rules).map(([name, rule]) => ({
    name,
    earned: worlds.map((w) => earnedBy(w, rule)),
  }));
  for (const r of own ? [own, ...others] : []) {
    const share = r.earned.reduce((s, e, i) => s + e / (best[i] ?? 1) / WORLDS, 0);
    const beaten = others
      .filter((o) => o !== r)
      .map((o) => `${r.earned.filter((e, i) => e > (o.earned[i] ?? 0)).length} of ${WORLDS} over ${o.name}`);
    say(r.name, `${(100 * share).toFixed(1)} %${r === own ? `; more in ${beaten.join(", ")}` : ""}`);
  }
}
