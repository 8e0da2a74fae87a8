export * from "./needs";
export * from "./plan";
export * from "./netting";
export * from "./booking";
export { DayBook, type Booked, type Job, type SpecialDays } from "./day-book";
export * from "./draws";
export * from "./outlook";
export * from "./given-work";
export * from "./calendar";
export * from "./latest";
export * from "./order";
export * from "./over-limit";
export * from "./bench";
export * from "./inspection";
export * from "./actual";
export {
  planCutting,
  checkCutting,
  newBallId,
  type CutPiece,
  type CutBall,
  type CuttingInput,
  type CuttingPlan,
  type CuttingFault,
  type Cut,
} from "./cutting";
export * from "./piece-lots";
export * from "./enough";
export * from "./take";
export * from "./capacity";
export * from "./shade-words";
export * from "./substitute";
export * from "./colourway";
export * from "./buying";
export * from "./leftovers";
