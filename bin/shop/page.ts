import { printMoney, type Minor } from "../../core/units";
import { leftOf, ordersOf, type ShopState } from "./state";

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

const STYLE = `
  body { font: 16px/1.5 system-ui, sans-serif; max-width: 60rem; margin: 0 auto; padding: 1rem; color: #22302f; background: #fff }
  ul { list-style: none; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr)); gap: 1rem }
  li { border: 1px solid #ccd5d4; border-radius: 6px; padding: .8rem }
  img { height: 120px; display: block; margin: 0 auto }
  small { color: #4a5a59; display: block }
  button, input[type=number] { font: inherit; min-height: 2.2rem }
  input[type=number] { width: 4rem }
  label { display: block; padding: .4rem 0 }
  table { border-collapse: collapse; width: 100% } td, th { text-align: left; padding: .3rem .5rem; border-bottom: 1px solid #ccd5d4 }
  fieldset { border: 1px solid #ccd5d4; border-radius: 6px }
`;

/** What a customer of the stand-in sees, and how it is made to misbehave. */
export function shopPage(id: string, s: ShopState): string {
  const at = `/w/${id}`;
  const money = (n: number) =>
    printMoney(n as Minor, {
      locale: "en-IE",
      currency: s.catalogue?.currency ?? "EUR",
    });
  const tick = (name: keyof ShopState["manners"], label: string) =>
    `<label><input type="checkbox" name="${name}"${s.manners[name] ? " checked" : ""}> ${label}</label>`;
  const products = (s.catalogue?.products ?? []).map((p) => {
    const left = leftOf(s, p.sku);
    const picture = s.pictures[p.sku] ? `<img src="${at}/products/${p.sku}.png" alt="">` : "";
    return `<li>${picture}<b>${escaped(p.name)}</b><br>${money(p.price)}
      <small>${left === 0 ? "sold out" : `${left} there`} · ${p.sku}</small>
      <form method="post" action="${at}"><input type="hidden" name="what" value="order">
      <input type="hidden" name="sku" value="${p.sku}">
      <input type="number" name="quantity" min="1" max="99" value="1" aria-label="How many ${escaped(p.name)}">
      <button${left === 0 && !s.manners.oversells ? " disabled" : ""}>Order</button></form>
      <small>${p.cautions.map(escaped).join(" ")}</small></li>`;
  });
  const orders = ordersOf(s)
    .reverse()
    .slice(0, 30)
    .map((o) => {
      const told = s.told.find((t) => t.number === o.number);
      const state = told?.what === "sent" ? "sent" : told ? "cannot be made" : o.state;
      return `<tr><td>${o.number}</td><td>${escaped(o.shipTo.name)}</td>
        <td>${o.lines.map((l) => `${l.quantity} × ${l.sku}`).join(", ")}</td><td>${state}</td>
        <td>${
          o.state === "cancelled" || told?.what === "off"
            ? ""
            : `<form method="post" action="${at}"><input type="hidden" name="what" value="cancel">
               <input type="hidden" name="number" value="${o.number}"><button>Cancel ${o.number}</button></form>`
        }</td></tr>`;
    });
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>Web shop (stand-in)</title><style>${STYLE}</style></head><body>
<h1>Web shop (stand-in)</h1>
<p>It ships with Lapka to try it out. Nobody buys here and nothing is paid.</p>
<form method="post" action="${at}"><fieldset><legend>How it behaves</legend>
<input type="hidden" name="what" value="manners">
${tick("away", "It is away: nobody answers")}
${tick("muddled", "It says everything twice, the last first")}
${tick("oversells", "It sells more than there is")}
<button>Behave so</button></fieldset></form>
<h2>For sale</h2>${products.length > 0 ? `<ul>${products.join("")}</ul>` : "<p>Nothing is offered yet.</p>"}
<h2>Orders</h2><table><tbody>${orders.join("") || "<tr><td>None yet.</td></tr>"}</tbody></table>
</body></html>`;
}
