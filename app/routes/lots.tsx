import { Link, useSearchParams } from "react-router";
import type { Route } from "./+types/lots";
import { holding, numberRanges } from "@core/planning";
import { printMass, type Grams } from "@core/units";
import {
  batchNumber,
  findBatchByNumber,
  listBatches,
  lookedAt,
  lotsUsed,
  rejectedOf,
  type Batch,
} from "@db/queries/batches";
import { findRun } from "@db/queries/runs";
import { lotsOfPieces } from "@db/queries/piece-lots";
import type { Scope } from "@db/scope";
import { lotInWords } from "../features/runs/lot-words";
import { SellNav } from "../features/sell/nav";
import { HOME, wareKey } from "../features/sell/wares";
import { allPieces, allPlaces, loadWares } from "../features/sell/wares.server";
import { allYarns } from "../server/rows.server";
import { openWorkshop } from "../server/scope.server";
import {
  Button,
  Page,
  PageHead,
  PlainTable,
  Row,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { printDay } from "../ui/days";
import { Input } from "../ui/field";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Where a lot went · Lapka" }];

/** From a lot forward: the runs that used it, what was made there, and where such pieces stand now. */
export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const lot = (new URL(request.url).searchParams.get("lot") ?? "").trim().slice(0, 60);
  if (lot === "") return { lot, uses: [], batches: [], places: [], held: [], ofTag: false };
  // A tag names its batch: from a piece back to the lots that its run used.
  const tagged = await findBatchByNumber(scope, lot);
  const [uses, { wares }, places, pieces] = await Promise.all([
    lotsUsed(scope, tagged?.runId ? { runId: tagged.runId } : { lot }),
    loadWares(scope, workshop),
    allPlaces(scope),
    allPieces(scope),
  ]);
  const runs = [...new Set(uses.map((u) => u.runId))];
  const batches: Batch[] = tagged
    ? [tagged]
    : (await Promise.all(runs.map((runId) => listBatches(scope, { runId })))).flat();
  const held = await heldByPieces(scope, runs, { lot, lineId: tagged?.lineId });
  const label = new Map(wares.map((w) => [w.key, w.label]));
  const made = new Set(batches.map((b) => wareKey(b.itemId, b.colourwayId)));
  return {
    lot,
    held,
    ofTag: tagged !== undefined,
    uses: uses.map((u) => ({ ...u, yarn: `${u.shade}, ${u.yarn}` })),
    batches: batches.map((b) => ({
      id: b.id,
      number: batchNumber(b),
      on: b.inspectedOn,
      label: label.get(wareKey(b.itemId, b.colourwayId)) ?? "something deleted",
      pieces: lookedAt(b),
      passed: b.good + b.mended,
      seconds: b.seconds,
      rejected: rejectedOf(b),
      run: uses.find((u) => u.runId === b.runId)?.run ?? "",
      runId: b.runId,
    })),
    places: pieces
      .filter((p) => made.has(wareKey(p.itemId, p.colourwayId)) && p.quantity > 0)
      .map((p) => ({
        label: label.get(wareKey(p.itemId, p.colourwayId)) ?? "something deleted",
        place: p.placeId === "" ? HOME : (places.find((x) => x.id === p.placeId)?.name ?? "elsewhere"),
        quantity: p.quantity,
      })),
  };
}

/**
 * Which pieces of those runs hold the lot; of a tag's batch which lots its pieces hold. The runs that ended last
 * first.
 */
async function heldByPieces(
  scope: Scope,
  runIds: readonly string[],
  of: { readonly lot: string; readonly lineId: string | null | undefined },
) {
  const [found, yarns] = await Promise.all([
    Promise.all(runIds.slice(0, MOST_RUNS).map((id) => findRun(scope, id))),
    allYarns(scope),
  ]);
  const shade = new Map(yarns.map((y) => [y.id, y]));
  const runs = found.flatMap((r) => r ?? []).sort((a, b) => (a.run.dueOn < b.run.dueOn ? 1 : -1));
  const lots = await Promise.all(runs.map((r) => lotsOfPieces(scope, r)));
  return runs.flatMap((r, i) =>
    r.lines.flatMap((line) => {
      if (of.lineId && line.id !== of.lineId) return [];
      const groups = lots[i]?.get(line.id) ?? [];
      return (of.lineId ? groups : holding(groups, of.lot)).map((g) => ({
        run: r.run.name,
        runId: r.run.id,
        label: line.plannedWith.label,
        pieces: g.pieces,
        of: line.quantity,
        lots: g.lots.map((l) => lotInWords(shade.get(l.yarnId), l.lot)),
      }));
    }),
  );
}
const MOST_RUNS = 40;

