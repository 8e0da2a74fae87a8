import { useState } from "react";
import { useSearchParams } from "react-router";
import type { Route } from "./+types/sell-paper";
import { PdfPreview } from "../features/paper/pdf-preview";
import { PrintLinks } from "../features/paper/print-links";
import { SheetChoices } from "../features/paper/sheet-choices";
import { SellNav } from "../features/sell/nav";
import { allPlaces, loadWares } from "../features/sell/wares.server";
import { openWorkshop } from "../server/scope.server";
import { ButtonLink, Columns, Empty, Page, PageHead, Sheet, SheetHead } from "../ui/basics";
import { Field, FieldGrid, Select } from "../ui/field";

export const meta: Route.MetaFunction = () => [{ title: "Prices on paper · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [{ wares, channels }, places] = await Promise.all([loadWares(scope, workshop), allPlaces(scope)]);
  return {
    wares: wares.length,
    channels: channels.map((c) => ({ id: c.id, name: c.name })),
    shelves: places.filter((p) => p.kind === "shelf").map((p) => ({ id: p.id, name: p.name })),
  };
}

const SHEETS = [
  [
    "signs",
    "Stall signs",
    "Name and price of each piece, large enough to be read across a table, eight on a sheet with cut marks.",
  ],
  ["list", "Price list", "Every piece and its price in one way of selling, to hand over or to hang up."],
  [
    "note",
    "Consignment note",
    "What stands on a shop’s shelf, at which price, and whose share is what: signed by both.",
  ],
] as const;
type SheetName = (typeof SHEETS)[number][0];

export default function SellPaper({ loaderData: d }: Route.ComponentProps) {
  const [params] = useSearchParams();
  const first = SHEETS.find(([n]) => n === params.get("sheet"))?.[0] ?? "signs";
  const [sheet, setSheet] = useState<SheetName>(first);
  const [channel, setChannel] = useState(params.get("channel") ?? d.channels[0]?.id ?? "");
  const [place, setPlace] = useState(params.get("place") ?? d.shelves[0]?.id ?? "");
  const [paper, setPaper] = useState("");
  const [pages, setPages] = useState<number>();
  const where: Record<string, string> = sheet === "note" ? { place } : { channel };
  const query = new URLSearchParams({ ...where, ...(paper === "" ? {} : { paper }) }).toString();
  const without = d.wares === 0 || (sheet === "note" ? d.shelves.length === 0 : d.channels.length === 0);
  const url = without ? undefined : `/sell/prices/${sheet}.pdf?${query}`;
  const sheets = SHEETS.filter(([n]) => n !== "note" || d.shelves.length > 0);
  return (
    <Page>
      <PageHead>
        <h1>Prices on paper</h1>
        <ButtonLink to="/sell/prices">Back to the prices</ButtonLink>
      </PageHead>
      <SellNav />
      {d.wares === 0 ? (
        <Empty>
          <h2>Nothing to sell yet</h2>
          <p>An item with a pattern has a price, and stands on these sheets.</p>
          <ButtonLink to="/items/new" $primary>
            Make the first item
          </ButtonLink>
        </Empty>
      ) : (
        <Columns $parts="minmax(0, 1fr) minmax(0, 1.15fr)">
          <Sheet>
            <SheetHead>
              <h2>What to print</h2>
            </SheetHead>
            <SheetChoices sheets={sheets} value={sheet} onChange={setSheet} />
            <FieldGrid $min={150}>
              {sheet === "note" ? (
                <Field label="Shelf" name="place" errors={undefined}>
                  {(bind) => (
                    <Select {...bind} value={place} onChange={(e) => setPlace(e.target.value)}>
                      {d.shelves.map((p) => (
                        <option key={p.id} value={p.id}>
                          {p.name}
                        </option>
                      ))}
                    </Select>
                  )}
                </Field>
              ) : (
                <Field label="Prices of" name="channel" errors={undefined}>
                  {(bind) => (
                    <Select {...bind} value={channel} onChange={(e) => setChannel(e.target.value)}>
                      {d.channels.map((c) => (
                        <option key={c.id} value={c.id}>
                          {c.name}
                        </option>
                      ))}
                    </Select>
                  )}
                </Field>
              )}
              <Field label="Paper" name="paper" errors={undefined}>
                {(bind) => (
                  <Select {...bind} value={paper} onChange={(e) => setPaper(e.target.value)}>
                    <option value="">A4</option>
                    <option value="LETTER">Letter</option>
                  </Select>
                )}
              </Field>
            </FieldGrid>
            {url ? <PrintLinks url={url} pages={pages} /> : null}
          </Sheet>
          <PdfPreview url={url} label={SHEETS.find(([n]) => n === sheet)?.[1] ?? ""} onPages={setPages} />
        </Columns>
      )}
    </Page>
  );
}
