import { cutAgainstHighs, cutTight } from "./cutting";
import { serveMany } from "./many";
import { servePages } from "./pages";
import { serveTenYears } from "./ten-years";

const say = (label: string, value: string) => console.log(`${label.padEnd(64)} ${value}`);
/** Parts by name, all of them when none is named: `npm run bench -- cutting`. */
const parts = {
  pages: servePages,
  years: serveTenYears,
  many: serveMany,
  cutting: cutAgainstHighs,
  tight: cutTight,
};
const wanted = process.argv.slice(2).filter((a): a is keyof typeof parts => a in parts);
for (const name of wanted.length > 0 ? wanted : (Object.keys(parts) as (keyof typeof parts)[]))
  await parts[name](say);
