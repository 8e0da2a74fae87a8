import { Button, Row } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { useReading } from "../../ui/reading";
import type { useShift } from "./use-shift";

/** What was moved last, and the way back; or why it was not. */
export function Moved({
  moving: { last, still, refusal, undo },
  runs,
}: {
  moving: ReturnType<typeof useShift>;
  /** Open runs, with the first day on which each has hours. */
  runs: readonly { readonly id: string; readonly begin: string | undefined }[];
}) {
  const r = useReading();
  const shown = last ?? still;
  if (!shown) return null;
  const on = printDay(shown.to, r.locale, true);
  const begin = runs.find((x) => x.id === shown.id)?.begin;
  const waits = shown.what === "begin" && begin !== undefined && begin > shown.to;
  return (
    <Row role="status" style={{ marginBottom: 8 }}>
      {last && refusal !== undefined ? (
        <b style={{ color: "var(--bad)" }}>{refusal}</b>
      ) : (
        <span>
          <b>{shown.label}</b> {shown.what === "begin" ? "may begin on" : "stands on"} {on}
          {last ? " now." : " already."}
          {waits
            ? ` There are no hours for it before ${printDay(begin, r.locale)}: give that day more, or let it go first.`
            : null}
        </span>
      )}
      {last && refusal === undefined ? (
        <Button type="button" onClick={undo}>
          Put it back
        </Button>
      ) : null}
    </Row>
  );
}
