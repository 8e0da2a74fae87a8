export { hourly } from "./hourly";
export { targetMargin } from "./margin";
export { marketPrice, type Market } from "./market";
export { multipleOfMaterials, USUAL_MULTIPLE } from "./multiple";
export type { School } from "./school";
