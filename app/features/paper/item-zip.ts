import { strToU8, zipSync } from "fflate";
import { PLAIN_STYLE, printPattern } from "@core/notation";
import type { ItemPaper } from "./input";
import { itemFileJsonSchema, type KitFile } from "../items/item-file-schema";
import { itemFile } from "./item-file";

/** Pictures and sheets that go along, by file name. */
export type Along = Readonly<Record<string, Uint8Array>>;

/**
 * An item and its kit with everything to hand on, as one ZIP of open formats: text, Markdown, JSON with its
 * schema, pictures, sheets.
 */
export function itemZip(item: ItemPaper, along: Along, kit?: KitFile): Uint8Array {
  const style = { ...PLAIN_STYLE, terms: item.checked.terms };
  return zipSync(
    {
      "pattern.txt": strToU8(item.text),
      "pattern.md": strToU8(printPattern(item.checked, item.text, { ...style, format: "markdown" })),
      "item.json": strToU8(`${JSON.stringify(itemFile(item, kit), null, 2)}\n`),
      "item.schema.json": strToU8(`${JSON.stringify(itemFileJsonSchema(), null, 2)}\n`),
      ...along,
    },
    { level: 6 },
  );
}
