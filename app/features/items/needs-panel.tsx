import { memo } from "react";
import styled from "styled-components";
import type { Selling } from "@core/costing";
import { MAIN_SLOT } from "@core/notation";
import { printLength, printMoney, type Mm } from "@core/units";
import { Badge, Button, PlainTable, Scroll, Sheet, SheetHead, Small, Facts } from "../../ui/basics";
import { Figure, RangedFigure, ReasonFigure } from "../../ui/figure";
import { useReading } from "../../ui/reading";
import { SwingTag } from "../../ui/swing-tag";
import { colourOf } from "../figure/silhouette-view";
import { YarnDisc } from "../../ui/yarn-disc";
import { costReason, hourReason } from "./reasons";
import { sizeOf, type ItemAnalysis, type NotionView, type YarnView } from "@core/item";

export const slotLabel = (slot: string): string => (slot === MAIN_SLOT ? "main colour" : slot);

/** What one piece takes, and what of it the workshop has no material for yet. */
export const NeedsPanel = memo(function NeedsPanel({
  analysis,
  selling,
  yarnOfSlot,
  notions,
  chosen,
  onAddNotion,
  pending,
}: {
  analysis: ItemAnalysis;
  selling: Selling;
  yarnOfSlot: (slot: string) => YarnView | undefined;
  notions: readonly NotionView[];
  chosen: readonly { notionId: string; quantity: number }[];
  onAddNotion: (id: string, quantity: number) => void;
  pending: boolean;
}) {
  const r = useReading();
  const { piece } = analysis;
  const size = sizeOf(piece);
  const stated = analysis.checked.head.size;
  const ends = piece.parts.reduce((sum, p) => sum + p.fabric.ends * p.part.make, 0);
  const byId = new Map(notions.map((n) => [n.id, n]));
  return (
    <Sheet aria-labelledby="needs-title" aria-busy={pending}>
      <SheetHead>
        <h2 id="needs-title">One piece takes</h2>
        <Small>every figure opens to its arithmetic</Small>
      </SheetHead>
      <Facts>
        <div>
          <dt>Time</dt>
          <dd>
            <RangedFigure estimate={piece.seconds} strong />
            <From>{analysis.paceFrom}; one of ten made in a go</From>
          </dd>
        </div>
        {/* The answer beside the pattern; how it comes about stands in the panel of the price. */}
        <div>
          <dt>Sells at</dt>
          <dd>
            <SwingTag>{printMoney(analysis.price, r)}</SwingTag>
          </dd>
        </div>
        <div>
          <dt>Costs</dt>
          <dd>
            <ReasonFigure reason={costReason(analysis)} strong />
          </dd>
        </div>
        {analysis.earning.perHour === undefined ? null : (
          <div>
            <dt>An hour earns</dt>
            <dd>
              <ReasonFigure reason={hourReason(analysis, selling, r)} strong>
                {printMoney(analysis.earning.perHour, r)}
              </ReasonFigure>
            </dd>
          </div>
        )}
        <div>
          <dt>Size of the main part</dt>
          <dd>
            {size ? `${printLength(size.width as Mm, r)} × ${printLength(size.height as Mm, r)}` : "—"}
            {stated ? (
              <From>
                the text says {printLength(stated.mm as Mm, r)} {stated.words}
              </From>
            ) : null}
          </dd>
        </div>
        <div>
          <dt>Yarn ends</dt>
          <dd>{ends}</dd>
        </div>
      </Facts>
      <PlainTable $tight>
        <thead>
          <tr>
            <th scope="col">Material</th>
            <th scope="col" className="num">
              Length
            </th>
            <th scope="col" className="num">
              Weight
            </th>
          </tr>
        </thead>
        <tbody>
          {piece.yarn.map((y) => {
            const yarn = yarnOfSlot(y.slot);
            return (
              <tr key={y.slot}>
                <td>
                  <Named>
                    <YarnDisc
                      colour={yarn?.colour ?? colourOf({}, y.slot)}
                      name={yarn ? `${yarn.name} ${yarn.shade}` : "no yarn"}
                      size={22}
                    />
                    <span>
                      {yarn ? `${yarn.name}, ${yarn.shade}` : <Badge $tone="warn">choose a yarn</Badge>}{" "}
                      <From>
                        {slotLabel(y.slot)}; {y.from}
                      </From>
                    </span>
                  </Named>
                </td>
                <td className="num">
                  <RangedFigure estimate={y.metres} />
                </td>
                <td className="num">
                  <RangedFigure estimate={y.grams} />
                </td>
              </tr>
            );
          })}
          {piece.filling.value > 0 ? (
            <tr>
              <td>
                Filling <From>{piece.packingFrom}</From>{" "}
                {analysis.noFilling ? <Badge $tone="warn">choose a filling</Badge> : null}
              </td>
              <td />
              <td className="num">
                <RangedFigure estimate={piece.filling} />
              </td>
            </tr>
          ) : null}
          {chosen.map((c) => {
            const n = byId.get(c.notionId);
            return n && n.kind !== "filling" && c.quantity > 0 ? (
              <tr key={c.notionId}>
                <td>{n.name}</td>
                <td />
                <td className="num">{c.quantity}</td>
              </tr>
            ) : null;
          })}
          {analysis.missingHardware.map((h) => {
            const match = notions.find(
              (n) =>
                !n.deleted &&
                n.kind === h.kind &&
                (h.sizeMm === undefined || (n.sizeMm !== undefined && Math.abs(n.sizeMm - h.sizeMm) < 0.05)),
            );
            return (
              <tr key={`${h.kind}-${h.sizeMm ?? ""}`}>
                {/* Together in one cell: a button of its own column would push the weights out of the card. */}
                <td colSpan={2}>
                  {h.sizeMm === undefined ? "" : `${printLength(h.sizeMm as Mm, r, 1)} `}
                  {h.kind === "eye" ? "eyes" : "nose"} <Badge $tone="warn">the pattern asks for them</Badge>
                  <Offer>
                    {match ? (
                      <Button type="button" onClick={() => onAddNotion(match.id, h.count)}>
                        Use {match.name}
                      </Button>
                    ) : (
                      <Small>none in Materials</Small>
                    )}
                  </Offer>
                </td>
                <td className="num">{h.count}</td>
              </tr>
            );
          })}
        </tbody>
      </PlainTable>
      <details>
        <summary>Part by part</summary>
        <Scroll tabIndex={0} role="region" aria-label="Part by part">
          <PlainTable>
            <thead>
              <tr>
                <th scope="col">Part</th>
                <th scope="col" className="num">
                  Stitches
                </th>
                <th scope="col" className="num">
                  Yarn
                </th>
                <th scope="col" className="num">
                  Filling
                </th>
                <th scope="col" className="num">
                  Time
                </th>
                <th scope="col" className="num">
                  Size
                </th>
              </tr>
            </thead>
            <tbody>
              {piece.parts.map((p, i) => (
                <tr key={i}>
                  <td title={p.fabric.because}>
                    {p.part.name}
                    {p.part.make > 1 ? ` × ${p.part.make}` : ""}
                  </td>
                  <td className="num">{p.stitches}</td>
                  <td className="num">
                    {p.yarn.map((y) => (
                      <div key={y.slot}>
                        <Figure estimate={y.metres} />
                      </div>
                    ))}
                  </td>
                  <td className="num">{p.filling.value > 0 ? <Figure estimate={p.filling} /> : "none"}</td>
                  <td className="num">
                    <Figure estimate={p.seconds} />
                  </td>
                  <td className="num">
                    {printLength(p.fabric.width, r)} × {printLength(p.fabric.height, r)}
                  </td>
                </tr>
              ))}
            </tbody>
          </PlainTable>
        </Scroll>
      </details>
    </Sheet>
  );
});

const From = styled.span`
  display: block;
  font-size: 13px;
  font-weight: 400;
  color: var(--soft);
`;
const Offer = styled.span`
  display: block;
  margin-top: 6px;
`;
const Named = styled.span`
  display: flex;
  gap: 9px;
  align-items: center;
`;
