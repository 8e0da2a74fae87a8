/** A distance of two shades (CIEDE2000) in words (thresholds from memory): what a buyer would see. */
export function distanceInWords(distance: number): string {
  if (distance < 2) return "hardly to be told apart";
  if (distance < 5) return "close";
  if (distance < 16) return "the same colour family";
  return "another colour";
}
