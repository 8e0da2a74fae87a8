import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { describe, expect, it } from "vitest";

const DIR = path.resolve("build/client/assets");
const MOST = 250_000;

interface Entry {
  readonly module: string;
  readonly imports?: readonly string[];
}
interface Manifest {
  readonly entry: Entry;
  readonly routes: Readonly<Record<string, Entry & { readonly parentId?: string }>>;
}

const manifestFile = readdirSync(DIR).find((f) => /^manifest-.*\.js$/.test(f)) ?? "";
const manifest = JSON.parse(
  readFileSync(path.join(DIR, manifestFile), "utf8")
    .replace(/^[^{]*/, "")
    .replace(/;\s*$/, ""),
) as Manifest;

/** A script and all that it imports before it runs; what is fetched on demand is not among them. */
function withImports(files: readonly string[]): ReadonlySet<string> {
  const seen = new Set<string>();
  const todo = [...files];
  for (let f = todo.pop(); f !== undefined; f = todo.pop()) {
    if (seen.has(f)) continue;
    seen.add(f);
    const text = readFileSync(path.join(DIR, f), "utf8");
    for (const [, name = ""] of text.matchAll(/(?:from|import)\s*"\.\/([^"]+)"/g)) todo.push(name);
  }
  return seen;
}
const filesOf = ({ module, imports = [] }: Entry) => [module, ...imports].map((f) => path.basename(f));

/** What comes with a route, its parents' and the entry's among it. */
function firstLoad(id: string): ReadonlySet<string> {
  const files = [...filesOf(manifest.entry), manifestFile];
  for (let at: string | undefined = id; at !== undefined; at = manifest.routes[at]?.parentId) {
    const route = manifest.routes[at];
    if (route) files.push(...filesOf(route));
  }
  return withImports(files);
}
const sizeOf = (files: ReadonlySet<string>): number =>
  [...files].reduce((s, f) => s + gzipSync(readFileSync(path.join(DIR, f))).length, 0);

describe("the scripts of a view's first load", () => {
  it("are under 250 kB, compressed, on every route", () => {
    const sizes = Object.keys(manifest.routes).map((id) => [id, sizeOf(firstLoad(id))] as const);
    expect(sizes.length).toBeGreaterThan(60);
    expect(Math.min(...sizes.map(([, n]) => n))).toBeGreaterThan(100_000);
    expect(sizes.filter(([, n]) => n > MOST)).toEqual([]);
  });
  it("leave the reader, the editor and three to those who come to need them", () => {
    const first = firstLoad("routes/item");
    expect(first.size).toBeGreaterThan(20);
    const late = readdirSync(DIR).filter((f) => /^(reader|code-editor|shape-gl|item-looks)-.*\.js$/.test(f));
    expect(late).toHaveLength(4);
    expect(late.filter((f) => first.has(f))).toEqual([]);
  });
});
