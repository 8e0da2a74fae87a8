import { Parser } from "htmlparser2";
import mammoth from "mammoth";
import { NotReadable } from "./kinds";

/** Elements that end a line. */
const LINES = new Set(["p", "h1", "h2", "h3", "h4", "h5", "h6", "li", "tr", "br"]);
const HEADING = /^h[1-6]$/;

/**
 * The text of a Word file (.docx): a line a paragraph, tables with bars between their cells, numbered lists
 * with their numbers; pictures are left out.
 *
 * @throws NotReadable for a file that is no Word file or is broken
 */
export async function textOfWord(bytes: ArrayBuffer): Promise<string> {
  const input = typeof Buffer === "undefined" ? { arrayBuffer: bytes } : { buffer: Buffer.from(bytes) };
  let html: string;
  try {
    const none = mammoth.images.imgElement(() => Promise.resolve({ src: "" }));
    html = (await mammoth.convertToHtml(input as never, { convertImage: none, ignoreEmptyParagraphs: false }))
      .value;
  } catch {
    throw new NotReadable(
      "This Word file cannot be opened: it is damaged or has a password. Save it again, or paste its text.",
    );
  }
  return textOfHtml(html);
}

/** The text of simple HTML, as mammoth makes it. */
export function textOfHtml(html: string): string {
  let text = "";
  const lists: (number | undefined)[] = [];
  let cell = 0;
  let inTable = 0;
  const newLine = () => {
    if (text !== "" && !text.endsWith("\n")) text += "\n";
  };
  const parser = new Parser({
    onopentag(name) {
      if (name === "ol" || name === "ul") lists.push(name === "ol" ? 0 : undefined);
      else if (name === "li") {
        newLine();
        const at = lists.length - 1;
        const number = lists[at];
        if (number !== undefined) {
          lists[at] = number + 1;
          text += `${number + 1}. `;
        }
      } else if (name === "table") inTable++;
      else if (name === "tr") {
        newLine();
        cell = 0;
      } else if (name === "td" || name === "th") {
        if (cell++ > 0) text = `${text.trimEnd()} | `;
      } else if (HEADING.test(name) && text !== "") text = `${text.trimEnd()}\n\n`;
    },
    ontext(t) {
      text += t.replace(/\s*\n\s*/g, " ");
    },
    onclosetag(name) {
      if (name === "ol" || name === "ul") lists.pop();
      else if (name === "table") inTable--;
      // A paragraph in a cell does not end the row; an empty one outside is an empty line.
      else if (LINES.has(name)) {
        if (inTable > 0 && name !== "tr") text += " ";
        else text = `${text.replace(/[ \t]+$/, "")}\n`;
      }
    },
  });
  parser.write(html);
  parser.end();
  return text
    .replace(/[ \t]+\n/g, "\n")
    .replace(/\n{3,}/g, "\n\n")
    .trim();
}
