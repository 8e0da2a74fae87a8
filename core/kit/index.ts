export {
  chanceShort,
  reserveCurve,
  reserveOf,
  STRANGERS,
  WINDING,
  WITH_HOOK,
  type ColourInput,
  type Reserve,
  type ReserveInput,
} from "./reserve";
export { turnsFor, windingOf, type Winding, type WoundFrom } from "./winding";
export { expectedWeight, TYPICAL_GRAMS, weighKit, type Packed, type Verdict, type Weighing } from "./packing";
export { skillOf, type Skill } from "./skill";
export { KIT_SECONDS, kitSeconds } from "./minutes";
