import { Button, Row, Sheet, SheetHead, Small } from "../../ui/basics";
import { WorkForm } from "../../ui/form";
import type { PrinterState } from "./printer.server";

/** What hands do at a real printer, done here at the one that comes with Lapka. */
export function StandIn({ state }: { state: PrinterState }) {
  const hands: readonly (readonly [string, string, boolean])[] = [
    ["load 50", "Lay in a roll of 50", state.word !== "away"],
    ["unload", "Take the roll out", state.word !== "away" && state.left > 0],
    ["jam", "Let the next label jam", state.word !== "away" && state.word !== "jam"],
    ["clear", "Draw the jammed label out", state.word === "jam"],
    ["off", "Switch it off", state.word !== "away"],
    ["on", "Switch it on", state.word === "away"],
  ];
  return (
    <Sheet>
      <SheetHead>
        <h2>At the printer</h2>
      </SheetHead>
      <p style={{ margin: "0 0 10px" }}>
        <Small>
          This printer is a stand-in that comes with Lapka: it writes each label as a picture. What hands do
          at a real one is done here.
        </Small>
      </p>
      <Row>
        {hands
          .filter(([, , there]) => there)
          .map(([line, words]) => (
            <WorkForm key={line} preventScrollReset>
              <input type="hidden" name="intent" value="hands" />
              <input type="hidden" name="line" value={line} />
              <Button type="submit">{words}</Button>
            </WorkForm>
          ))}
      </Row>
    </Sheet>
  );
}
