/** "6 mm from the eyes" is a distance. */
const APART = /^\s*(?:apart|from|away|above|below|under|over|between|high|wide|long)\b/i;

/**
 * The text with other eyes or noses: the size they are said to have, in the lines that speak of them. "6 mm eyes" of a
 * figure that is made half as large again are 9 mm eyes. Sizes in mm.
 */
export function withEyes(text: string, from: number, to: number): string {
  const size = new RegExp(`(?<![\\d.,])${String(from).replace(".", "[.,]")}(\\s?)mm\\b`, "gi");
  return text
    .split("\n")
    .map((line) =>
      /\b(?:eyes?|noses?)\b/i.test(line)
        ? line.replace(size, (found: string, gap: string, at: number) =>
            APART.test(line.slice(at + found.length)) ? found : `${to}${gap}mm`,
          )
        : line,
    )
    .join("\n");
}
