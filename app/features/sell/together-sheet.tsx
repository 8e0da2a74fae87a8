import { useState } from "react";
import styled from "styled-components";
import { minorDigits, parseMoney, printMoney, printNumber, type Minor } from "@core/units";
import type { SeveralData } from "../../routes/sell-several";
import { Button, Columns, Row, Sheet, SheetHead, Small, Stack } from "../../ui/basics";
import { Input, Select } from "../../ui/field";
import { useReading } from "../../ui/reading";
import { takesText } from "../items/selling";
import { together } from "./several";
import { WareName } from "./ware-name";

const MOST = 20;

/** “3 for …”: which pieces, for how much, and what that leaves against selling them one by one. */
export function TogetherSheet({ data }: { data: SeveralData }) {
  const r = useReading();
  const digits = minorDigits(r.currency);
  const [counts, setCounts] = useState<Readonly<Record<string, number>>>({});
  const [channelId, setChannel] = useState(data.channels[0]?.id ?? "");
  const [price, setPrice] = useState("");
  const [bag, setBag] = useState("");
  const money = (n: number) => printMoney(Math.round(n) as Minor, r);
  const read = (text: string): number | undefined => {
    const m = parseMoney(text, r.currency, r.locale);
    return m.ok && m.value >= 0 ? m.value : undefined;
  };
  const channel = data.channels.find((c) => c.id === channelId) ?? data.channels[0];
  if (!channel) return null;
  const chosen = data.pieces.flatMap((piece) => {
    const n = counts[piece.key] ?? 0;
    return n > 0 ? [{ piece, n }] : [];
  });
  const total = chosen.reduce((sum, c) => sum + c.n, 0);
  const terms = { packaging: read(bag) ?? 0, margin: data.margin, points: data.points };
  const asked = together(chosen, channel, 0, terms);
  // What cannot be read is marked; the figures stay those of the suggested price.
  const at = read(price) ?? asked?.suggested ?? asked?.singly ?? 0;
  const found = together(chosen, channel, at, terms);
  const add = (key: string, by: number) =>
    setCounts((c) => ({ ...c, [key]: Math.max(0, Math.min(MOST, (c[key] ?? 0) + by)) }));
  return (
    <Sheet aria-labelledby="together-title">
      <SheetHead>
        <h2 id="together-title">One price for several</h2>
        <Small>{takesText(channel, r)}</Small>
      </SheetHead>
      <Columns $parts="minmax(0, 1.2fr) minmax(0, 1fr)" $narrow={820}>
        <Pieces aria-label="Which pieces">
          {data.pieces.map((p) => (
            <li key={p.key}>
              <WareName ware={p} height={34} note={money(p.prices[channel.id] ?? 0)} />
              <span className="count">
                <Button
                  type="button"
                  aria-label={`One ${p.label} less`}
                  disabled={(counts[p.key] ?? 0) === 0}
                  onClick={() => add(p.key, -1)}
                >
                  −
                </Button>
                <output aria-label={`How many ${p.label}`}>{counts[p.key] ?? 0}</output>
                <Button
                  type="button"
                  aria-label={`One ${p.label} more`}
                  disabled={total >= MOST}
                  onClick={() => add(p.key, 1)}
                >
                  +
                </Button>
              </span>
            </li>
          ))}
        </Pieces>
        <Stack $gap={12}>
          <Row $gap={12} style={{ alignItems: "end" }}>
            <Labelled>
              Sold at
              <Select value={channel.id} onChange={(e) => setChannel(e.target.value)}>
                {data.channels.map((c) => (
                  <option key={c.id} value={c.id}>
                    {c.label}
                  </option>
                ))}
              </Select>
            </Labelled>
            <Labelled>
              Price of all
              <Input
                value={price}
                onChange={(e) => setPrice(e.target.value)}
                inputMode="decimal"
                autoComplete="off"
                placeholder={found ? printNumber(at / 10 ** digits, digits, r.locale) : ""}
                aria-invalid={(price.trim() !== "" && read(price) === undefined) || undefined}
                style={{ width: 110 }}
              />
            </Labelled>
            <Labelled>
              A bag or box for it
              <Input
                value={bag}
                onChange={(e) => setBag(e.target.value)}
                inputMode="decimal"
                autoComplete="off"
                placeholder={printNumber(0, digits, r.locale)}
                aria-invalid={(bag.trim() !== "" && read(bag) === undefined) || undefined}
                style={{ width: 110 }}
              />
            </Labelled>
          </Row>
          {found ? (
            <Answer aria-live="polite">
              <Hour data-low={found.at.left < 0 || undefined}>
                <b>
                  {found.at.perHour === undefined ? "no time known" : `${money(found.at.perHour)} an hour`}
                </b>
                <span>
                  {found.at.left >= 0
                    ? `pays your ${money(data.wage)} and leaves ${money(found.at.left)}`
                    : `${money(-found.at.left)} short of your ${money(data.wage)} an hour`}
                </span>
              </Hour>
              <dl>
                <div>
                  <dt>One by one</dt>
                  <dd>{money(found.singly)}</dd>
                </div>
                <div>
                  <dt>{found.singly >= at ? "The customer saves" : "The customer pays more by"}</dt>
                  <dd>
                    {money(Math.abs(found.singly - at))}
                    {found.singly > 0
                      ? ` (${printNumber((100 * Math.abs(found.singly - at)) / found.singly, 0, r.locale)} %)`
                      : ""}
                  </dd>
                </div>
                <div>
                  <dt>What they cost you, your hours too</dt>
                  <dd>{money(found.cost)}</dd>
                </div>
                <div>
                  <dt>Fees and tax of this price</dt>
                  <dd>{money(found.at.fees + found.at.tax)}</dd>
                </div>
                <div>
                  <dt>The lowest price that pays all of it</dt>
                  <dd>{found.breakEven === undefined ? "none" : money(found.breakEven)}</dd>
                </div>
                <div>
                  <dt>With your margin</dt>
                  <dd>{found.suggested === undefined ? "none" : money(found.suggested)}</dd>
                </div>
              </dl>
              <Small>
                At the stall: tap the pieces, then “one price for all”. It is one sale, so a fee by the sale
                is paid once.
              </Small>
            </Answer>
          ) : (
            <p>Choose two or three pieces with +. What they may cost together is reckoned at once.</p>
          )}
        </Stack>
      </Columns>
    </Sheet>
  );
}

const Pieces = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 420px;
  overflow: auto;
  @media (max-width: 720px) {
    max-height: 300px;
  }
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 10px;
    padding: 5px 2px;
    border-bottom: 1px solid var(--line);
  }
  .count {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  output {
    min-width: 2ch;
    text-align: center;
    font-weight: 600;
  }
`;
const Labelled = styled.label`
  display: grid;
  gap: 3px;
  font-size: 13px;
  color: var(--soft);
`;
const Answer = styled.div`
  display: grid;
  gap: 10px;
  dl {
    margin: 0;
    display: grid;
    gap: 4px;
  }
  dl > div {
    display: flex;
    justify-content: space-between;
    gap: 12px;
  }
  dd {
    margin: 0;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
`;
const Hour = styled.p`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
  b {
    font-size: 22px;
    color: var(--good);
  }
  &[data-low] b {
    color: var(--bad);
  }
`;
