import { promisify } from "node:util";
import { strFromU8, strToU8, unzip, zip, type Unzipped, type UnzipOptions, type Zippable } from "fflate";
import sharp from "sharp";
import type { Scope } from "@db/scope";
import { workshopJsonSchema, type Photos, type WorkshopFile } from "@db/transfer/file";
import { NotAWorkshop, readWorkshopFile } from "@db/transfer/in";
import { workshopFile } from "@db/transfer/out";
import { TABLES } from "@db/transfer/tables";
import { csvText } from "../../server/csv.server";
import { reencoded } from "../../server/picture.server";

const README = `A workshop as one file.

workshop.json        everything, as workshop.schema.json describes it; Lapka brings it in again
workshop.schema.json JSON Schema, draft 2020-12
photos/              pictures of swatches
csv/                 the same tables for a spreadsheet; they are not read back

Money is in minor units of the workshop's currency, weights in mg, lengths in mm (hooks in um), times in seconds.
People and what they sign in with are not in it.
`;

const packed = promisify(
  zip as (data: Zippable, o: object, done: (e: Error | null, d: Uint8Array) => void) => void,
);
const opened = promisify(
  unzip as (data: Uint8Array, o: UnzipOptions, done: (e: Error | null, d: Unzipped) => void) => void,
);

/** A whole workshop as a ZIP of open formats. Packing is done beside the thread that answers. */
export async function workshopZip(scope: Scope): Promise<Uint8Array> {
  const { file, photos } = await workshopFile(scope);
  const stored = Object.entries(photos).map(([at, bytes]) => [at, [bytes, { level: 0 }]] as const);
  const tables = TABLES.map(
    (t) => [`csv/${t.name}.csv`, strToU8(csvOf(t.columns, file.tables[t.name] ?? []))] as const,
  );
  return packed(
    {
      "README.txt": strToU8(README),
      "workshop.json": strToU8(JSON.stringify(file)),
      "workshop.schema.json": strToU8(JSON.stringify(workshopJsonSchema(), null, 1)),
      ...Object.fromEntries(tables),
      ...(Object.fromEntries(stored) as Zippable),
    },
    { level: 6 },
  );
}

function csvOf(columns: (typeof TABLES)[number]["columns"], rows: WorkshopFile["tables"][string]): string {
  const names = columns.map(([name]) => name);
  const cell = (v: unknown) =>
    typeof v === "number"
      ? v
      : v === null || v === undefined
        ? ""
        : typeof v === "string"
          ? v
          : JSON.stringify(v);
  return csvText(
    names,
    rows.map((r) => names.map((n) => cell(r[n]))),
  );
}

/** What a ZIP may come to when it is opened. */
const MOST_JSON = 160_000_000;
const MOST_PHOTO = 2_000_000;
const MOST_PHOTOS = 4000;

/** Opens a ZIP: only what a workshop has in it, and no more than it says. @throws NotAWorkshop */
export async function readWorkshopZip(bytes: Uint8Array): Promise<{ file: WorkshopFile; photos: Photos }> {
  let pictures = 0;
  const wanted = (name: string, size: number): boolean => {
    if (name === "workshop.json") return size <= MOST_JSON;
    return /^photos\/[0-9a-f-]{36}\.jpg$/.test(name) && size <= MOST_PHOTO && ++pictures <= MOST_PHOTOS;
  };
  let files: Unzipped;
  try {
    files = await opened(bytes, { filter: (f) => wanted(f.name, f.originalSize) });
  } catch {
    throw new NotAWorkshop(
      "This file cannot be opened as a ZIP. It may be cut off: take it from Lapka again.",
    );
  }
  const { "workshop.json": json, ...rest } = files;
  if (!json) throw new NotAWorkshop("There is no workshop.json in this ZIP, or it is too large.");
  const photos = await cleaned(rest);
  return { file: readWorkshopFile(parsed(json), photos), photos };
}

function parsed(json: Uint8Array): unknown {
  try {
    return JSON.parse(strFromU8(json));
  } catch {
    throw new NotAWorkshop("The workshop.json in this ZIP is no JSON: it was changed or cut off.");
  }
}

/**
 * A picture of ours is taken as it is; any other is written anew, so that nothing but its pixels comes along.
 * @throws NotAWorkshop
 */
async function cleaned(files: Unzipped): Promise<Photos> {
  const out: Record<string, Uint8Array> = {};
  for (const [name, bytes] of Object.entries(files)) {
    const about = await sharp(bytes)
      .metadata()
      .catch(() => undefined);
    const plain = about?.format === "jpeg" && !about.exif && !about.xmp && !about.iptc;
    const kept = plain ? bytes : await reencoded(bytes);
    if (!kept) throw new NotAWorkshop(`The picture ${name} cannot be opened.`);
    out[name] = kept;
  }
  return out;
}
