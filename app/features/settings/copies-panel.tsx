import { Archive } from "lucide-react";
import { useNavigation } from "react-router";
import { Badge, Button, PlainTable, Row, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import type { CopiesShown } from "./copies.server";

/** A daily copy that is older than this is worth a word. */
const OLD_DAYS = 3;
const WHY: ReadonlyMap<string, string> = new Map([
  ["daily", "by itself"],
  ["asked", "you asked for it"],
  ["upgrade", "before an upgrade"],
  ["fresh", "before beginning anew"],
  ["restore", "before a copy was brought back"],
]);

/** Copies of the whole workshop server: the last good one, making one now, and how to bring one back. */
export function CopiesPanel({ copies, zone }: { copies: CopiesShown | undefined; zone: string }) {
  const r = useReading();
  const busy = useNavigation().formData?.get("intent") === "copy";
  if (!copies) return null;
  const when = (at: string) =>
    new Intl.DateTimeFormat(r.locale, { dateStyle: "medium", timeStyle: "short", timeZone: zone }).format(
      new Date(at),
    );
  const { age } = copies;
  return (
    <Sheet id="copies">
      <SheetHead>
        <h2>Copies</h2>
        <Small>
          of everything here, photos too; kept for 7 days, 4 weeks, 12 months; one tried each month
        </Small>
      </SheetHead>
      <Row>
        {age === undefined ? (
          <Badge $tone="warn">no checked copy yet</Badge>
        ) : age > OLD_DAYS ? (
          <Badge $tone="bad">the last good copy is {Math.floor(age)} days old</Badge>
        ) : (
          <Badge $tone="good">
            a good copy is {age < 1 ? "less than a day" : `${Math.floor(age)} days`} old
          </Badge>
        )}
        {copies.drill ? (
          <Badge $tone={copies.drill.ok ? "good" : "bad"} style={{ whiteSpace: "normal" }}>
            {copies.drill.ok
              ? `brought back for a trial ${when(copies.drill.at)}: whole, in ${copies.drill.seconds} s`
              : `the trial of ${when(copies.drill.at)} failed: ${copies.drill.why}`}
          </Badge>
        ) : null}
        <WorkForm>
          <input type="hidden" name="intent" value="copy" />
          <Button type="submit" disabled={busy}>
            <Archive size={16} aria-hidden /> {busy ? "Copying and checking…" : "Make a copy now"}
          </Button>
        </WorkForm>
      </Row>
      {copies.list.length > 0 ? (
        <Scroll tabIndex={0} role="region" aria-label="Copies, table" style={{ marginTop: 10 }}>
          <PlainTable>
            <thead>
              <tr>
                <th scope="col">Made</th>
                <th scope="col">Why</th>
                <th scope="col" className="num">
                  Rows
                </th>
                <th scope="col" className="num">
                  Size
                </th>
                <th scope="col">Read back</th>
              </tr>
            </thead>
            <tbody>
              {copies.list.map((c) => (
                <tr key={c.name}>
                  <td>{when(c.madeAt)}</td>
                  <td>{WHY.get(c.why) ?? c.why}</td>
                  <td className="num">{c.rows.toLocaleString(r.locale)}</td>
                  <td className="num">{sizeText(c.bytes, r.locale)}</td>
                  <td>{c.checked ? "the same" : "not checked"}</td>
                </tr>
              ))}
            </tbody>
          </PlainTable>
        </Scroll>
      ) : null}
      <p style={{ marginTop: 10 }}>
        <Small>
          They lie in <code>{copies.folder}</code>. Keep one elsewhere too, on a stick or another disk. To
          bring one back: <code>bin/lapka restore FILE</code>; what it replaces is kept.
        </Small>
      </p>
    </Sheet>
  );
}

const sizeText = (bytes: number, locale: string): string =>
  bytes < 1_000_000
    ? `${Math.max(1, Math.round(bytes / 1000)).toLocaleString(locale)} kB`
    : `${(bytes / 1e6).toLocaleString(locale, { maximumFractionDigits: 1 })} MB`;
