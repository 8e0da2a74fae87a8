import { Link } from "react-router";
import { Badge, Sheet, SheetHead } from "../../ui/basics";

/** Labels that wait for her word: without it none of them comes out. */
export function StuckCard({ titles }: { titles: readonly string[] }) {
  return (
    <Sheet aria-labelledby="stuck-title">
      <SheetHead>
        <h2 id="stuck-title">
          <Link to="/printer">Labels to look at</Link>
        </h2>
        <Badge $tone="bad">at the printer</Badge>
      </SheetHead>
      {titles.join(", ")}
    </Sheet>
  );
}
