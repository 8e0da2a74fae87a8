import { max } from "d3-array";
import { scaleLinear, scaleTime } from "d3-scale";
import { printMoney, type Minor } from "@core/units";
import { printDay } from "../../ui/days";
import { useReading } from "../../ui/reading";

/** What a ball or pack cost over time: a step at each change. */
export function PriceLine({
  prices,
  today,
}: {
  prices: readonly { since: string; price: number }[];
  today: string;
}) {
  const r = useReading();
  const first = prices[0];
  const last = prices.at(-1);
  if (!first || !last || prices.length < 2) return null;
  const [w, h] = [300, 70];
  const x = scaleTime([new Date(`${first.since}T00:00:00Z`), new Date(`${today}T00:00:00Z`)], [2, w - 2]);
  const y = scaleLinear([0, (max(prices, (p) => p.price) ?? 1) * 1.1], [h - 4, 6]);
  const at = (p: { since: string }) => x(new Date(`${p.since}T00:00:00Z`));
  const path =
    prices.map((p, i) => (i === 0 ? `M${at(p)},${y(p.price)}` : `H${at(p)}V${y(p.price)}`)).join("") +
    `H${w - 2}`;
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      width={w}
      height={h}
      role="img"
      aria-label={`Price since ${printDay(first.since, r.locale)}: ${printMoney(first.price as Minor, r)}, now ${printMoney(last.price as Minor, r)}`}
      style={{ maxWidth: "100%" }}
    >
      <line x1={0} x2={w} y1={h - 4} y2={h - 4} stroke="var(--line)" />
      <path d={path} fill="none" stroke="var(--act)" strokeWidth={2} />
      {prices.map((p) => (
        <circle key={p.since + String(p.price)} cx={at(p)} cy={y(p.price)} r={3} fill="var(--act)" />
      ))}
    </svg>
  );
}
