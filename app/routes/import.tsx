import { wrap, type Remote } from "comlink";
import { Download, FileUp, Undo2, X } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { data, Form, redirect, useNavigation } from "react-router";
import styled from "styled-components";
import { z } from "zod";
import type { Route } from "./+types/import";
import { importMaterials, listImports, undoImport, type ImportYarn } from "@db/queries/imports";
import { listNotions, listYarns } from "@db/queries/materials";
import { asBalls } from "@core/planning";
import { IMPORT_FIELDS, MOST_BYTES, MOST_ROWS, readRows, readTable, type ImportField, type ImportProblem, type ImportRow, type Mapping, type Table } from "../features/materials/import";
import { MaterialsNav } from "../features/materials/nav";
import { NOTION_LABELS } from "../features/materials/schema";
import type { ImportApi } from "../workers/import.worker";
import { openWorkshop } from "../server/scope.server";
import { Badge, Button, ButtonLink, Page, PageHead, PlainTable, Row, Scroll, Sheet, SheetHead, Small, Stack } from "../ui/basics";
import { printDay } from "../ui/days";
import { Select } from "../ui/field";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Bring in, take out · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  return { imports: (await listImports(scope)).map((b) => ({ id: b.id, fileName: b.fileName, rows: b.rows, skipped: b.skipped, on: b.createdAt.toISOString().slice(0, 10), undone: b.undoneAt !== null })) };
}

const importSchema = z.object({
  intent: z.literal("import"), id: z.string().regex(/^[0-9a-f-]{36}$/), fileName: z.string().max(400), text: z.string().max(MOST_BYTES),
  mapping: z.string().max(5000).transform((t, ctx) => {
    try {
      return z.record(z.string().regex(/^\d{1,3}$/), z.enum(["", ...Object.keys(IMPORT_FIELDS)] as [string, ...string[]])).parse(JSON.parse(t)) as Mapping;
    } catch {
      ctx.addIssue({ code: "custom", message: "mapping" });
      return z.NEVER;
    }
  }),
  onlyGood: z.literal("on").optional(),
});

export async function action({ request, context }: Route.ActionArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const form = await request.formData();
  if (form.get("intent") === "undo") {
    const id = form.get("id");
    if (typeof id === "string" && /^[0-9a-f-]{36}$/.test(id)) await undoImport(scope, id);
    return redirect("/materials/import");
  }
  const got = importSchema.safeParse({ ...Object.fromEntries(form), onlyGood: form.get("onlyGood") ?? undefined });
  if (!got.success) return data({ error: "The file could not be sent whole. Choose it again." }, { status: 400 });
  // The server reads the file itself: what the page showed is not taken on trust.
  const read = readTable(got.data.text);
  if (!read.ok) return data({ error: read.why }, { status: 400 });
  const { good, problems } = readRows(read.table, got.data.mapping, { locale: workshop.locale, currency: workshop.currency, system: workshop.units });
  if (problems.length > 0 && got.data.onlyGood !== "on") return data({ error: `${new Set(problems.map((p) => p.line)).size} rows cannot be brought in. Agree to leave them out, or mend the file.` }, { status: 400 });
  if (good.length === 0) return data({ error: "No row can be brought in as it is." }, { status: 400 });
  const [yarns, notions] = await Promise.all([listYarns(scope), listNotions(scope)]);
  const key = (name: string, shade: string) => `${name.toLowerCase()}\u0000${shade.toLowerCase()}`;
  const knownYarn = new Map(yarns.map((y) => [key(y.name, y.shade), y.id]));
  const knownNotion = new Map(notions.map((n) => [n.name.toLowerCase(), n.id]));
  const byYarn = new Map<string, ImportYarn & { balls: ImportYarn["balls"][number][] }>();
  for (const row of good.filter((x) => x.kind === "yarn")) {
    const k = key(row.name, row.shade);
    const entry = byYarn.get(k) ?? { name: row.name, shade: row.shade, colour: row.colour, fibre: row.fibre, weightClass: row.weightClass, hookUm: row.hookUm, mmPer100g: row.mmPer100g, ballMg: row.packSize, ballPrice: row.packPrice, care: row.care, existing: knownYarn.get(k), balls: [] };
    // One row for several lots of a shade is the same yarn with more balls.
    for (const mg of asBalls(row.onHand, row.packSize)) entry.balls.push({ lot: row.lot, scrap: false, place: row.place, fullMg: row.packSize, price: row.packPrice, mg });
    byYarn.set(k, entry);
  }
  const byNotion = new Map<string, ReturnType<typeof notionOf>>();
  for (const row of good.filter((x) => x.kind !== "yarn")) {
    const k = row.name.toLowerCase();
    const before = byNotion.get(k);
    byNotion.set(k, before ? { ...before, onHand: before.onHand + row.onHand } : notionOf(row, knownNotion.get(k)));
  }
  await importMaterials(scope, { id: got.data.id, fileName: got.data.fileName.slice(0, 160), rows: good.length, skipped: read.table.rows.length - good.length }, [...byYarn.values()], [...byNotion.values()]);
  return redirect("/materials/import");
}

