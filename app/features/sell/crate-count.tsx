import { z } from "zod";
import { fields as quantityFields, id } from "../../forms";
import { PlainTable, Scroll } from "../../ui/basics";
import { Input } from "../../ui/field";
import { placeId } from "./schema";
import { WareName, type WareShown } from "./ware-name";

const MOST_LINES = 600;

/** What was counted of a crate: a line a ware and grade; one that was left empty is as it should be. */
export const countedLines = (locale: string, currency: string) =>
  z
    .array(
      z.object({
        itemId: id,
        colourwayId: placeId,
        grade: z.enum(["good", "second"]),
        quantity: quantityFields(locale, currency, "metric")
          .count("Write how many are left.", 0, 10_000)
          .optional(),
      }),
    )
    .max(MOST_LINES)
    .optional()
    .transform((lines = []) =>
      lines.flatMap((l) => (l.quantity === undefined ? [] : [{ ...l, quantity: l.quantity }])),
    );

export interface CrateLine {
  readonly itemId: string;
  readonly colourwayId: string;
  readonly grade: "good" | "second";
  readonly quantity: number;
  readonly ware: WareShown;
  /** What was brought and sold of it, where whoever counts may see that. */
  readonly day?: { readonly brought: number; readonly sold: number };
}

/** What lies in a crate, with a field a line for what was counted. Wrong fields are told below, each once. */
export function CrateCount({
  lines,
  error,
}: {
  lines: readonly CrateLine[];
  error: Readonly<Record<string, string[] | null>> | null | undefined;
}) {
  const told = [...new Set(Object.values(error ?? {}).flatMap((e) => e ?? []))].join(" ");
  const withDay = lines.some((l) => l.day);
  return (
    <>
      <Scroll tabIndex={0} role="region" aria-label="What is left, table">
        <PlainTable>
          <thead>
            <tr>
              <th scope="col">Piece</th>
              {withDay ? (
                <>
                  <th scope="col" className="num minor">
                    Brought
                  </th>
                  <th scope="col" className="num">
                    Sold
                  </th>
                </>
              ) : null}
              <th scope="col" className="num">
                Should be left
              </th>
              <th scope="col" className="num">
                Counted
              </th>
            </tr>
          </thead>
          <tbody>
            {lines.map((l, i) => (
              <tr key={`${l.itemId}${l.colourwayId}${l.grade}`}>
                <td>
                  <WareName ware={l.ware} {...(l.grade === "second" ? { note: "seconds" } : {})} />
                  <input type="hidden" name={`lines[${i}].itemId`} value={l.itemId} />
                  <input type="hidden" name={`lines[${i}].colourwayId`} value={l.colourwayId} />
                  <input type="hidden" name={`lines[${i}].grade`} value={l.grade} />
                </td>
                {l.day ? (
                  <>
                    <td className="num minor">{l.day.brought}</td>
                    <td className="num">{l.day.sold}</td>
                  </>
                ) : null}
                <td className="num">{l.quantity}</td>
                <td className="num">
                  <Input
                    name={`lines[${i}].quantity`}
                    aria-label={`Counted: ${l.ware.label}${l.grade === "second" ? ", seconds" : ""}`}
                    inputMode="numeric"
                    autoComplete="off"
                    placeholder={String(Math.max(0, l.quantity))}
                    style={{ width: 74, textAlign: "right" }}
                  />
                </td>
              </tr>
            ))}
            {lines.length === 0 ? (
              <tr>
                <td colSpan={5}>Nothing should be left in the crate.</td>
              </tr>
            ) : null}
          </tbody>
        </PlainTable>
      </Scroll>
      {told ? (
        <p role="alert" style={{ padding: "0 14px 8px", color: "var(--bad)", fontWeight: 560 }}>
          {told}
        </p>
      ) : null}
    </>
  );
}
