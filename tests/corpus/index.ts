import type { Case } from "./case";
import { CHANDLERS } from "./chandlers";
import { FERRYMEN } from "./ferrymen";
import { GUESTS } from "./guests";
import { HANDS } from "./hands";
import { HARBOUR } from "./harbour";
import { HANGING } from "./hanging";
import { JOINS } from "./joins";
import { ISLANDERS } from "./islanders";
import { JOURNEYMEN } from "./journeymen";
import { LAMPLIGHTERS } from "./lamplighters";
import { LOOPS } from "./loops";
import { NEIGHBOURS } from "./neighbours";
import { PEDLARS } from "./pedlars";
import { PLAIN } from "./plain";
import { QUAYSIDE } from "./quayside";
import { SAILMAKERS } from "./sailmakers";
import { STARTS } from "./starts";
import { STRANGERS } from "./strangers";
import { TRAVELLERS } from "./travellers";
import { VISITORS } from "./visitors";
import { WAYFARERS } from "./wayfarers";
import { WILD } from "./wild";

/** Every pattern of the corpus that has no slip in it. */
export const CORPUS: readonly Case[] = [
  ...PLAIN,
  ...STARTS,
  ...LOOPS,
  ...HANGING,
  ...JOINS,
  ...HANDS,
  ...WILD,
  ...GUESTS,
  ...VISITORS,
  ...STRANGERS,
  ...TRAVELLERS,
  ...WAYFARERS,
  ...JOURNEYMEN,
  ...PEDLARS,
  ...NEIGHBOURS,
  ...HARBOUR,
  ...ISLANDERS,
  ...QUAYSIDE,
  ...LAMPLIGHTERS,
  ...FERRYMEN,
  ...CHANDLERS,
  ...SAILMAKERS,
];
export type { Case, PartTruth } from "./case";
