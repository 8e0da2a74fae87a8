export * from "./value";
export { tensionOf, type YarnSpec, type YarnSwatch, type Tension, type SlotYarn } from "./yarn";
export { estimatePiece, hardwareOf, mainPart, type PieceInput, type PieceEstimate, type PartEstimate, type HardwareNeed } from "./piece";
