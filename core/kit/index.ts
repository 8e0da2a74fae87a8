export { chanceShort, reserveCurve, reserveOf, STRANGERS } from "./reserve";
export { turnsFor, windingOf } from "./winding";
export { expectedWeight, TYPICAL_GRAMS, weighKit, type Packed } from "./packing";
export { skillOf } from "./skill";
export { kitSeconds } from "./minutes";
