import { STRANGERS } from "@core/kit";
import { printMoney, printTrimmed, type Minor } from "@core/units";
import { Sheet, SheetHead, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import type { KitView } from "./kit.server";
import { ReserveCurve } from "./reserve-curve";

/** What the reserve comes to, and what another chance would take. */
export function ReserveSheet({ view, chance }: { view: KitView; chance: number }) {
  const r = useReading();
  return (
    <Sheet>
      <SheetHead>
        <h2>The reserve</h2>
        <Small>
          {printTrimmed(100 * view.reserveShare, 0, r.locale)} % more yarn,{" "}
          {printMoney(Math.round(view.reserveCost) as Minor, r)} a kit
        </Small>
      </SheetHead>
      <ReserveCurve curve={view.curve} share={view.reserveShare} chance={chance} />
      <Small>
        Strangers crochet {printTrimmed(100 * STRANGERS, 0, r.locale)} % tighter or looser than you (from
        memory); what your own figures and the winding leave open comes on top. A buyer is as loose in every
        colour, so all colours are reckoned together.
      </Small>
    </Sheet>
  );
}