export default function Lots({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const [params] = useSearchParams();
  return (
    <Page>
      <PageHead>
        <h1>Where a lot went</h1>
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        <form method="get" key={params.toString()}>
          <Row>
            <label htmlFor="lot">Lot on the band, or batch on a tag</label>
            <Input
              id="lot"
              name="lot"
              defaultValue={d.lot}
              maxLength={60}
              autoComplete="off"
              style={{ width: 160 }}
            />
            <Button type="submit" $primary>
              Look
            </Button>
          </Row>
        </form>
        {d.lot === "" ? (
          <p>
            A yarn was faulty, or a shop asks what a piece was made of: write the lot of the yarn, or the
            batch from a piece’s tag, and you see the lots and runs, what was made and where such pieces
            stand.
          </p>
        ) : d.uses.length === 0 && !d.ofTag ? (
          <p role="status">No finished run took yarn of lot {d.lot} from a ball.</p>
        ) : (
          <>
            <Sheet $pad={false} aria-labelledby="uses-title">
              <SheetHead style={{ padding: "12px 14px 0" }}>
                <h2 id="uses-title">{d.ofTag ? "Lots that its run used" : "Runs that used it"}</h2>
              </SheetHead>
              <Scroll tabIndex={0} role="region" aria-label="Runs and yarn, table">
                <PlainTable>
                  <thead>
                    <tr>
                      <th scope="col">Run</th>
                      <th scope="col">Yarn</th>
                      <th scope="col">Lot</th>
                      <th scope="col" className="num">
                        Used
                      </th>
                    </tr>
                  </thead>
                  <tbody>
                    {d.uses.map((u) => (
                      <tr key={u.runId + u.yarnId + u.lot}>
                        <td>
                          <Link to={`/runs/${u.runId}`}>{u.run}</Link>
                        </td>
                        <td>{u.yarn}</td>
                        <td>{u.lot === "" ? "no lot" : u.lot}</td>
                        <td className="num">{printMass((u.used / 1000) as Grams, r)}</td>
                      </tr>
                    ))}
                  </tbody>
                </PlainTable>
              </Scroll>
            </Sheet>
            <Sheet $pad={false} aria-labelledby="made-title">
              <SheetHead style={{ padding: "12px 14px 0" }}>
                <h2 id="made-title">What was made there</h2>
                {d.ofTag ? null : <Small>every piece of these batches may hold it</Small>}
              </SheetHead>
              <Scroll tabIndex={0} role="region" aria-label="What was made there, table">
                <PlainTable>
                  <thead>
                    <tr>
                      <th scope="col">Looked at</th>
                      <th scope="col">Piece</th>
                      <th scope="col" className="num">
                        Passed
                      </th>
                      <th scope="col" className="num">
                        Seconds
                      </th>
                      <th scope="col" className="num">
                        Rejected
                      </th>
                    </tr>
                  </thead>
                  <tbody>
                    {d.batches.map((b) => (
                      <tr key={b.id}>
                        <td>{printDay(b.on, r.locale)}</td>
                        <td>
                          {b.label} <Small>{b.run}</Small>{" "}
                          {b.runId ? (
                            <a
                              href={`/runs/${b.runId}/batches/${b.id}/record.pdf`}
                              target="_blank"
                              rel="noreferrer"
                            >
                              batch {b.number} (PDF)
                            </a>
                          ) : null}
                        </td>
                        <td className="num">{b.passed}</td>
                        <td className="num">{b.seconds}</td>
                        <td className="num">{b.rejected}</td>
                      </tr>
                    ))}
                    {d.batches.length === 0 ? (
                      <tr>
                        <td colSpan={5}>Nothing of these runs was inspected.</td>
                      </tr>
                    ) : null}
                  </tbody>
                </PlainTable>
              </Scroll>
            </Sheet>
            {d.held.length > 0 ? <HeldSheet held={d.held} /> : null}
            {d.places.length > 0 ? (
              <Sheet aria-labelledby="where-title">
                <SheetHead>
                  <h2 id="where-title">Where such pieces stand now</h2>
                </SheetHead>
                <ul style={{ margin: 0, paddingLeft: 20 }}>
                  {d.places.map((p, i) => (
                    <li key={i}>
                      {p.place}: {p.quantity} {p.label}
                    </li>
                  ))}
                </ul>
              </Sheet>
            ) : null}
          </>
        )}
      </Stack>
    </Page>
  );
}

function HeldSheet({ held }: { held: Route.ComponentProps["loaderData"]["held"] }) {
  return (
    <Sheet $pad={false} aria-labelledby="held-title">
      <SheetHead style={{ padding: "12px 14px 0" }}>
        <h2 id="held-title">Piece by piece</h2>
        <Small>as the cutting plan gave the balls, counted in the order they were made</Small>
      </SheetHead>
      <Scroll tabIndex={0} role="region" aria-label="Piece by piece, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Of</th>
              <th scope="col">Pieces</th>
              <th scope="col">Lots in them</th>
            </tr>
          </thead>
          <tbody>
            {held.map((h, i) => (
              <tr key={i}>
                <td>
                  {h.label}{" "}
                  <Small>
                    <Link to={`/runs/${h.runId}`}>{h.run}</Link>
                  </Small>
                </td>
                <td>
                  <b>{numberRanges(h.pieces)}</b> <Small>of {h.of}</Small>
                </td>
                <td>{h.lots.join("; ")}</td>
              </tr>
            ))}
          </tbody>
        </PlainTable>
      </Scroll>
    </Sheet>
  );
}
