import { useState } from "react";
import styled from "styled-components";
import { minorDigits, parseNumber, printMoney, printNumber, type Minor } from "@core/units";
import type { SeveralData } from "../../routes/sell-several";
import { Button, PlainTable, Scroll, Sheet, SheetHead, Small } from "../../ui/basics";
import { Input, Select } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";
import { takesText } from "../items/selling";
import { Bar } from "./bar";
import { outright } from "./several";
import { WareName } from "./ware-name";

/** A shop that buys pieces outright pays about half of what it sells them for (common practice, no source). */
const USUAL_SHARE = "50";

/** What a shop that buys outright would pay, piece by piece, and from which share an hour is paid. */
export function Outrights({ data }: { data: SeveralData }) {
  const r = useReading();
  const digits = minorDigits(r.currency);
  const [share, setShare] = useState(USUAL_SHARE);
  const [list, setList] = useState(data.channels[0]?.id ?? "");
  const [terms, setTerms] = useState("");
  const money = (n: number) => printMoney(Math.round(n) as Minor, r);
  const read = parseNumber(share, r.locale);
  const part = read.ok && read.value > 0 && read.value <= 200 ? read.value / 100 : undefined;
  const through = data.channels.find((c) => c.id === terms);
  const rows = data.pieces.map((p) => {
    const whole = p.prices[list] ?? 0;
    return { piece: p, whole, out: part === undefined ? undefined : outright(p, whole, part, through) };
  });
  const paid = rows.filter((x) => x.out && x.out.at.left >= 0).length;
  return (
    <WorkForm action="/sell/prices">
      <input type="hidden" name="wares" value={rows.map((x) => x.piece.key).join(" ")} />
      <input type="hidden" name="channels" value={through?.id ?? ""} />
      {rows.map((x, i) => (
        <input
          key={x.piece.key}
          type="hidden"
          name={`c${i}`}
          value={x.out ? printNumber(x.out.price / 10 ** digits, digits, r.locale) : ""}
        />
      ))}
      <Sheet $pad={false} aria-labelledby="outright-title">
        <SheetHead style={{ padding: "12px 14px 0" }}>
          <h2 id="outright-title">To a shop that buys outright</h2>
          <Small>
            {part === undefined
              ? ""
              : paid === rows.length
                ? "every piece still pays your hour"
                : `${paid} of ${rows.length} pieces still pay your hour`}
          </Small>
        </SheetHead>
        <Bar>
          <label>
            <span>The shop pays, % of the price</span>
            <Input
              value={share}
              onChange={(e) => setShare(e.target.value)}
              inputMode="decimal"
              autoComplete="off"
              aria-invalid={part === undefined || undefined}
              style={{ width: 90 }}
            />
          </label>
          <label>
            <span>of what it costs at</span>
            <Select value={list} onChange={(e) => setList(e.target.value)}>
              {data.channels.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.label}
                </option>
              ))}
            </Select>
          </label>
          <label>
            <span>on the terms of</span>
            <Select value={terms} onChange={(e) => setTerms(e.target.value)}>
              <option value="">nobody: nothing is taken</option>
              {data.channels.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.label}
                </option>
              ))}
            </Select>
          </label>
          <span style={{ flex: 1 }} />
          {through && through.id !== list ? (
            <Button type="submit" name="intent" value="save" disabled={part === undefined}>
              Write into its price list
            </Button>
          ) : null}
        </Bar>
        <Why>
          {part === undefined ? (
            <span role="alert">Write a share between 1 and 200, such as 50.</span>
          ) : (
            <>
              {through
                ? `${through.label}: ${takesText(through, r)}. `
                : "To keep these prices, make the shop a way of selling in Settings and choose it here. "}
              What stays unsold is the shop’s; how many it must take at least is yours to say.
            </>
          )}
        </Why>
        <Scroll tabIndex={0} role="region" aria-label="What a shop would pay, table">
          <PlainTable>
            <thead>
              <tr>
                <th scope="col">Piece</th>
                <th scope="col" className="num minor">
                  Price
                </th>
                <th scope="col" className="num">
                  Shop pays
                </th>
                <th scope="col" className="num">
                  An hour
                </th>
                <th scope="col" className="num">
                  Pays it from
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ piece, whole, out }) => (
                <tr key={piece.key}>
                  <td>
                    <WareName ware={piece} />
                  </td>
                  <td className="num minor">{money(whole)}</td>
                  <td className="num">{out ? money(out.price) : "—"}</td>
                  <td className="num">
                    <Earned data-low={(out && out.at.left < 0) || undefined}>
                      {!out
                        ? "—"
                        : out.at.perHour === undefined
                          ? "no time known"
                          : `${money(out.at.perHour)}/h`}
                    </Earned>
                  </td>
                  <td className="num">
                    {!out
                      ? "—"
                      : out.paysFrom === undefined
                        ? "no price"
                        : `${printNumber(Math.ceil(100 * out.paysFrom), 0, r.locale)} %`}
                  </td>
                </tr>
              ))}
            </tbody>
          </PlainTable>
        </Scroll>
      </Sheet>
    </WorkForm>
  );
}

const Why = styled.p`
  padding: 0 14px 8px;
  color: var(--soft);
  font-size: 14px;
  [role="alert"] {
    color: var(--bad);
    font-weight: 560;
  }
`;
const Earned = styled.span`
  color: var(--good);
  &[data-low] {
    color: var(--bad);
  }
`;
