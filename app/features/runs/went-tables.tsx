import { NotebookPen } from "lucide-react";
import { Link } from "react-router";
import type { Bridge } from "@core/planning";
import { STAGES } from "@core/estimate";
import { printDuration, printMoney, type Minor, type Seconds } from "@core/units";
import { Button, PlainTable, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { WorkForm } from "../../ui/form";
import { printAmount, useReading } from "../../ui/reading";
import { MaterialName } from "../../ui/yarn-disc";
import { STAGE_WORDS } from "../hand/words";
import { STEP_WORDS } from "./bridge-chart";
import type { LineWent, MaterialWent, StageWent } from "./went.server";
import { paceText, slipsText } from "./went-words";

/** Every step of the bridge with its arithmetic. */
export function StepList({
  bridge,
  lines,
  perHour,
}: {
  bridge: Bridge;
  lines: readonly LineWent[];
  perHour: number;
}) {
  const r = useReading();
  const money = (n: number) => printMoney(n as Minor, r);
  const time = (s: number) => printDuration(Math.abs(s) as Seconds, r);
  const sum = (of: (l: LineWent) => number) => lines.reduce((n, l) => n + of(l), 0);
  const pieces = (of: (l: LineWent) => number, each: (l: LineWent) => number) =>
    lines.flatMap((l) => (of(l) === 0 ? [] : [`${of(l)} × ${money(each(l))}`])).join(" + ");
  const late = sum((l) => l.timed - l.timedPlanned);
  const how: Readonly<Record<Bridge["steps"][number]["code"], string>> = {
    pieces: pieces(
      (l) => l.worked - l.planned,
      (l) => l.price - l.cost,
    ),
    rejected: pieces(
      (l) => l.rejected,
      (l) => l.price,
    ),
    seconds: pieces(
      (l) => l.seconds,
      (l) => l.price - l.secondBrings,
    ),
    time: late === 0 ? "" : `${time(late)} ${late > 0 ? "more" : "less"} at ${money(perHour)} an hour`,
    mending:
      sum((l) => l.mendingMinutes) === 0
        ? ""
        : `${sum((l) => l.mendingMinutes)} min at ${money(perHour)} an hour`,
    material: "taken from the stock book, against the plan for what was worked",
  };
  return (
    <Sheet $pad={false} aria-labelledby="steps-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="steps-title">What made the difference</h2>
      </SheetHead>
      <PlainTable>
        <tbody>
          <tr>
            <th scope="row">as planned</th>
            <td className="num">{money(bridge.planned)}</td>
          </tr>
          {bridge.steps.map((s) => (
            <tr key={s.code}>
              <th scope="row" style={{ whiteSpace: "normal" }}>
                {STEP_WORDS[s.code]}
                {s.change === 0 || how[s.code] === "" ? null : (
                  <>
                    <br />
                    <Small>{how[s.code]}</Small>
                  </>
                )}
              </th>
              <td className="num">
                {s.change === 0 ? <Small>nothing</Small> : `${s.change > 0 ? "+" : ""}${money(s.change)}`}
              </td>
            </tr>
          ))}
          <tr>
            <th scope="row">as it went</th>
            <td className="num">
              <b>{money(bridge.actual)}</b>
            </td>
          </tr>
        </tbody>
      </PlainTable>
    </Sheet>
  );
}

/** Hours by kind of work: what the bench timed, beside what the plan had for the same tasks. */
export function StageTable({ lines }: { lines: readonly LineWent[] }) {
  const r = useReading();
  const time = (s: number) => printDuration(s as Seconds, r);
  const rows = STAGES.flatMap((stage): StageWent[] => {
    const own = lines.flatMap((l) => l.stages.filter((s) => s.stage === stage));
    if (own.length === 0) return [];
    const sum = (of: (s: StageWent) => number) => own.reduce((n, s) => n + of(s), 0);
    return [{ stage, planned: sum((s) => s.planned), timed: sum((s) => s.timed) }];
  });
  return (
    <Sheet $pad={false} aria-labelledby="stages-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="stages-title">Hours that were timed</h2>
        {rows.length > 0 ? (
          <Small>
            of {lines.reduce((n, l) => n + l.timedPieces, 0)} of {lines.reduce((n, l) => n + l.worked, 0)}{" "}
            pieces; the others count as planned
          </Small>
        ) : null}
      </SheetHead>
      {rows.length === 0 ? (
        <p style={{ padding: "0 14px 14px" }}>
          Nothing of it was timed at the bench: its hours count as they were planned. Work at the{" "}
          <Link to="/bench">bench</Link> times itself.
        </p>
      ) : (
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Work</th>
              <th scope="col" className="num">
                Planned
              </th>
              <th scope="col" className="num">
                Timed
              </th>
              <th scope="col" className="minor">
                So it went
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((s) => (
              <tr key={s.stage}>
                <th scope="row">{STAGE_WORDS[s.stage]}</th>
                <td className="num">{time(s.planned)}</td>
                <td className="num">{time(s.timed)}</td>
                <td className="minor">{paceText(s.timed, s.planned)}</td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      )}
      {lines
        .filter((l) => l.slips)
        .map((l) => (
          <p key={l.id} style={{ padding: "0 14px 12px" }}>
            {l.label}: {slipsText(l, r)}.
          </p>
        ))}
    </Sheet>
  );
}

/** What became of the pieces of each line, and one step to carry it into the item. */
export function LineTable({ lines, noted }: { lines: readonly LineWent[]; noted: string | undefined }) {
  return (
    <Sheet $pad={false} aria-labelledby="lines-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="lines-title">Pieces</h2>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="Pieces of the run, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Item</th>
              <th scope="col" className="num minor">
                Planned
              </th>
              <th scope="col" className="num">
                Passed
              </th>
              <th scope="col" className="num minor">
                Seconds
              </th>
              <th scope="col" className="num">
                Rejected
              </th>
              <th scope="col">What was learned</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((l) => (
              <tr key={l.id}>
                <td>
                  <Link to={`/items/${l.itemId}`}>
                    <b>{l.label}</b>
                  </Link>
                  {l.reasons.length > 0 ? (
                    <>
                      <br />
                      <Small>{l.reasons.map((x) => `${x.reason}, ${x.pieces}`).join("; ")}</Small>
                    </>
                  ) : null}
                </td>
                <td className="num minor">{l.planned}</td>
                <td className="num">
                  {l.good + l.mended}
                  {l.mended > 0 ? (
                    <>
                      <br />
                      <Small>{l.mended} mended</Small>
                    </>
                  ) : null}
                </td>
                <td className="num minor">{l.seconds}</td>
                <td className="num">{l.rejected}</td>
                <td>
                  {noted === l.id ? (
                    <Small role="status">it stands in the item’s note</Small>
                  ) : (
                    <WorkForm>
                      <input type="hidden" name="intent" value="note" />
                      <input type="hidden" name="line" value={l.id} />
                      <Button type="submit" aria-label={`Into its note: ${l.label}`}>
                        <NotebookPen size={16} aria-hidden /> Into its note
                      </Button>
                    </WorkForm>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}

/** Yarn, filling and notions: the plan for what was worked, and what went out. */
export function MaterialTable({
  materials,
  finished,
}: {
  materials: readonly MaterialWent[];
  finished: boolean;
}) {
  const r = useReading();
  return (
    <Sheet $pad={false} aria-labelledby="material-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="material-title">Material</h2>
        <Small>
          {finished ? "what went out of the stock book" : "what it took is posted when the run is finished"}
        </Small>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="Material of the run, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Material</th>
              <th scope="col" className="num">
                Planned
              </th>
              <th scope="col" className="num">
                Used
              </th>
              <th scope="col" className="num">
                Difference
              </th>
            </tr>
          </thead>
          <tbody>
            {materials.map((m) => {
              const more = Math.round(m.used) - Math.round(m.planned);
              return (
                <tr key={m.id}>
                  <td>
                    <MaterialName label={m.label} colour={m.colour} />
                  </td>
                  <td className="num">{printAmount(m.planned, m.kind, r)}</td>
                  <td className="num">{printAmount(m.used, m.kind, r)}</td>
                  <td className="num">
                    {more === 0
                      ? "–"
                      : `${more > 0 ? "+" : "−"}${printAmount(Math.abs(more), m.kind, r)}, ${printMoney(Math.round(Math.abs(more) * m.unitPrice) as Minor, r)}`}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}
