import { data } from "react-router";
import type { Route } from "./+types/item-text";
import { PLAIN_STYLE, printPattern } from "@core/notation";
import { findItem } from "@db/queries/items";
import { measuresOf } from "../features/figure/picture.server";
import { openItem } from "../features/items/load.server";
import { kitFile, kitHandedOn, kitOf } from "../features/kit/kit.server";
import { itemFile } from "../features/paper/item-file";
import { itemPaper } from "../features/paper/paper.server";
import { fileResponse } from "../server/file.server";
import { openWorkshop, type Opened } from "../server/scope.server";

/** A pattern as a file: as she typed it (.txt), counted and in her terms (.md), or with all that is reckoned (.json). */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const { pathname } = new URL(request.url);
  if (pathname.endsWith(".txt")) return asTyped(opened, params.id);
  return reckoned(opened, params.id, pathname.endsWith(".md") ? "md" : "json");
}

/** Nothing is read or reckoned for it: a pattern that cannot be is saved all the same. */
async function asTyped({ scope }: Opened, id: string): Promise<Response> {
  const entry = await findItem(scope, id);
  if (!entry) throw data(null, { status: 404 });
  return fileResponse(entry.revision.pattern, {
    name: entry.item.name,
    ending: "txt",
    type: "text/plain; charset=utf-8",
  });
}

async function reckoned({ scope, workshop }: Opened, id: string, as: "md" | "json"): Promise<Response> {
  const opened = await openItem(scope, workshop, id);
  if (!opened?.got.ok) throw data(null, { status: 404 });
  const { entry, got, name, surroundings: s } = opened;
  const { value } = got;
  if (as === "md") {
    const style = { ...PLAIN_STYLE, terms: value.checked.terms, format: "markdown" } as const;
    const text = printPattern(value.checked, entry.revision.pattern, style);
    return fileResponse(text, { name, ending: as, type: "text/markdown; charset=utf-8" });
  }
  const [measures, kit] = await Promise.all([measuresOf(entry, value), kitHandedOn(scope, entry.item.id)]);
  const item = itemPaper(entry, value, s, workshop, measures);
  const file = itemFile(item, kit && kitFile(kitOf(entry, value, s, kit), kit));
  return fileResponse(`${JSON.stringify(file, null, 2)}\n`, {
    name,
    ending: as,
    type: "application/json; charset=utf-8",
  });
}
