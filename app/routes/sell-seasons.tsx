import { parseDate } from "@internationalized/date";
import { CalendarRange } from "lucide-react";
import { data, redirect, useSearchParams } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/sell-seasons";
import { SEASONS } from "@core/shelf/demand";
import { printDuration, type Seconds } from "@core/units";
import { setItemSeasons } from "@db/queries/items";
import { BeginBy } from "../features/sell/begin-by";
import { MakeInput } from "../features/sell/make-input";
import { SellNav } from "../features/sell/nav";
import { runFromWares, wantedOf } from "../features/sell/run-from-wares.server";
import { SeasonStrip } from "../features/sell/season-strip";
import { SEASON_WORDS, SHARES } from "../features/sell/season-words";
import { shown, WareName } from "../features/sell/ware-name";
import { loadWares } from "../features/sell/wares.server";
import { yearOf, type SeasonRow } from "../features/sell/year.server";
import { id } from "../forms";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { openWorkshop, todayOf, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
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
import { Choice } from "../ui/drawers";
import { Select } from "../ui/field";
import { ReasonFigure } from "../ui/figure";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Seasons · Lapka" }];

const monthsOf = ({ span }: SeasonRow): number[] =>
  Array.from({ length: span.months }, (_, i) => (span.first + i) % 12);

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const asked = new URL(request.url).searchParams.get("hours");
  const share = SHARES.find((s) => s.name === asked) ?? SHARES[0];
  const year = await yearOf(opened, share.share);
  const items = new Map(
    year.wares.map((w) => [w.itemId, { id: w.itemId, name: w.analysed.entry.item.name, season: w.season }]),
  );
  return {
    today: todayOf(opened.scope),
    hours: share.name,
    seasons: year.seasons.map(({ ware, ...row }) => ({
      ware: shown(ware),
      ...row,
      months: monthsOf({ ware, ...row }),
      first: row.first.toString(),
      last: row.last.toString(),
      startBy: row.startBy?.toString(),
    })),
    standing: year.standing.map(({ ware, ...row }) => ({ ware: shown(ware), ...row })),
    items: [...items.values()].sort((a, b) => a.name.localeCompare(b.name)),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => (form.get("do") === "run" ? makeRun(form, o) : saveSeasons(form, o)));
}

const said = z.array(z.object({ item: id, season: z.enum(SEASONS) })).max(400);

async function saveSeasons(form: FormData, { scope }: Opened) {
  const seasons = form.getAll("season");
  const read = said.safeParse(form.getAll("item").map((item, i) => ({ item, season: seasons[i] })));
  if (!read.success) throw data(null, { status: 400 });
  await setItemSeasons(scope, new Map(read.data.map((x) => [x.item, x.season])));
  return redirect("/sell/seasons?saved=1");
}

