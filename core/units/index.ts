export * from "./quantity";
export * from "./factors";
export {
  parseNumber,
  parseLength,
  parseYarnLength,
  parseMass,
  parseDuration,
  parseMoney,
  minorDigits,
  quantityProblemText,
  type Parsed,
  type QuantityProblem,
} from "./parse";
export {
  printNumber,
  printTrimmed,
  printLength,
  printYarnLength,
  printMass,
  printDuration,
  printMoney,
  type Reading,
  type UnitSystem,
} from "./print";
export { roundUpTo, toPricePoint, proportion } from "./round";
