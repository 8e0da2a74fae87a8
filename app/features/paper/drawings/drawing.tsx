import { renderToStaticMarkup } from "react-dom/server";
import type { CheckedPattern } from "@core/notation";
import type { PieceEstimate } from "@core/estimate";
import type { Reading } from "@core/units";
import { ReadingProvider } from "../../../ui/reading";
import type { SlotColours } from "../../figure/silhouette-view";
import { LadderDocument } from "./ladder-document";
import { asDocument } from "./on-paper";
import { ShapeDocument } from "./shape-document";

export type DrawingName = "ladder" | "shape";

/** What a drawing shows. */
interface Drawn {
  readonly name: string;
  readonly checked: CheckedPattern;
  readonly piece: PieceEstimate;
  readonly colours: SlotColours;
  readonly reading: Reading;
}

/** The ladder or the shapes of an item as an SVG document that needs nothing beside it. */
export function drawingOf(what: DrawingName, { name, checked, piece, colours, reading }: Drawn): string {
  const drawn = { name, colours };
  return asDocument(
    renderToStaticMarkup(
      <ReadingProvider value={reading}>
        {what === "ladder" ? (
          <LadderDocument pattern={checked} {...drawn} />
        ) : (
          <ShapeDocument piece={piece} {...drawn} />
        )}
      </ReadingProvider>,
    ),
  );
}
