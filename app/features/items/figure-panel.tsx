import { Download, PencilLine, Undo2 } from "lucide-react";
import { useCallback, useId, useMemo, useRef, useState } from "react";
import styled from "styled-components";
import type { Moved, View } from "@core/figure";
import { printLength, type Mm } from "@core/units";
import { Button, Row, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import type { Around, ItemAnalysis, ItemDraft } from "@core/item";
import type { SlotColours } from "../figure/silhouette-view";
import { FigureStage } from "../figure/figure-stage";
import { hangsWords, standsWords } from "../figure/figure-words";
import { pictureUrl, type PictureOf } from "../figure/figure-picture";
import { sameView, shownFrom, VIEWS, type ViewName } from "../figure/picture";
import { PlaceEditor, PlaceList } from "../figure/place-list";
import { ReachPanel } from "./reach-panel";
import { useFigure } from "../figure/use-figure";

const NAMES: readonly (readonly [ViewName, string])[] = [
  ["turned", "Turned"],
  ["front", "Front"],
  ["side", "Side"],
  ["back", "Back"],
];
const NOTHING_MOVED: readonly Moved[] = [];

/**
 * The parts put together: turned in the hand, each part moved until it sits right, and written into the
 * pattern.
 */
export function FigurePanel({
  analysis,
  text,
  colours,
  picture,
  draft,
  around,
  onText,
  onTake,
}: {
  analysis: ItemAnalysis;
  text: string;
  colours: SlotColours;
  /** The saved item's pictures; undefined while what is shown is not saved. */
  picture: PictureOf | undefined;
  draft: ItemDraft;
  around: Around;
  onText: (text: string) => void;
  /** Another size taken over, for her to save. */
  onTake: (draft: ItemDraft) => void;
}) {
  const r = useReading();
  const help = useId();
  const [asked, setView] = useState<View>(VIEWS.turned);
  const [scale, setScale] = useState(0);
  const [held, setHeld] = useState<number>();
  const [pair, setPair] = useState(true);
  const [moved, setMoved] = useState<readonly Moved[]>(NOTHING_MOVED);
  const [epoch, setEpoch] = useState(0);
  const wanted = useRef<readonly Moved[]>(NOTHING_MOVED);
  const putBack = () => {
    wanted.current = NOTHING_MOVED;
    setMoved(NOTHING_MOVED);
    setEpoch((n) => n + 1);
  };
  const { away, facts, version } = useFigure(analysis, text, moved);
  const view = facts ? shownFrom(asked, facts.size) : asked;
  const pieces = facts?.pieces;
  const chosen = held === undefined ? undefined : pieces?.find((p) => p.put === held);
  const movable = chosen?.place.host !== undefined ? chosen : undefined;

  const move = useCallback(
    (put: number, to: { band: number; angle: number }) => {
      const piece = pieces?.find((p) => p.put === put);
      if (piece?.place.host === undefined) return;
      const { part, piece: which, host } = piece.place;
      const most = (analysis.piece.parts[host]?.fabric.profile.length ?? 1) - 1;
      const band = Math.max(0, Math.min(most, Math.round(to.band * 2) / 2));
      const angle = ((to.angle + 540) % 360) - 180;
      const twins =
        pair && analysis.piece.parts[part]?.part.make === 2
          ? [{ part, piece: 1 - which, band, angle: -angle }]
          : [];
      wanted.current = [
        ...wanted.current.filter((x) => x.part !== part || (x.piece !== which && twins.length === 0)),
        { part, piece: which, band, angle },
        ...twins,
      ];
      setMoved(wanted.current);
    },
    [pieces, pair, analysis],
  );
  const step = (across: number, down: number): boolean => {
    if (!movable) return false;
    const { host, part, piece } = movable.place;
    // Keys come faster than the worker answers: a step goes on from the one before it.
    const { band, angle } =
      wanted.current.findLast((m) => m.part === part && m.piece === piece) ?? movable.place;
    const around = analysis.piece.parts[host ?? 0]?.fabric.profile[Math.round(band)] ?? 12;
    move(movable.put, { band: band + down * 0.5, angle: angle + (across * 180) / around });
    return true;
  };
  const settle = async () => {
    // Where she has moved them, not where the worker last had them.
    const places = (pieces ?? []).flatMap(({ place }) => {
      const m = wanted.current.findLast((x) => x.part === place.part && x.piece === place.piece);
      return m ? [{ ...place, on: "surface" as const, band: m.band, angle: m.angle }] : [];
    });
    if (!away || places.length === 0) return;
    onText(await away.remote.settle(text, places));
    putBack();
  };
  const label = useMemo(
    () =>
      facts
        ? `The figure put together, ${printLength(facts.size.height as Mm, r)} tall and ${printLength(facts.size.width as Mm, r)} wide`
        : "The figure is being put together",
    [facts, r],
  );
  if (analysis.piece.parts.length === 0)
    return <Small>No round is counted yet, so there is nothing to put together. Write the first part.</Small>;
  return (
    <Layout>
      <div>
        <FigureStage
          away={away}
          version={version}
          colours={colours}
          view={view}
          held={held}
          label={label}
          describedBy={help}
          onView={setView}
          onPick={(put) => setHeld(put < 0 ? undefined : put)}
          onDrag={move}
          epoch={epoch}
          onScale={setScale}
          onStep={step}
        />
        <ScaleRule scale={scale} />
        <Buttons role="group" aria-label="Look at it from">
          {NAMES.map(([name, shown]) => (
            <Button
              key={name}
              type="button"
              aria-pressed={sameView(asked, VIEWS[name])}
              onClick={() => setView(VIEWS[name])}
            >
              {shown}
            </Button>
          ))}
        </Buttons>
        <p id={help} className="help">
          {movable
            ? `Drag ${movable.name} on the figure, or use the arrow keys: half a stitch across, half a round up or down. Escape lets it go.`
            : "Drag to turn it, or use the arrow keys. Take a part to move it."}
        </p>
        {picture ? (
          <Row className="files">
            <a href={pictureUrl(picture, "turned", 1200)} download>
              <Download size={15} aria-hidden /> PNG
            </a>
            <a href={pictureUrl(picture, "turned", 1200, "svg")} download>
              <Download size={15} aria-hidden /> SVG
            </a>
          </Row>
        ) : (
          <Small className="files">Save the item to download its pictures.</Small>
        )}
      </div>
      <Facts>
        {facts ? (
          <dl>
            <dt>Put together</dt>
            <dd>
              <b>
                {printLength(facts.size.height as Mm, r)} tall × {printLength(facts.size.width as Mm, r)} wide
                × {printLength(facts.size.depth as Mm, r)} deep
              </b>
            </dd>
            <dt>On a shelf</dt>
            <dd>{standsWords(facts.stands, r)}</dd>
            <dt>On a hook</dt>
            <dd>{hangsWords(facts.hangs)}</dd>
          </dl>
        ) : (
          <Small>Putting it together…</Small>
        )}
        {facts ? (
          <ReachPanel
            draft={draft}
            around={around}
            colours={colours}
            height={facts.size.height}
            unsaved={picture === undefined}
            onTake={onTake}
          />
        ) : null}
        {movable ? (
          <PlaceEditor
            key={`${movable.place.part} ${movable.place.piece}`}
            piece={movable}
            around={
              analysis.piece.parts[movable.place.host ?? 0]?.fabric.profile[Math.round(movable.place.band)] ??
              12
            }
            rounds={analysis.piece.parts[movable.place.host ?? 0]?.fabric.profile.length ?? 1}
            pair={analysis.piece.parts[movable.place.part]?.part.make === 2 ? pair : undefined}
            onPair={setPair}
            onMove={(to) => move(movable.put, to)}
            onLetGo={() => setHeld(undefined)}
          />
        ) : null}
        {moved.length > 0 ? (
          <Row role="group" aria-label="What was moved">
            <Button type="button" $primary onClick={() => void settle()}>
              <PencilLine size={16} aria-hidden /> Write it into the pattern
            </Button>
            <Button type="button" onClick={putBack}>
              <Undo2 size={16} aria-hidden /> Put back
            </Button>
          </Row>
        ) : null}
        {pieces ? <PlaceList pieces={pieces} held={held} moved={moved} onHold={setHeld} /> : null}
      </Facts>
    </Layout>
  );
}

/** A tape as long as a round number of millimetres in the picture. */
function ScaleRule({ scale }: { scale: number }) {
  const r = useReading();
  if (scale <= 0) return null;
  const unit = r.system === "imperial" ? 25.4 / 2 : 10;
  const step = [1, 2, 5, 10].map((k) => k * unit).find((mm) => mm * scale >= 46) ?? unit;
  // The canvas may be narrower than what was drawn: the tape shrinks with it.
  const share = ((step * scale) / 420) * 100;
  return (
    <Tape aria-hidden>
      <span style={{ width: `${share}%` }} />
      <small>{printLength(step as Mm, r)}</small>
    </Tape>
  );
}

const Layout = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 18px 28px;
  .help {
    margin: 8px 0 0;
    font-size: 13px;
    color: var(--soft);
    text-align: center;
  }
  .files {
    justify-content: center;
    display: flex;
    margin-top: 8px;
    font-size: 14px;
  }
  .files a {
    display: inline-flex;
    gap: 5px;
    align-items: center;
    min-height: 24px;
  }
  @container (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Facts = styled.div`
  display: grid;
  gap: 14px;
  align-content: start;
  min-width: 0;
  & > * {
    min-width: 0;
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 4px 14px;
    margin: 0;
  }
  dt {
    color: var(--soft);
    font-size: 14px;
  }
  dd {
    margin: 0;
  }
`;
const Buttons = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 6px;
  margin-top: 10px;
  button[aria-pressed="true"] {
    background: var(--act);
    color: var(--act-ink);
    border-color: var(--act);
  }
`;
const Tape = styled.div`
  display: flex;
  gap: 8px;
  align-items: center;
  max-width: 420px;
  margin: 4px auto 0;
  span {
    height: 9px;
    border: 1.5px solid var(--ink);
    border-top: 0;
  }
`;
