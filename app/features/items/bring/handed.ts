import { strFromU8, unzipSync } from "fflate";
import { itemFileSchema } from "../item-file-schema";
import { handedSchema, type Handed } from "./handed-schema";
import { NotReadable } from "./kinds";

/** The JSON of an item that was handed on is no larger than this. */
const LARGEST = 4_000_000;
/**
 * An item out of the ZIP that another workshop handed on.
 * @throws NotReadable for a ZIP that holds no item, or a broken one
 */
export function itemOfZip(bytes: Uint8Array): { readonly text: string; readonly handed: Handed } {
  const none = new NotReadable(
    "This ZIP holds no item (there is no item.json in it): unpack it and bring in what is inside.",
  );
  let json: Uint8Array | undefined;
  try {
    json = unzipSync(bytes, { filter: (f) => f.name === "item.json" && f.originalSize <= LARGEST })[
      "item.json"
    ];
  } catch {
    throw new NotReadable("This ZIP cannot be opened: it is damaged. Ask for it again.");
  }
  if (!json) throw none;
  const read = itemFileSchema.safeParse(parsed(strFromU8(json)));
  if (!read.success)
    throw new NotReadable(
      "The item in this ZIP cannot be read. If it comes from a newer Lapka, bring this one up to date.",
    );
  const { pattern, ...about } = read.data;
  const handed = handedSchema.safeParse(about);
  if (!handed.success) throw new NotReadable("The item in this ZIP has more in it than an item can have.");
  return { text: pattern, handed: handed.data };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
