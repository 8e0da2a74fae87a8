import styled from "styled-components";
import { Columns, PlainTable, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { printMeasure, useReading } from "../../ui/reading";
import type { Silhouette } from "@core/item";
import { Silhouettes, type SlotColours } from "../figure/silhouette-view";
import type { ChoiceChange, FigureChange } from "./revision-changes";
import type { DiffRow, Side } from "./text-diff";

/** The two texts beside each other, what was changed marked by a sign and a line, not by colour alone. */
export function TextSheet({ rows, titles }: { rows: readonly DiffRow[]; titles: readonly [string, string] }) {
  const same = rows.every((r) => r.kind === "skipped" || r.kind === "alike");
  return (
    <Sheet $pad={false} aria-label="The text">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2>The text</h2>
        {same ? <Small>Word for word the same.</Small> : null}
      </SheetHead>
      {same ? null : (
        <Scroll tabIndex={0} role="region" aria-label="The text, line by line">
          <Lines>
            <colgroup>
              <col className="no" />
              <col />
              <col className="no" />
              <col />
            </colgroup>
            <thead>
              <tr>
                <th scope="col" colSpan={2}>
                  {titles[0]}
                </th>
                <th scope="col" colSpan={2}>
                  {titles[1]}
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map((r, i) =>
                r.kind === "skipped" ? (
                  <tr key={i}>
                    <td colSpan={4} className="skipped">
                      {r.lines === 1 ? "1 line" : `${r.lines} lines`} {r.cut ? "more, not shown" : "alike"}
                    </td>
                  </tr>
                ) : (
                  <tr key={i}>
                    <Words side={r.before} sign={r.kind === "alike" ? "" : "−"} />
                    <Words side={r.after} sign={r.kind === "alike" ? "" : "+"} />
                  </tr>
                ),
              )}
            </tbody>
          </Lines>
        </Scroll>
      )}
    </Sheet>
  );
}

function Words({ side, sign }: { side: Side | undefined; sign: string }) {
  if (!side)
    return (
      <>
        <td className="no" />
        <td className="none" />
      </>
    );
  const Mark = sign === "−" ? "del" : "ins";
  return (
    <>
      <td className="no">{side.line}</td>
      <td data-sign={sign || undefined}>
        {side.pieces.map((p, i) => (p.own ? <Mark key={i}>{p.text}</Mark> : <span key={i}>{p.text}</span>))}
      </td>
    </>
  );
}

export interface RevisionPicture {
  readonly shape: Silhouette | undefined;
  readonly colours: SlotColours;
}

/** Both to one scale, so that the eye sees what grew. */
function Pictures({
  pictures,
  titles,
}: {
  pictures: readonly RevisionPicture[];
  titles: readonly [string, string];
}) {
  const r = useReading();
  const tallest = Math.max(1, ...pictures.map((p) => p.shape?.height ?? 0));
  return (
    <Pair>
      {pictures.map((p, i) =>
        p.shape ? (
          <figure key={titles[i]}>
            <Silhouettes
              parts={[{ ...p.shape, make: 1 }]}
              colours={p.colours}
              height={Math.max(24, (TALL * p.shape.height) / tallest)}
              label={`${titles[i] ?? ""}: ${p.shape.name}, ${printMeasure(p.shape.height, "mm", r)} tall`}
            />
            <figcaption>
              <Small>{titles[i]}</Small>
            </figcaption>
          </figure>
        ) : null,
      )}
    </Pair>
  );
}
const TALL = 190;