/** One press makes what the seasons ask for a run, due before the first of them begins. */
async function makeRun(form: FormData, opened: Opened) {
  const [{ seasons }, { wares }] = await Promise.all([
    yearOf(opened, 1),
    loadWares(opened.scope, opened.workshop),
  ]);
  const wanted = wantedOf(form);
  const first = seasons
    .filter((x) => (wanted.get(x.ware.key) ?? 0) > 0)
    .map((x) => (x.on ? x.last : x.first.subtract({ days: 1 })).toString())
    .sort()[0];
  const runId = await runFromWares(opened, wares, wanted, {
    name: "For the season",
    dueOn: first ?? todayOf(opened.scope),
  });
  if (runId === undefined)
    return data({ error: "Write for at least one piece how many you make." }, { status: 400 });
  return redirect(`/runs/${runId}`);
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

type Data = Awaited<ReturnType<typeof loader>>;

export default function Seasons({ loaderData: d, actionData: answered }: Route.ComponentProps) {
  const [params] = useSearchParams();
  const error = taken(answered)?.error;
  return (
    <Page>
      <PageHead>
        <h1>Seasons</h1>
        {params.get("saved") ? <Small role="status">saved</Small> : null}
      </PageHead>
      <SellNav />
      {d.items.length === 0 ? (
        <Empty>
          <h2>What sells when</h2>
          <p>Some pieces sell in a few weeks of the year. Write an item first; then say here which.</p>
          <ButtonLink to="/items/new" $primary>
            Write an item
          </ButtonLink>
        </Empty>
      ) : (
        <Stack $gap={18}>
          {error ? (
            <p role="alert" style={{ color: "var(--bad)", fontWeight: 560 }}>
              {error}
            </p>
          ) : null}
          <Coming d={d} />
          <Standing d={d} />
          <Said key={d.items.map((i) => i.season).join()} items={d.items} />
        </Stack>
      )}
    </Page>
  );
}

function Coming({ d }: { d: Data }) {
  const wanted = d.seasons.some((x) => x.make > 0);
  return (
    <WorkForm>
      <input type="hidden" name="do" value="run" />
      <Sheet $pad={false} aria-labelledby="coming-title">
        <SheetHead style={{ padding: "12px 14px 0", alignItems: "center" }}>
          <h2 id="coming-title">What has a season</h2>
          <Row $gap={6} role="group" aria-label="How much of your hours">
            <Small>made in</Small>
            {SHARES.map((s) => (
              <Choice
                key={s.name}
                to={`?hours=${s.name}`}
                aria-current={s.name === d.hours ? "true" : undefined}
              >
                {s.label}
              </Choice>
            ))}
          </Row>
          {wanted ? (
            <Button type="submit" $primary>
              <CalendarRange size={17} aria-hidden /> Make it a run
            </Button>
          ) : null}
        </SheetHead>
        {d.seasons.length === 0 ? (
          <p style={{ padding: "0 14px 14px" }}>
            Nothing yet: all you sell is asked for the year round. Say below which pieces sell only for some
            weeks; what you sell from then on puts it right.
          </p>
        ) : (
          <Scroll tabIndex={0} role="region" aria-label="What has a season, table">
            <PlainTable>
              <thead>
                <tr>
                  <th scope="col">Piece</th>
                  <th scope="col" className="minor">
                    Its months
                  </th>
                  <th scope="col">Season</th>
                  <th scope="col" className="num minor">
                    Asked for
                  </th>
                  <th scope="col" className="num minor">
                    There and coming
                  </th>
                  <th scope="col" className="num">
                    Make
                  </th>
                  <th scope="col">Start by</th>
                </tr>
              </thead>
              <tbody>
                {d.seasons.map((x) => (
                  <SeasonLine key={x.ware.key} x={x} today={d.today} />
                ))}
              </tbody>
            </PlainTable>
          </Scroll>
        )}
      </Sheet>
    </WorkForm>
  );
}

function SeasonLine({ x, today }: { x: Data["seasons"][number]; today: string }) {
  const r = useReading();
  return (
    <tr>
      <td>
        <WareName ware={x.ware} />
      </td>
      <td className="minor">
        <SeasonStrip
          season={x.season}
          months={x.months}
          now={parseDate(today).month - 1}
          label={`${x.ware.label} sells mostly in`}
        />
      </td>
      <td>
        {x.on ? (
          <>
            <Badge $tone="good">on</Badge> until {printDay(x.last, r.locale)}
          </>
        ) : (
          `from ${printDay(x.first, r.locale)}`
        )}
      </td>
      <td className="num minor">
        <ReasonFigure
          reason={{
            label: `${x.ware.label}: asked for until ${printDay(x.last, r.locale)}`,
            measure: "count",
            value: x.wanted,
            how: "what all ways of selling ask for until the season ends, with the chance that is worth its cost",
            parts: [
              { label: "as expected", measure: "count", value: x.expected },
              {
                label: "chance of not running out that is worth its cost",
                measure: "ratio",
                value: x.service,
              },
              { label: "share of the year in its season", measure: "ratio", value: x.span.share },
            ],
          }}
        >
          {x.wanted}
        </ReasonFigure>
      </td>
      <td className="num minor">
        {x.held}
        {x.make === 0 && x.left >= 1 ? <Small> ({Math.round(x.left)} would stay)</Small> : null}
      </td>
      <td className="num">
        <MakeInput ware={x.ware} make={x.make} />
        {x.make > 0 ? (
          <div>
            <Small>{printDuration((x.hours * 3600) as Seconds, r)}</Small>
          </div>
        ) : null}
      </td>
      <td>
        {x.make > 0 ? (
          <BeginBy day={x.startBy} today={today} />
        ) : (
          <Badge>{x.wanted === 0 ? "not worth its cost" : "stop: there is enough"}</Badge>
        )}
      </td>
    </tr>
  );
}

function Standing({ d }: { d: Data }) {
  const enough = d.standing.filter((x) => x.enough);
  if (enough.length === 0) return null;
  return (
    <Sheet aria-labelledby="stop-title">
      <SheetHead>
        <h2 id="stop-title">Stop for now</h2>
        <Small>sells the year round, and there is enough for long</Small>
      </SheetHead>
      <Row $gap={22}>
        {enough.map((x) => (
          <WareName
            key={x.ware.key}
            ware={x.ware}
            note={`${x.held} there and coming: ${x.weeks === undefined ? "more than a year" : `${x.weeks} weeks`}`}
          />
        ))}
      </Row>
    </Sheet>
  );
}

function Said({ items }: { items: Data["items"] }) {
  return (
    <WorkForm>
      <Sheet aria-labelledby="said-title">
        <SheetHead>
          <h2 id="said-title">When each is asked for</h2>
          <Small>as you say it; what you sell bends it, month by month</Small>
          <Button type="submit">Save</Button>
        </SheetHead>
        <div
          style={{
            display: "grid",
            gap: "8px 26px",
            gridTemplateColumns: "repeat(auto-fill, minmax(290px, 1fr))",
          }}
        >
          {items.map((i) => (
            <label
              key={i.id}
              style={{ display: "flex", gap: 10, justifyContent: "space-between", alignItems: "center" }}
            >
              <span>{i.name}</span>
              <input type="hidden" name="item" value={i.id} />
              <Select name="season" defaultValue={i.season} style={{ width: 170, flex: "none" }}>
                {SEASONS.map((s) => (
                  <option key={s} value={s}>
                    {SEASON_WORDS[s]}
                  </option>
                ))}
              </Select>
            </label>
          ))}
        </div>
      </Sheet>
    </WorkForm>
  );
}
