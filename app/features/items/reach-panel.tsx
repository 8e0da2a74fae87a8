import { Undo2 } from "lucide-react";
import { useId, useState } from "react";
import styled from "styled-components";
import { parseLength, printLength, printTrimmed, type Mm } from "@core/units";
import { Button, PlainTable, Row, Scroll, Small } from "../../ui/basics";
import { RangedFigure, ReasonFigure } from "../../ui/figure";
import { Input } from "../../ui/field";
import { useReading } from "../../ui/reading";
import type { Around, ItemDraft } from "@core/item";
import { Silhouettes, type SlotColours } from "../figure/silhouette-view";
import { sameSize } from "./typed";
import { useSizes } from "./use-analysis";
import { NEAR, type SizeWay } from "./sizes";

/** Taller than any picture of its row, px. */
const TALLEST = 64;
/** Heights that can be asked for, mm. */
const LEAST = 5;
const MOST = 2000;

/**
 * "Make it 50 mm tall": the yarns and hooks of hers that come nearest, or even rounds more or fewer, each beside the
 * item as it is with what it takes and would be sold at; one press makes it the item, to be saved as a new revision.
 */
export function ReachPanel({
  draft,
  around,
  colours,
  height,
  unsaved,
  onTake,
}: {
  draft: ItemDraft;
  around: Around;
  colours: SlotColours;
  height: number;
  unsaved: boolean;
  onTake: (draft: ItemDraft) => void;
}) {
  const r = useReading();
  const id = useId();
  const unit = r.system === "imperial" ? "in" : "mm";
  const [typed, setTyped] = useState("");
  const [taken, setTaken] = useState<{ before: ItemDraft; draft: ItemDraft }>();
  const read = typed.trim() === "" ? undefined : parseLength(typed, r.locale, unit);
  const wanted = read?.ok && read.value >= LEAST && read.value <= MOST ? read.value : undefined;
  const { ways, pending } = useSizes(draft, around, wanted, height);
  const take = (way: SizeWay) => {
    // A colour that had no yarn has none again when it is put back.
    const open = way.draft.slots
      .filter((s) => !draft.slots.some((own) => own.slot === s.slot))
      .map((s) => ({ ...s, yarnId: "" }));
    setTaken({ before: { ...draft, slots: [...draft.slots, ...open] }, draft: way.draft });
    setTyped("");
    onTake(way.draft);
  };
  return (
    <div>
      <label htmlFor={id}>
        <b>Make it</b>
      </label>{" "}
      <Input
        id={id}
        value={typed}
        inputMode="decimal"
        autoComplete="off"
        placeholder={shortNumber(height, r)}
        onChange={(e) => setTyped(e.target.value)}
        style={{ width: 90, display: "inline-block" }}
      />{" "}
      {unit} tall
      {typed.trim() !== "" && wanted === undefined ? (
        <Small role="alert">
          {" "}
          Write a height between {printLength(LEAST as Mm, r)} and {printLength(MOST as Mm, r)}.
        </Small>
      ) : null}
      {taken && unsaved && sameSize(draft, taken.draft) ? (
        <Row role="status">
          <Small>Taken: save it as a new revision, or</Small>
          <Button
            type="button"
            onClick={() => {
              onTake(taken.before);
              setTaken(undefined);
            }}
          >
            <Undo2 size={16} aria-hidden /> Put back
          </Button>
        </Row>
      ) : null}
      {wanted === undefined ? null : ways.length === 0 ? (
        <p role="status">
          <Small>{pending ? "Working out what brings it there…" : "This could not be worked out."}</Small>
        </p>
      ) : (
        <>
          <Ways ways={ways} pending={pending} around={around} colours={colours} onTake={take} />
          {ways.length === 1 ? <Small>None of your yarns and no even rounds bring it nearer.</Small> : null}
          {ways.some((w) => w.rounds) ? (
            <Small>
              With other rounds the width stays, and what is sewn on by round number may sit elsewhere: look
              at the parts afterwards.
            </Small>
          ) : null}
        </>
      )}
    </div>
  );
}