/** What the change makes of the figures: before, after, and by how much. */
export function FiguresSheet({
  figures,
  pictures,
  titles,
  unreckoned,
}: {
  figures: readonly FigureChange[];
  pictures: readonly RevisionPicture[];
  titles: readonly [string, string];
  unreckoned: readonly string[];
}) {
  const r = useReading();
  const say = (f: FigureChange, n: number | undefined) =>
    n === undefined ? "–" : printMeasure(n, f.measure, r);
  return (
    <Sheet $pad={false} aria-label="What it changes">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2>What it changes</h2>
        <Small>for one piece, with the yarns, prices and hand of today</Small>
      </SheetHead>
      {unreckoned.length > 0 ? (
        <p style={{ padding: "0 14px" }}>
          <Small>{unreckoned.join(" and ")} cannot be reckoned, so its figures are missing.</Small>
        </p>
      ) : null}
      <Columns $parts="auto minmax(0, 1fr)" $narrow={860} style={{ alignItems: "center" }}>
        <Pictures pictures={pictures} titles={titles} />
        <Scroll tabIndex={0} role="region" aria-label="What it changes, table">
          <Figures $tight>
            <thead>
              <tr>
                <th scope="col">
                  <span className="sr">Figure</span>
                </th>
                <th scope="col" className="num">
                  {titles[0]}
                </th>
                <th scope="col" className="num">
                  {titles[1]}
                </th>
                <th scope="col" className="num">
                  Change
                </th>
              </tr>
            </thead>
            <tbody>
              {figures.map((f) => (
                <tr key={f.label}>
                  <th scope="row">{f.label}</th>
                  <td className="num">{say(f, f.before)}</td>
                  <td className="num">{say(f, f.after)}</td>
                  <td className="num">
                    <Change f={f} say={say} />
                  </td>
                </tr>
              ))}
            </tbody>
          </Figures>
        </Scroll>
      </Columns>
    </Sheet>
  );
}

/**
 * "16 % more"; "same" where what is shown is the same. The share alone: a difference of rounded figures would not be
 * the rounded difference.
 */
function Change({ f, say }: { f: FigureChange; say: (f: FigureChange, n: number | undefined) => string }) {
  const { before, after } = f;
  if (say(f, before) === say(f, after)) return <Small>same</Small>;
  if (!before) return <>new</>;
  if (!after) return <>gone</>;
  const share = Math.max(1, Math.round((100 * Math.abs(after - before)) / before));
  return (
    <>
      {share}&nbsp;% {after > before ? "more" : "less"}
    </>
  );
}

/** Yarns, hooks, notions and the rest that were chosen otherwise. */
export function ChoicesSheet({
  choices,
  titles,
}: {
  choices: readonly ChoiceChange[];
  titles: readonly [string, string];
}) {
  if (choices.length === 0) return null;
  return (
    <Sheet $pad={false} aria-label="Chosen otherwise">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2>Chosen otherwise</h2>
      </SheetHead>
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">
              <span className="sr">What</span>
            </th>
            <th scope="col">{titles[0]}</th>
            <th scope="col">{titles[1]}</th>
          </tr>
        </thead>
        <tbody>
          {choices.map((c) => (
            <tr key={c.label}>
              <th scope="row">{c.label}</th>
              <td>{c.before}</td>
              <td>{c.after}</td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
    </Sheet>
  );
}

const Figures = styled(PlainTable)`
  th[scope="row"] {
    white-space: normal;
    padding-left: 14px;
  }
  tr > :last-child {
    padding-right: 14px;
  }
`;
const Pair = styled.div`
  display: flex;
  gap: 28px;
  align-items: flex-end;
  justify-content: center;
  padding: 14px 28px;
  figure {
    margin: 0;
    text-align: center;
  }
`;
const Lines = styled.table`
  width: 100%;
  min-width: 560px;
  border-collapse: collapse;
  table-layout: fixed;
  font-size: 14px;
  th {
    text-align: left;
    font-size: 13px;
    font-weight: 560;
    color: var(--soft);
    padding: 8px 14px;
    border-bottom: 1px solid var(--line);
  }
  col.no {
    width: 44px;
  }
  td {
    padding: 3px 10px 3px 18px;
    vertical-align: top;
    overflow-wrap: anywhere;
    white-space: pre-wrap;
    position: relative;
  }
  td.no {
    padding: 3px 8px 3px 14px;
    text-align: right;
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  td.none {
    background: var(--sunk);
  }
  td[data-sign]::before {
    content: attr(data-sign);
    position: absolute;
    left: 6px;
    color: var(--soft);
  }
  del,
  ins {
    text-decoration-thickness: 1px;
    border-radius: 2px;
  }
  del {
    background: color-mix(in srgb, var(--bad) 14%, transparent);
  }
  ins {
    background: color-mix(in srgb, var(--good) 16%, transparent);
    text-decoration: underline;
    text-decoration-thickness: 1px;
    text-underline-offset: 3px;
  }
  td.skipped {
    text-align: center;
    color: var(--soft);
    font-size: 13px;
    padding: 6px;
    border-block: 1px dashed var(--line);
  }
`;
