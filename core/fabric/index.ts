export {
  CLASS_GAUGE,
  HEIGHT_RATIO,
  gaugePrior,
  gaugeFromSwatch,
  type WeightClass,
  type ClassGauge,
  type Gauge,
  type SwatchGauge,
} from "./gauge";
export {
  filledShape,
  STRAIN,
  type FilledShape,
  type Firmness,
  type RingShape,
  type ShapeInput,
} from "./filled-shape";
export { bodyIndices, bodyRounds } from "./body";
export { faceOf, nearestEyeSize, type FacePlacement } from "./face";
export { fabricPart, type FabricPart, type PartForm } from "./part";
export { NOTION_KINDS, PACKAGING_KINDS, type NotionKind } from "./notion-kinds";
