import { marked, type Token, type Tokens } from "marked";

/**
 * The text of a Markdown file without its marks: headings, lists, tables, bold.
 *
 * A single asterisk stays: in patterns "*sc, inc* repeat 6" is a repeat, not slanted writing. Lines stay
 * lines.
 */
export const textOfMarkdown = (source: string): string =>
  marked
    .lexer(source)
    .map(block)
    .join("")
    .replace(/\n{3,}/g, "\n\n")
    .trim();

function block(token: Token): string {
  switch (token.type) {
    case "space":
      return "\n";
    case "heading":
      return `\n${inline(token)}\n`;
    case "paragraph":
    case "text":
      return `${inline(token)}\n`;
    case "list":
      return (token as Tokens.List).items.map((item, i) => listed(token as Tokens.List, item, i)).join("");
    case "table":
      return tableText(token as Tokens.Table);
    case "blockquote":
      return ((token as Tokens.Blockquote).tokens ?? []).map(block).join("");
    case "code":
      return `${(token as Tokens.Code).text}\n`;
    case "hr":
    case "def":
      return "\n";
    default:
      return `${token.raw.replace(/<[^>]*>/g, "")}\n`;
  }
}

/** A numbered list keeps its numbers, which are rounds as often as not. */
function listed(list: Tokens.List, item: Tokens.ListItem, index: number): string {
  const number = list.ordered ? `${Number(list.start === "" ? 1 : list.start) + index}. ` : "";
  return number + item.tokens.map(block).join("").trim() + "\n";
}

const tableText = (table: Tokens.Table): string =>
  [table.header, ...table.rows].map((row) => row.map(inline).join(" | ") + "\n").join("");

function inline(token: Token | Tokens.TableCell): string {
  const inner = (token as { tokens?: Token[] }).tokens;
  if (!inner) return (token as { text?: string }).text ?? "";
  return inner.map(mark).join("");
}
function mark(token: Token): string {
  switch (token.type) {
    case "strong":
    case "del":
      return inline(token);
    case "link":
      return inline(token);
    // Its stars are the pattern's own.
    case "em":
      return token.raw.startsWith("_") ? inline(token) : `*${inline(token)}*`;
    case "br":
      return "\n";
    case "escape":
    case "codespan":
      return (token as Tokens.Codespan).text;
    case "image":
    case "html":
      return "";
    default:
      return inline(token);
  }
}
