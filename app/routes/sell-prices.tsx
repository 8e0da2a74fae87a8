import { Printer } from "lucide-react";
import { useState } from "react";
import { useNavigation, useSearchParams } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/sell-prices";
import { minorDigits, printMoney, printNumber, type Minor } from "@core/units";
import { Bar } from "../features/sell/bar";
import { HOW_WORDS, HOWS, SCHOOL_WORDS, type How } from "../features/sell/many-prices";
import { SellNav } from "../features/sell/nav";
import { changePrices, priceList } from "../features/sell/prices.server";
import { WareName } from "../features/sell/ware-name";
import { channelView } from "../features/items/load.server";
import { askedText, takesText } from "../features/items/selling";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage, refusalOf, taken } from "../ui/away";
import {
  Button,
  Empty,
  ButtonLink,
  Page,
  PageHead,
  PlainTable,
  Scroll,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { printDay } from "../ui/days";
import { Input, Select } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";
import { useDrawn } from "../ui/use-drawn";

export const meta: Route.MetaFunction = () => [{ title: "Prices · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const list = await priceList(await openWorkshop(request, context));
  return {
    ...list,
    channels: list.channels.map((c) => ({ id: c.id, name: c.name, view: channelView(c) })),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => changePrices(form, o));
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Prices({ loaderData, actionData: answered }: Route.ComponentProps) {
  const r = useReading();
  const [params] = useSearchParams();
  const idle = useNavigation().state === "idle";
  const [how, setHow] = useState<How>("percent");
  const told = taken(answered);
  const { channels } = loaderData;
  const rows = told?.rows ?? loaderData.rows;
  const drawn = useDrawn(Infinity);
  const digits = minorDigits(r.currency);
  const text = (n: number) => printNumber(n / 10 ** digits, digits, r.locale);
  const saved = Number(params.get("saved") ?? "");
  const below = rows.reduce((n, row) => n + row.cells.filter((c) => !c.pays).length, 0);
  if (rows.length === 0)
    return (
      <Page>
        <PageHead>
          <h1>Prices</h1>
        </PageHead>
        <SellNav />
        <Empty>
          <h2>First an item</h2>
          <p>What an item sells for, where, and what an hour of making it earns there, stands here.</p>
          <ButtonLink to="/items/new" $primary>
            Make the first item
          </ButtonLink>
        </Empty>
      </Page>
    );
  return (
    <Page>
      <PageHead>
        <h1>Prices</h1>
        {params.has("saved") && refusalOf(answered) === undefined && !told ? (
          <Small role="status">
            {saved === 0 ? "nothing was changed" : `${saved} ${saved === 1 ? "price" : "prices"} saved`}
          </Small>
        ) : null}
        <ButtonLink to="/sell/prices/several">Several together, or to a shop</ButtonLink>
        <ButtonLink to="/sell/prices/paper">
          <Printer size={16} aria-hidden /> On paper
        </ButtonLink>
      </PageHead>
      <SellNav />
      <Stack $gap={18}>
        <WorkForm key={`${params.toString()}${JSON.stringify(told?.texts ?? "")}`}>
          <input type="hidden" name="wares" value={rows.map((x) => x.key).join(" ")} />
          <input type="hidden" name="channels" value={channels.map((c) => c.id).join(" ")} />
          <Sheet $pad={false} aria-labelledby="prices-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="prices-title">What each piece sells for, and what an hour earns there</h2>
              <Small>
                {below === 0
                  ? `every price pays your ${printMoney(loaderData.wage as Minor, r)} an hour`
                  : `${below} ${below === 1 ? "price does" : "prices do"} not pay your ${printMoney(loaderData.wage as Minor, r)} an hour`}
              </Small>
            </SheetHead>
            <Bar>
              <label>
                <span>Change many</span>
                <Select name="where" aria-label="Where prices are changed">
                  <option value="">everywhere</option>
                  {channels.map((c) => (
                    <option key={c.id} value={c.id}>
                      {c.name}
                    </option>
                  ))}
                </Select>
              </label>
              <label>
                <span>how</span>
                <Select name="how" value={how} onChange={(e) => setHow(e.target.value as How)}>
                  {HOWS.map((h) => (
                    <option key={h} value={h}>
                      {HOW_WORDS[h]}
                    </option>
                  ))}
                </Select>
              </label>
              <label hidden={how !== "percent"}>
                <span>percent</span>
                <Input
                  name="by"
                  inputMode="text"
                  defaultValue={/^-?\d{1,3}$/.test(params.get("by") ?? "") ? (params.get("by") ?? "") : ""}
                  autoComplete="off"
                  placeholder="5"
                  style={{ width: 80 }}
                  aria-invalid={told?.wrong.includes("by") || undefined}
                />
              </label>
              <Button type="submit" name="intent" value="raise" disabled={!idle}>
                Look at it first
              </Button>
              <span style={{ flex: 1 }} />
              <Button type="submit" name="intent" value="preview" disabled={!idle}>
                What would an hour earn?
              </Button>
              <Button type="submit" name="intent" value="save" $primary disabled={!idle}>
                Save the prices
              </Button>
            </Bar>
            {told && told.wrong.length > 0 ? (
              <Wrong role="alert">
                {told.wrong.includes("by")
                  ? "Write by how many percent, such as 5 or -10."
                  : "A price could not be read: write an amount such as 16.50, or nothing for the piece’s own price."}
              </Wrong>
            ) : told?.rows ? (
              <Wrong as="p" role="status" style={{ color: "var(--warn)" }}>
                These prices are not saved yet.
                {told.beyond > 0
                  ? ` ${told.beyond} ${told.beyond === 1 ? "stays" : "stay"} as before: fees and tax take any price.`
                  : ""}
              </Wrong>
            ) : null}
            <Scroll tabIndex={0} role="region" aria-label="Prices, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Piece</th>
                    <th scope="col" className="num minor">
                      Its own price
                    </th>
                    {channels.map((c) => (
                      <th key={c.id} scope="col" className="num" title={takesText(c.view, r)}>
                        {c.name}
                        {askedText(c.view) ? <Terms>{askedText(c.view)}</Terms> : null}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {rows.slice(0, drawn).map((row, i) => (
                    <tr key={row.key}>
                      <td>
                        <WareName ware={row} />
                      </td>
                      <td className="num minor">
                        {printMoney(row.price as Minor, r)}
                        {row.suggested ? <From>with margin</From> : null}
                      </td>
                      {row.cells.map((c, j) => {
                        const name = `c${i * channels.length + j}`;
                        return (
                          <td key={channels[j]?.id ?? j} className="num">
                            <Input
                              name={name}
                              aria-label={`${row.label} at ${channels[j]?.name ?? ""}`}
                              aria-invalid={told?.wrong.includes(name) || undefined}
                              inputMode="decimal"
                              autoComplete="off"
                              defaultValue={told?.texts[name] ?? (c.own === undefined ? "" : text(c.own))}
                              placeholder={text(c.own === undefined ? c.price : row.price)}
                              style={{ width: 92, textAlign: "right" }}
                            />
                            <Hour data-low={!c.pays || undefined}>
                              {c.perHour === undefined
                                ? "no time known"
                                : c.loses
                                  ? "loses money"
                                  : `${printMoney(c.perHour, r)}/h`}
                            </Hour>
                            <Came
                              name={name}
                              told={told?.from[name]}
                              school={told === undefined && c.own !== undefined ? c.school : undefined}
                            />
                          </td>
                        );
                      })}
                    </tr>
                  ))}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
        </WorkForm>
        {loaderData.changes.length > 0 ? (
          <Sheet $pad={false} aria-labelledby="changes-title">
            <SheetHead style={{ padding: "12px 14px 0" }}>
              <h2 id="changes-title">The last changes</h2>
            </SheetHead>
            <Scroll tabIndex={0} role="region" aria-label="The last changes, table">
              <PlainTable>
                <thead>
                  <tr>
                    <th scope="col">Day</th>
                    <th scope="col">Piece</th>
                    <th scope="col">Where</th>
                    <th scope="col" className="num">
                      Price
                    </th>
                    <th scope="col">How</th>
                  </tr>
                </thead>
                <tbody>
                  {loaderData.changes.map((c, i) => (
                    <tr key={i}>
                      <td>{printDay(c.on, r.locale)}</td>
                      <td>{c.label}</td>
                      <td>{c.channel}</td>
                      <td className="num">{c.price === null ? "its own" : printMoney(c.price, r)}</td>
                      <td>{SCHOOL_WORDS[c.school] || "by hand"}</td>
                    </tr>
                  ))}
                </tbody>
              </PlainTable>
            </Scroll>
          </Sheet>
        ) : null}
        <Small>
          An empty field is the piece’s own price, set on its own page. What an hour earns counts what the way
          of selling takes, tax, materials, overhead and the pieces that fail. Below a price stands what it
          was reckoned by; without a word it was typed.
        </Small>
      </Stack>
    </Page>
  );
}

/** What a price was reckoned by; the form carries it, so that it is saved with a price that nobody typed over. */
function Came({
  name,
  told,
  school,
}: {
  name: string;
  /** As the server looked at it: the school, then the text that it asked. */
  told: string | undefined;
  /** As it is saved. */
  school: keyof typeof SCHOOL_WORDS | undefined;
}) {
  const words = SCHOOL_WORDS[(told?.split(" ")[0] ?? school ?? "hand") as keyof typeof SCHOOL_WORDS];
  return (
    <>
      {told ? <input type="hidden" name={`from-${name}`} value={told} /> : null}
      {words ? <From>{words}</From> : null}
    </>
  );
}

const From = styled.div`
  font-size: 13px;
  font-weight: 400;
  color: var(--soft);
  white-space: nowrap;
`;
const Terms = styled(From)`
  max-width: 15ch;
  margin-left: auto;
  white-space: normal;
  /* A column that is not in sight must not make the head of the table tall. */
  @media (max-width: 720px) {
    display: none;
  }
`;
const Wrong = styled.p`
  padding: 0 14px 8px;
  color: var(--bad);
  font-weight: 560;
`;
const Hour = styled.div`
  font-size: 13px;
  color: var(--good);
  white-space: nowrap;
  &[data-low] {
    color: var(--bad);
  }
`;
