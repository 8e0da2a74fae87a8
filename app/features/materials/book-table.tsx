import { printMoney, type Minor, type Reading } from "@core/units";
import { PlainTable, Scroll, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { TakeBack } from "../../ui/take-back";
import { printAmount, useReading } from "../../ui/reading";

export interface MoveView {
  readonly id: string;
  readonly kind: string;
  readonly at: string;
  readonly label?: string | undefined;
  readonly what: "yarn" | "filling" | "notion" | "item";
  readonly quantity: number;
  readonly note: string;
  readonly ball?: string | undefined;
  readonly cost: number | null;
  /** Taken back, or itself a taking back: nothing more to undo. */
  readonly settled: boolean;
}

/** Kinds of move that are called otherwise on screen. */
const WORDS: ReadonlyMap<string, string> = new Map([["undone", "taken back"]]);
export const moveWord = (kind: string): string => WORDS.get(kind) ?? kind;
const signed = (quantity: number, what: MoveView["what"], r: Reading): string =>
  `${quantity > 0 ? "+" : "−"}${printAmount(Math.abs(quantity), what === "item" ? "notion" : what, r)}`;

/** Moves of the stock book, newest first; each can be taken back by its opposite. */
export function BookTable({ moves, label }: { moves: readonly MoveView[]; label: string }) {
  const r = useReading();
  const named = moves.some((m) => m.label !== undefined);
  return (
    <Scroll tabIndex={0} role="region" aria-label={`${label}, table`}>
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Day</th>
            {named ? <th scope="col">What</th> : null}
            <th scope="col">Move</th>
            <th scope="col" className="num">
              Amount
            </th>
            <th scope="col" className="num minor">
              Paid
            </th>
            <th scope="col">
              <span className="sr">Undo</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {moves.map((m) => (
            <tr
              key={m.id}
              style={
                m.settled && m.kind !== "undone"
                  ? { textDecoration: "line-through", color: "var(--soft)" }
                  : undefined
              }
            >
              <td style={{ whiteSpace: "nowrap" }}>{printDay(m.at, r.locale)}</td>
              {named ? <td>{m.label}</td> : null}
              <td>
                {moveWord(m.kind)}{" "}
                {m.note || m.ball ? <Small>{[m.note, m.ball].filter(Boolean).join(" · ")}</Small> : null}
              </td>
              <td className="num">{signed(m.quantity, m.what, r)}</td>
              <td className="num minor">
                {m.cost === null || m.kind === "undone" ? "" : printMoney(m.cost as Minor, r)}
              </td>
              <td className="num">
                {m.settled ? null : (
                  <TakeBack
                    action="/materials"
                    fields={{ intent: "undo-move", move: m.id }}
                    label={`${moveWord(m.kind)} ${signed(m.quantity, m.what, r)}`}
                  />
                )}
              </td>
            </tr>
          ))}
          {moves.length === 0 ? (
            <tr>
              <td colSpan={6}>Nothing was posted yet.</td>
            </tr>
          ) : null}
        </tbody>
      </PlainTable>
    </Scroll>
  );
}
