import { Badge, Empty, Row, Sheet, SheetHead, Small } from "../../ui/basics";
import { LabelRoll } from "./label-roll";
import type { PrinterState } from "./printer.server";
import { STATE_WORDS } from "./words";

/** How the printer stands: a word, what is left on its roll, and what to do. */
export function PrinterSheet({ state }: { state: PrinterState }) {
  const { tone, badge, say } = STATE_WORDS[state.word];
  return (
    <Sheet aria-labelledby="stands">
      <SheetHead>
        <h2 id="stands">The printer</h2>
        <span role="status">
          <Badge $tone={tone}>{badge}</Badge>
        </span>
      </SheetHead>
      {state.word === "away" ? null : (
        <Row style={{ marginBottom: 8 }}>
          <LabelRoll left={state.left} />
          <span>
            <b>{state.left}</b> left
          </span>
        </Row>
      )}
      <Small as="p">{say}</Small>
    </Sheet>
  );
}

export const NoPrinter = () => (
  <Empty>
    <b>No label printer is connected to this Lapka.</b>
    <span>
      Labels for a roll can be had as a PDF on an item’s Paper page. How a printer is connected is written in
      docs/label-printer.md.
    </span>
  </Empty>
);
