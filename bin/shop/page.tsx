import { renderToStaticMarkup } from "react-dom/server";
import { printMoney, type Minor } from "../../core/units";
import { leftOf, ordersOf, type ShopState } from "./state";

const STYLE = `
  body { font: 16px/1.5 system-ui, sans-serif; max-width: 60rem; margin: 0 auto; padding: 1rem;
    color: #22302f; background: #fff }
  ul { list-style: none; padding: 0; display: grid; gap: 1rem;
    grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr)) }
  li { border: 1px solid #ccd5d4; border-radius: 6px; padding: .8rem }
  img { height: 120px; display: block; margin: 0 auto }
  small { color: #4a5a59; display: block }
  button, input[type=number] { font: inherit; min-height: 2.2rem }
  input[type=number] { width: 4rem }
  label { display: block; padding: .4rem 0 }
  table { border-collapse: collapse; width: 100% }
  td { text-align: left; padding: .3rem .5rem; border-bottom: 1px solid #ccd5d4 }
  fieldset { border: 1px solid #ccd5d4; border-radius: 6px }
`;
const MANNERS = [
  ["away", "It is away: nobody answers"],
  ["muddled", "It says everything twice, the last first"],
  ["oversells", "It sells more than there is"],
] as const;

/** What a customer of the stand-in sees, and how it is made to misbehave. */
export const shopPage = (id: string, s: ShopState): string =>
  `<!doctype html>${renderToStaticMarkup(<Page at={`/w/${id}`} s={s} />)}`;

function Page({ at, s }: { at: string; s: ShopState }) {
  const products = s.catalogue?.products ?? [];
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width" />
        <title>Web shop (stand-in)</title>
        <style dangerouslySetInnerHTML={{ __html: STYLE }} />
      </head>
      <body>
        <h1>Web shop (stand-in)</h1>
        <p>It ships with Lapka to try it out. Nobody buys here and nothing is paid.</p>
        <form method="post" action={at}>
          <fieldset>
            <legend>How it behaves</legend>
            <input type="hidden" name="what" value="manners" />
            {MANNERS.map(([name, label]) => (
              <label key={name}>
                <input type="checkbox" name={name} defaultChecked={s.manners[name]} /> {label}
              </label>
            ))}
            <button>Behave so</button>
          </fieldset>
        </form>
        <h2>For sale</h2>
        {products.length === 0 ? <p>Nothing is offered yet.</p> : null}
        <ul>
          {products.map((p) => (
            <ForSale key={p.sku} at={at} s={s} p={p} />
          ))}
        </ul>
        <Orders at={at} s={s} />
      </body>
    </html>
  );
}

type Product = NonNullable<ShopState["catalogue"]>["products"][number];
function ForSale({ at, s, p }: { at: string; s: ShopState; p: Product }) {
  const left = leftOf(s, p.sku);
  const currency = s.catalogue?.currency ?? "EUR";
  return (
    <li>
      {s.pictures[p.sku] ? <img src={`${at}/products/${p.sku}.png`} alt="" /> : null}
      <b>{p.name}</b>
      <br />
      {printMoney(p.price as Minor, { locale: "en-IE", currency })}
      <small>
        {left === 0 ? "sold out" : `${left} there`} · {p.sku}
      </small>
      <form method="post" action={at}>
        <input type="hidden" name="what" value="order" />
        <input type="hidden" name="sku" value={p.sku} />
        <input
          type="number"
          name="quantity"
          min={1}
          max={99}
          defaultValue={1}
          aria-label={`How many ${p.name}`}
        />{" "}
        <button disabled={left === 0 && !s.manners.oversells}>Order</button>
      </form>
      <small>{p.cautions.join(" ")}</small>
    </li>
  );
}

/** So many orders are listed, the newest first. */
const SHOWN = 30;

function Orders({ at, s }: { at: string; s: ShopState }) {
  const orders = ordersOf(s).reverse().slice(0, SHOWN);
  return (
    <>
      <h2>Orders</h2>
      {orders.length === 0 ? <p>None yet.</p> : null}
      <table>
        <tbody>
          {orders.map((o) => {
            const told = s.told.find((t) => t.number === o.number)?.what;
            return (
              <tr key={o.number}>
                <td>{o.number}</td>
                <td>{o.shipTo.name}</td>
                <td>{o.lines.map((l) => `${l.quantity} × ${l.sku}`).join(", ")}</td>
                <td>{told === "sent" ? "sent" : told ? "cannot be made" : o.state}</td>
                <td>
                  {o.state === "cancelled" || told === "off" ? null : (
                    <form method="post" action={at}>
                      <input type="hidden" name="what" value="cancel" />
                      <input type="hidden" name="number" value={o.number} />
                      <button>Cancel {o.number}</button>
                    </form>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}