const notionOf = (row: ImportRow, existing: string | undefined) => ({ kind: row.kind as keyof typeof NOTION_LABELS, name: row.name, sizeUm: row.sizeUm ?? null, colour: /^#[0-9a-f]{6}$/i.test(row.colour) && (row.kind === "eye" || row.kind === "nose" || row.kind === "bead") ? row.colour : null, packSize: row.packSize, packPrice: row.packPrice, place: row.place, existing, onHand: row.onHand });

interface Opened {
  readonly fileName: string;
  readonly text: string;
  readonly table: Table;
  readonly mapping: Mapping;
  readonly id: string;
}
const SHOWN = 8;
const SHOWN_PROBLEMS = 100;

export default function Import({ loaderData: d, actionData }: Route.ComponentProps) {
  const r = useReading();
  const navigation = useNavigation();
  const worker = useRef<{ remote: Remote<ImportApi>; stop: () => void }>(undefined);
  const [busy, setBusy] = useState<string>();
  const [opened, setOpened] = useState<Opened>();
  const [result, setResult] = useState<{ good: readonly ImportRow[]; problems: readonly ImportProblem[] }>();
  const [wrong, setWrong] = useState<string>();
  const [agreed, setAgreed] = useState(false);
  const stop = () => {
    worker.current?.stop();
    worker.current = undefined;
    setBusy(undefined);
  };
  useEffect(() => () => worker.current?.stop(), []);
  const remote = () => {
    worker.current ??= (() => {
      const w = new Worker(new URL("../workers/import.worker.ts", import.meta.url), { type: "module" });
      return { remote: wrap<ImportApi>(w), stop: () => w.terminate() };
    })();
    return worker.current.remote;
  };
  const check = async (o: Opened) => {
    setBusy(`Reading ${o.table.rows.length} rows…`);
    setResult(await remote().rows(o.table, o.mapping, r));
    setBusy(undefined);
  };
  const open = async (file: File) => {
    setWrong(undefined);
    setOpened(undefined);
    setResult(undefined);
    setAgreed(false);
    if (file.size > MOST_BYTES) return setWrong(`The file has ${(file.size / 1e6).toFixed(1)} MB; at most ${MOST_BYTES / 1e6} MB go at once. Split it.`);
    setBusy(`Opening ${file.name}…`);
    const text = await file.text();
    const read = await remote().open(text);
    setBusy(undefined);
    if (!read.ok) return setWrong(read.why);
    const next: Opened = { fileName: file.name, text, table: read.table, mapping: read.mapping, id: crypto.randomUUID() };
    setOpened(next);
    await check(next);
  };
  const map = (column: number, field: ImportField | "") => {
    if (!opened) return;
    // A field stands for one column: choosing it here takes it from where it was.
    const mapping = Object.fromEntries(Object.entries(opened.mapping).map(([i, f]) => [i, Number(i) === column ? field : f === field ? "" : f])) as Mapping;
    const next = { ...opened, mapping };
    setOpened(next);
    setAgreed(false);
    void check(next);
  };
  const badLines = new Set(result?.problems.map((p) => p.line));
  return (
    <Page>
      <PageHead><h1>Bring in, take out</h1></PageHead>
      <MaterialsNav />
      <Stack $gap={18}>
        <Sheet aria-labelledby="in-title">
          <SheetHead><h2 id="in-title">Bring in from a CSV file</h2><Small>up to {MOST_ROWS.toLocaleString(r.locale)} rows; nothing is changed until you agree</Small></SheetHead>
          <Row>
            <FileLabel><FileUp size={17} aria-hidden /> Choose a file<input className="sr" type="file" accept=".csv,.txt,.tsv,text/csv" onChange={(e) => { const f = e.target.files?.[0]; if (f) void open(f); e.target.value = ""; }} /></FileLabel>
            <Small>Commas, semicolons or tabs; decimal commas or points. Each row a yarn with its shade, or a pack. A heading such as: name; shade; m per 100 g; ball; price; on hand; lot; place.</Small>
          </Row>
          {busy ? <Row role="status" style={{ marginTop: 12 }}><progress aria-label={busy} /> <span>{busy}</span> <Button type="button" onClick={stop}><X size={15} aria-hidden /> Cancel</Button></Row> : null}
          {wrong ?? actionData?.error ? <Wrong role="alert">{wrong ?? actionData?.error}</Wrong> : null}
        </Sheet>
        {opened ? (
          <>
            <Sheet $pad={false} aria-labelledby="columns-title">
              <Head><h2 id="columns-title">What the columns are</h2><Small>{opened.fileName}, {opened.table.rows.length} rows</Small></Head>
              <Scroll tabIndex={0} role="region" aria-label="What the columns are, table">
                <PlainTable>
                  <thead>
                    <tr>{opened.table.header.map((h, i) => (
                      <th key={i} scope="col"><div>{h || `column ${i + 1}`}</div>
                        <Select value={opened.mapping[i] ?? ""} aria-label={`Column ${h || i + 1} holds`} style={{ minWidth: 150 }} onChange={(e) => map(i, e.target.value as ImportField | "")}>
                          <option value="">leave out</option>
                          {Object.entries(IMPORT_FIELDS).map(([f, label]) => <option key={f} value={f}>{label}</option>)}
                        </Select>
                      </th>
                    ))}</tr>
                  </thead>
                  <tbody>{opened.table.rows.slice(0, SHOWN).map((row) => <tr key={row.line} style={badLines.has(row.line) ? { background: "var(--bad-ground)" } : undefined}>{opened.table.header.map((_, i) => <td key={i}>{row.cells[i]}</td>)}</tr>)}</tbody>
                </PlainTable>
              </Scroll>
            </Sheet>
            {result ? (
              <Sheet $pad={false} aria-labelledby="check-title">
                <Head>
                  <h2 id="check-title">What would be brought in</h2>
                  <Badge $tone="good">{result.good.length} rows</Badge>
                  {badLines.size > 0 ? <Badge $tone="bad">{badLines.size} cannot</Badge> : null}
                </Head>
                {result.problems.length > 0 ? (
                  <Scroll tabIndex={0} role="region" aria-label="Rows with problems, table" style={{ maxHeight: 320, overflowY: "auto" }}>
                    <PlainTable>
                      <thead><tr><th scope="col" className="num">Line</th><th scope="col">Column</th><th scope="col">It says</th><th scope="col">What is wrong</th></tr></thead>
                      <tbody>{result.problems.slice(0, SHOWN_PROBLEMS).map((p, i) => <tr key={i}><td className="num">{p.line}</td><td>{p.column}</td><td>{p.value ? `“${p.value.slice(0, 60)}”` : <Small>nothing</Small>}</td><td>{p.why}</td></tr>)}</tbody>
                    </PlainTable>
                  </Scroll>
                ) : null}
                {result.problems.length > SHOWN_PROBLEMS ? <Quiet>and {result.problems.length - SHOWN_PROBLEMS} more problems</Quiet> : null}
                <Foot>
                  <Form method="post">
                    <input type="hidden" name="intent" value="import" />
                    <input type="hidden" name="id" value={opened.id} />
                    <input type="hidden" name="fileName" value={opened.fileName} />
                    <input type="hidden" name="text" value={opened.text} />
                    <input type="hidden" name="mapping" value={JSON.stringify(opened.mapping)} />
                    {badLines.size > 0 ? <label><input type="checkbox" name="onlyGood" checked={agreed} onChange={(e) => setAgreed(e.target.checked)} /> leave the {badLines.size} {badLines.size === 1 ? "row" : "rows"} with problems out</label> : null}
                    <Button type="submit" $primary disabled={navigation.state !== "idle" || result.good.length === 0 || (badLines.size > 0 && !agreed)}>{navigation.state === "idle" ? `Bring in ${result.good.length} rows` : "Bringing in…"}</Button>
                  </Form>
                  <Small>A yarn of the same name and shade gets more balls; it is not made twice.</Small>
                </Foot>
              </Sheet>
            ) : null}
          </>
        ) : null}
        {d.imports.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="done-title">
            <Head><h2 id="done-title">Brought in so far</h2></Head>
            <PlainTable>
              <thead><tr><th scope="col">File</th><th scope="col">Day</th><th scope="col" className="num">Rows</th><th scope="col" className="num">Left out</th><th scope="col"><span className="sr">Undo</span></th></tr></thead>
              <tbody>{d.imports.map((b) => (
                <tr key={b.id}>
                  <td>{b.fileName}</td><td>{printDay(b.on, r.locale)}</td><td className="num">{b.rows}</td><td className="num">{b.skipped}</td>
                  <td className="num">{b.undone ? <Badge>taken back</Badge> : <Form method="post"><input type="hidden" name="intent" value="undo" /><input type="hidden" name="id" value={b.id} /><Button type="submit" aria-label={`Take back all of ${b.fileName}`}><Undo2 size={15} aria-hidden /> Take all back</Button></Form>}</td>
                </tr>
              ))}</tbody>
            </PlainTable>
          </Sheet>
        ) : null}
        <Sheet aria-labelledby="out-title">
          <SheetHead><h2 id="out-title">Take out</h2></SheetHead>
          <Row>
            {[["/materials.csv", "Materials, CSV"], ["/materials/balls.csv", "Balls, CSV"], ["/materials/moves.csv", "Stock book, CSV"], ["/materials/suppliers.csv", "Suppliers, CSV"], ["/materials/everything.json", "All of it, JSON"]].map(([to, label]) => <ButtonLink key={to} to={to ?? ""} reloadDocument><Download size={16} aria-hidden /> {label}</ButtonLink>)}
          </Row>
        </Sheet>
      </Stack>
    </Page>
  );
}

const FileLabel = styled.label`
  display: inline-flex; align-items: center; gap: 8px; min-height: 36px; padding: 6px 14px; border: 1px solid var(--act); border-radius: 4px; background: var(--act); color: var(--act-ink); font-weight: 560; cursor: pointer;
  &:focus-within { outline: 3px solid var(--focus); outline-offset: 2px; }
`;
const Head = styled(SheetHead)`padding: 12px 12px 0; margin: 0 0 8px; align-items: center;`;
const Foot = styled.div`padding: 12px; display: grid; gap: 8px; form { display: flex; flex-wrap: wrap; gap: 10px 18px; align-items: center; } label { display: flex; gap: 8px; align-items: center; }`;
const Quiet = styled.p`padding: 6px 12px; color: var(--soft);`;
const Wrong = styled.p`color: var(--bad); font-weight: 560; margin-top: 10px;`;
