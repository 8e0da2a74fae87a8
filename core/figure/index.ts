export { assemble, type Moved, type Figure, type Put, type PutEye } from "./assemble";
export { figureOf, type FigurePart } from "./figure";
export { facesOf, type Facet } from "./facets";
export { reachSize, roundsToReach, type Reach } from "./reach";
export { withEvenRounds } from "./even-rounds";
export { withEyes } from "./eyes-said";
export { raster, type Raster, type Shot, type View } from "./raster";
export { lookingFrom } from "./view";
export { placedWords } from "./words";
export { placeNear } from "./near";
export { drawing } from "./drawing";
export {
  standing,
  hanging,
  sizeOfFigure,
  type FigureSize,
  type Standing,
  type Hanging,
  type Weights,
} from "./stand";
export { pieceName, placeSentence, settlePlace } from "./settle";
export { MAKING_UP } from "./reading/words";
export type { Place } from "./place";
export type { Points, Said, Side } from "./said";
export type { Piece } from "./resolve";
