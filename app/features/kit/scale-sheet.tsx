import { Scale } from "lucide-react";
import { useState } from "react";
import { weighKit } from "@core/kit";
import { parseMass, printMass, printNumber, type Grams } from "@core/units";
import { Button, Row, Sheet, SheetHead, Small } from "../../ui/basics";
import { Input } from "../../ui/field";
import { useReading } from "../../ui/reading";
import { useScale } from "../hand/use-scale";
import type { KitView } from "./kit.server";

/** A packed kit on the scale: whole, or what may be missing. */
export function ScaleSheet({ view, scale }: { view: KitView; scale: boolean }) {
  const r = useReading();
  const [live, setLive] = useState(false);
  const now = useScale(live && scale);
  const [typed, setTyped] = useState("");
  const unit = r.system === "imperial" ? "oz" : "g";
  const read = parseMass(typed, r.locale, unit);
  const grams = live && now.state === "live" ? now.grams : read.ok ? read.value : undefined;
  const verdict =
    grams === undefined || grams <= 0 ? undefined : weighKit(grams, view.packed, view.scaleStep);
  const { weighing } = view;
  // As a kitchen scale shows it: whole grams would hide what the tolerance is about.
  const fine = (g: number) =>
    unit === "g" ? `${printNumber(g, 1, r.locale)}\u00a0g` : printMass(g as Grams, r);
  return (
    <Sheet>
      <SheetHead>
        <h2>Weigh a packed kit</h2>
        <Small>
          {fine(weighing.grams)} ± {fine(weighing.tolerance)}
        </Small>
      </SheetHead>
      <Row>
        <label htmlFor="kit-grams">On the scale, {unit}</label>
        <Input
          id="kit-grams"
          value={live && now.state === "live" ? printMass(now.grams as Grams, r) : typed}
          readOnly={live && now.state === "live"}
          inputMode="decimal"
          autoComplete="off"
          onChange={(e) => setTyped(e.target.value)}
          style={{ width: 110 }}
        />
        {scale ? (
          <Button type="button" aria-pressed={live} onClick={() => setLive((x) => !x)}>
            <Scale size={16} aria-hidden /> {live ? "Type it" : "Read the scale"}
          </Button>
        ) : null}
      </Row>
      <p role="status">
        {verdict === undefined ? (
          <Small>
            Tare the bag away or leave it on: it is counted. Lighter than the tolerance and so not seen by
            weight: {weighing.unseen.length > 0 ? weighing.unseen.join(", ") : "nothing"}. Tick those off.
          </Small>
        ) : verdict.ok ? (
          <b>All there, as far as a scale can tell.</b>
        ) : (
          <>
            <b>
              {printMass(Math.abs(verdict.off) as Grams, r)} too {verdict.off < 0 ? "light" : "heavy"}.
            </b>{" "}
            {verdict.perhaps.length > 0
              ? `${verdict.off < 0 ? "Missing" : "Too much"}, perhaps: ${verdict.perhaps.join("; ")}.`
              : "Nothing in the list weighs just that: count it once more."}
          </>
        )}
      </p>
    </Sheet>
  );
}
