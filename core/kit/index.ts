export { chanceShort, reserveCurve, reserveOf, STRANGERS } from "./reserve";
export { turnsFor, windingOf } from "./winding";
export { turnOf, learnWinding, NOTHING_WOUND, type LearnedWinding, type Weighed } from "./wound";
export { expectedWeight, TYPICAL_GRAMS, weighKit, type Packed } from "./packing";
export { skillOf } from "./skill";
export { KIT_PACE_SIGMA, KIT_STAGES, kitSeconds, kitTasks, type KitStage, type KitTask } from "./minutes";
