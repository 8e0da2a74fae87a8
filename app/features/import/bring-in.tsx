import { wrap, type Remote } from "comlink";
import { FileUp, Undo2, X } from "lucide-react";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { useNavigation } from "react-router";
import styled from "styled-components";
import type { ImportApi, ImportKind, ImportKnown } from "../../workers/import.worker";
import { WorkForm } from "../../ui/form";
import { Badge, Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { Select } from "../../ui/field";
import { useReading } from "../../ui/reading";
import { MOST_BYTES, MOST_ROWS, type ColumnMapping, type ImportProblem, type Table } from "./table";

interface Opened {
  readonly fileName: string;
  readonly text: string;
  readonly table: Table;
  readonly mapping: ColumnMapping<string>;
  readonly id: string;
}
/** What the server sends of what a file is read against; the reading is the page’s own. */
type WithoutReading<T> = T extends unknown ? Omit<T, "reading"> : never;
const SHOWN = 8;
const SHOWN_PROBLEMS = 100;

/** A CSV file chosen, its columns named, its rows looked at in a worker, and sent only when she agrees. */
export function BringIn({
  kind,
  known,
  fields,
  hint,
  foot,
  error,
  imports,
}: {
  kind: ImportKind;
  known: WithoutReading<ImportKnown>;
  fields: Readonly<Record<string, string>>;
  hint: ReactNode;
  foot: ReactNode;
  error: string | undefined;
  /** Files that are in: the one that was looked at goes from view when it is among them. */
  imports: readonly BroughtIn[];
}) {
  const r = useReading();
  const navigation = useNavigation();
  const worker = useRef<{ remote: Remote<ImportApi>; stop: () => void }>(undefined);
  const [busy, setBusy] = useState<string>();
  const [opened, setOpened] = useState<Opened>();
  const [result, setResult] = useState<{ good: number; problems: readonly ImportProblem[] }>();
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
      const w = new Worker(new URL("../../workers/import.worker.ts", import.meta.url), { type: "module" });
      return { remote: wrap<ImportApi>(w), stop: () => w.terminate() };
    })();
    return worker.current.remote;
  };
  const check = async (o: Opened) => {
    setBusy(`Reading ${o.table.rows.length} rows…`);
    setResult(
      await remote().rows(o.table, o.mapping, kind, {
        ...known,
        reading: { locale: r.locale, currency: r.currency, system: r.system },
      }),
    );
    setBusy(undefined);
  };
  const open = async (file: File) => {
    setWrong(undefined);
    setOpened(undefined);
    setResult(undefined);
    setAgreed(false);
    if (file.size > MOST_BYTES)
      return setWrong(
        `The file has ${(file.size / 1e6).toFixed(1)} MB; at most ${MOST_BYTES / 1e6} MB go at once. Split it.`,
      );
    setBusy(`Opening ${file.name}…`);
    const text = await file.text();
    const read = await remote().open(text, kind);
    setBusy(undefined);
    if (!read.ok) return setWrong(read.why);
    const next: Opened = {
      fileName: file.name,
      text,
      table: read.table,
      mapping: read.mapping,
      id: crypto.randomUUID(),
    };
    setOpened(next);
    await check(next);
  };
  const map = (column: number, field: string) => {
    if (!opened) return;
    // A field stands for one column: choosing it here takes it from where it was.
    const mapping = Object.fromEntries(
      Object.entries(opened.mapping).map(([i, f]) => [
        i,
        Number(i) === column ? field : f === field ? "" : f,
      ]),
    ) as ColumnMapping<string>;
    const next = { ...opened, mapping };
    setOpened(next);
    setAgreed(false);
    void check(next);
  };
  const badLines = new Set(result?.problems.map((p) => p.line));
  const done = imports.find((b) => b.id === opened?.id);
  return (
    <>
      <Sheet aria-labelledby="in-title">
        <SheetHead>
          <h2 id="in-title">Bring in from a CSV file</h2>
          <Small>up to {MOST_ROWS.toLocaleString(r.locale)} rows; nothing is changed until you agree</Small>
        </SheetHead>
        <Row>
          <FileLabel>
            <FileUp size={17} aria-hidden /> Choose a file
            <input
              className="sr"
              type="file"
              accept=".csv,.txt,.tsv,text/csv"
              onChange={(e) => {
                const f = e.target.files?.[0];
                if (f) void open(f);
                e.target.value = "";
              }}
            />
          </FileLabel>
          <Small>{hint}</Small>
        </Row>
        {busy ? (
          <Row role="status" style={{ marginTop: 12 }}>
            <progress aria-label={busy} /> <span>{busy}</span>{" "}
            <Button type="button" onClick={stop}>
              <X size={15} aria-hidden /> Cancel
            </Button>
          </Row>
        ) : null}
        {done ? (
          <p role="status">
            {done.rows} {done.rows === 1 ? "row" : "rows"} of {done.fileName}{" "}
            {done.undone ? "are taken back." : "are in. Something wrong? All of it can be undone below."}
          </p>
        ) : null}
        {(wrong ?? error) ? <Wrong role="alert">{wrong ?? error}</Wrong> : null}
      </Sheet>
      {opened && !done ? (
        <>
          <Sheet $pad={false} aria-labelledby="columns-title">
            <Head>
              <h2 id="columns-title">What the columns are</h2>
              <Small>
                {opened.fileName}, {opened.table.rows.length} rows
              </Small>
            </Head>
            <Scroll tabIndex={0} role="region" aria-label="What the columns are, table">
              <PlainTable>
                <thead>
                  <tr>
                    {opened.table.header.map((h, i) => (
                      <th key={i} scope="col">
                        <div>{h || `column ${i + 1}`}</div>
                        <Select
                          value={opened.mapping[i] ?? ""}
                          aria-label={`Column ${h || i + 1} holds`}
                          style={{ minWidth: 150 }}
                          onChange={(e) => map(i, e.target.value)}
                        >
                          <option value="">leave out</option>
                          {Object.entries(fields).map(([f, label]) => (
                            <option key={f} value={f}>
                              {label}
                            </option>
                          ))}
                        </Select>
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {opened.table.rows.slice(0, SHOWN).map((row) => (
                    <tr
                      key={row.line}
                      style={badLines.has(row.line) ? { background: "var(--bad-ground)" } : undefined}
                    >
                      {opened.table.header.map((_, i) => (
                        <td key={i}>{row.cells[i]}</td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
          {result ? (
            <Sheet $pad={false} aria-labelledby="check-title">
              <Head>
                <h2 id="check-title">What would be brought in</h2>
                <Badge $tone="good">{result.good} rows</Badge>
                {badLines.size > 0 ? <Badge $tone="bad">{badLines.size} cannot</Badge> : null}
              </Head>
              {result.problems.length > 0 ? (
                <Scroll
                  tabIndex={0}
                  role="region"
                  aria-label="Rows with problems, table"
                  style={{ maxHeight: 320, overflowY: "auto" }}
                >
                  <PlainTable>
                    <thead>
                      <tr>
                        <th scope="col" className="num">
                          Line
                        </th>
                        <th scope="col">Column</th>
                        <th scope="col">It says</th>
                        <th scope="col">What is wrong</th>
                      </tr>
                    </thead>
                    <tbody>
                      {result.problems.slice(0, SHOWN_PROBLEMS).map((p, i) => (
                        <tr key={i}>
                          <td className="num">{p.line}</td>
                          <td>{p.column}</td>
                          <td>{p.value ? `“${p.value.slice(0, 60)}”` : <Small>nothing</Small>}</td>
                          <td>{p.why}</td>
                        </tr>
                      ))}
                    </tbody>
                  </PlainTable>
                </Scroll>
              ) : null}
              {result.problems.length > SHOWN_PROBLEMS ? (
                <Quiet>and {result.problems.length - SHOWN_PROBLEMS} more problems</Quiet>
              ) : null}
              <Foot>
                <WorkForm>
                  <input type="hidden" name="intent" value="import" />
                  <input type="hidden" name="id" value={opened.id} />
                  <input type="hidden" name="fileName" value={opened.fileName} />
                  <input type="hidden" name="text" value={opened.text} />
                  <input type="hidden" name="mapping" value={JSON.stringify(opened.mapping)} />
                  {badLines.size > 0 ? (
                    <label>
                      <input
                        type="checkbox"
                        name="onlyGood"
                        checked={agreed}
                        onChange={(e) => setAgreed(e.target.checked)}
                      />{" "}
                      leave the {badLines.size} {badLines.size === 1 ? "row" : "rows"} with problems out
                    </label>
                  ) : null}
                  <Button
                    type="submit"
                    $primary
                    disabled={
                      navigation.state !== "idle" || result.good === 0 || (badLines.size > 0 && !agreed)
                    }
                  >
                    {navigation.state === "idle" ? `Bring in ${result.good} rows` : "Bringing in…"}
                  </Button>
                </WorkForm>
                <Small>{foot}</Small>
              </Foot>
            </Sheet>
          ) : null}
        </>
      ) : null}
    </>
  );
}

export interface BroughtIn {
  readonly id: string;
  readonly fileName: string;
  readonly rows: number;
  readonly skipped: number;
  readonly on: string;
  readonly undone: boolean;
}

/** Files so far; each can be taken back whole. */
export function BroughtInList({ imports }: { imports: readonly BroughtIn[] }) {
  const r = useReading();
  if (imports.length === 0) return null;
  return (
    <Sheet $pad={false} aria-labelledby="done-title">
      <Head>
        <h2 id="done-title">Brought in so far</h2>
      </Head>
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">File</th>
            <th scope="col">Day</th>
            <th scope="col" className="num">
              Rows
            </th>
            <th scope="col" className="num">
              Left out
            </th>
            <th scope="col">
              <span className="sr">Undo</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {imports.map((b) => (
            <tr key={b.id}>
              <td>{b.fileName}</td>
              <td>{printDay(b.on, r.locale)}</td>
              <td className="num">{b.rows}</td>
              <td className="num">{b.skipped}</td>
              <td className="num">
                {b.undone ? (
                  <Badge>taken back</Badge>
                ) : (
                  <WorkForm>
                    <input type="hidden" name="intent" value="undo" />
                    <input type="hidden" name="id" value={b.id} />
                    <Button type="submit" aria-label={`Take back all of ${b.fileName}`}>
                      <Undo2 size={15} aria-hidden /> Take all back
                    </Button>
                  </WorkForm>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
    </Sheet>
  );
}

const FileLabel = styled.label`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 36px;
  padding: 6px 14px;
  border: 1px solid var(--act);
  border-radius: 4px;
  background: var(--act);
  color: var(--act-ink);
  font-weight: 560;
  cursor: pointer;
  &:focus-within {
    outline: 3px solid var(--focus);
    outline-offset: 2px;
  }
`;
const Head = styled(SheetHead)`
  padding: 12px 12px 0;
  margin: 0 0 8px;
  align-items: center;
`;
const Foot = styled.div`
  padding: 12px;
  display: grid;
  gap: 8px;
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 18px;
    align-items: center;
  }
  label {
    display: flex;
    gap: 8px;
    align-items: center;
  }
`;
const Quiet = styled.p`
  padding: 6px 12px;
  color: var(--soft);
`;
const Wrong = styled.p`
  color: var(--bad);
  font-weight: 560;
  margin-top: 10px;
`;