const shortNumber = (height: number, r: Around["reading"]): string =>
  printTrimmed(r.system === "imperial" ? height / 25.4 : Math.round(height), 2, r.locale);

function Ways({
  ways,
  pending,
  around,
  colours,
  onTake,
}: {
  ways: readonly SizeWay[];
  pending: boolean;
  around: Around;
  colours: SlotColours;
  onTake: (way: SizeWay) => void;
}) {
  const r = useReading();
  const tallest = Math.max(1, ...ways.map((w) => w.shape?.height ?? 0));
  return (
    <Scroll tabIndex={0} role="group" aria-label="Ways to that size, beside the item as it is">
      <Table aria-busy={pending}>
        <thead>
          <tr>
            <th scope="col">
              <span className="sr">Drawn to one scale</span>
            </th>
            <th scope="col">Way</th>
            <th scope="col">
              <span className="sr">Take it over</span>
            </th>
            <th scope="col">Yarn</th>
            <th scope="col">Time</th>
            <th scope="col">Eyes</th>
            <th scope="col">Proposed</th>
          </tr>
        </thead>
        <tbody>
          {ways.map((w) => (
            <tr key={w.key}>
              <td className="picture">
                {w.shape ? (
                  <Silhouettes
                    parts={[w.shape]}
                    colours={coloursOf(w, around, colours)}
                    height={Math.max(10, (TALLEST * w.shape.height) / tallest)}
                    label=""
                  />
                ) : null}
              </td>
              <th scope="row">
                <WayName way={w} around={around} />
              </th>
              <td>
                {w.key === "now" ? null : (
                  <Button type="button" onClick={() => onTake(w)}>
                    Take
                  </Button>
                )}
              </td>
              <td>
                <RangedFigure estimate={w.metres} />
              </td>
              <td>
                <RangedFigure estimate={w.seconds} />
              </td>
              <td>
                {w.eyes.length === 0
                  ? "none"
                  : w.eyes
                      .map((e) =>
                        e.sizeMm === undefined
                          ? String(e.count)
                          : `${e.count} × ${printTrimmed(e.sizeMm, 1, r.locale)} mm`,
                      )
                      .join(", ")}
              </td>
              <td>
                <ReasonFigure reason={w.price} />
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Scroll>
  );
}

function WayName({ way, around }: { way: SizeWay; around: Around }) {
  const r = useReading();
  const tall = printLength(way.height as Mm, r);
  if (way.key === "now")
    return (
      <>
        As it is <Small>{tall} tall</Small>
      </>
    );
  const yarn = around.yarns.find((y) => y.id === way.yarnId);
  const rounds = way.rounds ?? 0;
  return (
    <>
      {yarn
        ? `${yarn.name}, hook ${printTrimmed(way.hookMm ?? 0, 2, r.locale)} mm`
        : `${Math.abs(rounds)} even ${Math.abs(rounds) === 1 ? "round" : "rounds"} ${rounds > 0 ? "more" : "fewer"}`}{" "}
      <Small>
        {tall} tall
        {Math.abs(way.off) < NEAR
          ? ""
          : `, ${printLength(Math.abs(way.off) as Mm, r)} too ${way.off < 0 ? "small" : "large"}`}
      </Small>
    </>
  );
}

/** The colours that its own slots say. */
function coloursOf(way: SizeWay, around: Around, colours: SlotColours): SlotColours {
  const chosen = way.draft.slots.flatMap((s) => {
    const yarn = around.yarns.find((y) => y.id === s.yarnId);
    return yarn ? [[s.slot, yarn.colour] as const] : [];
  });
  return { ...colours, ...Object.fromEntries(chosen) };
}

const Table = styled(PlainTable)`
  margin-top: 10px;
  th,
  td {
    padding-left: 5px;
    padding-right: 5px;
    vertical-align: middle;
  }
  th[scope="row"] {
    font-weight: 560;
    font-size: inherit;
    color: var(--ink);
    white-space: normal;
    min-width: 104px;
  }
  th[scope="row"] > span {
    display: block;
    font-weight: 400;
  }
  td {
    white-space: nowrap;
  }
  td.picture {
    min-width: 52px;
    text-align: center;
  }
`;
