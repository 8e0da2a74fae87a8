import { ArrowLeft, Banknote, CreditCard, Undo2 } from "lucide-react";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link } from "react-router";
import styled from "styled-components";
import { bundled, stallState, type Paid, type Sell, type StallAct } from "@core/shelf/stall";
import { minorDigits, parseMoney, printMoney, printNumber, type Minor } from "@core/units";
import type { StallData } from "../../routes/stall";
import { useActs } from "../../ui/acts/use-acts";
import { TableTop } from "../../ui/acts/table-top";
import { useAwake } from "../../ui/acts/use-awake";
import { useOffline } from "../../ui/acts/use-offline";
import { Button, Small } from "../../ui/basics";
import { Input } from "../../ui/field";
import { useRole } from "../../ui/form";
import { FormFoot, Modal } from "../../ui/modal";
import { useReading } from "../../ui/reading";
import { FigurePicture } from "../figure/figure-picture";
import { MOST_SENT } from "./stall-acts";
import { useHold } from "./use-hold";

type Tile = StallData["tiles"][number];
type Grade = Sell["grade"];
type Selling = Pick<Sell, "itemId" | "colourwayId" | "grade" | "quantity" | "listPrice" | "taken">;

/** After such a pause a tap is another customer's. */
const NEXT_CUSTOMER_MS = 90_000;
/** While nothing is sold, what the other phone sold is asked for as often as this. */
const ASK_MS = 20_000;
const stamp = () => ({ key: crypto.randomUUID(), at: Date.now() });

/** The view for the stall: a tile a piece, one tap sells one; cash or card ends the customer. */
export function StallTable({ stall }: { stall: StallData }) {
  const r = useReading();
  const role = useRole();
  const { acts, waiting, refused, tell, ask } = useActs<StallAct>({
    store: "lapka-stall",
    line: stall.id,
    url: `/stall/${stall.id}/acts`,
    about: { workshop: stall.workshop },
    server: stall.acts,
    most: MOST_SENT,
  });
  useAwake();
  useOffline([`/stall/${stall.id}`]);
  useEffect(() => {
    const timer = setInterval(ask, ASK_MS);
    return () => clearInterval(timer);
  }, [ask]);
  const state = useMemo(() => stallState(acts), [acts]);
  const customer = useCustomer();
  const [held, setHeld] = useState<Tile>();
  const [together, setTogether] = useState(false);

  const here = state.sales.filter((s) => s.customer === customer.id);
  const sum = (list: readonly Sell[]) => list.reduce((t, s) => t + s.taken, 0);
  const money = (n: number) => printMoney(n as Minor, r);
  const sold = useMemo(() => {
    const out = new Map<string, number>();
    for (const s of state.sales) {
      const key = `${s.itemId}:${s.colourwayId}`;
      out.set(key, (out.get(key) ?? 0) + s.quantity);
    }
    return out;
  }, [state.sales]);

  const sell = useCallback(
    (s: Selling) => tell({ kind: "sell", ...stamp(), customer: customer.tap(), ...s }),
    [tell, customer],
  );
  const sellOne = useCallback(
    (t: Tile) =>
      sell({
        itemId: t.itemId,
        colourwayId: t.colourwayId,
        grade: "good",
        quantity: 1,
        listPrice: t.price,
        taken: t.price,
      }),
    [sell],
  );
  const pay = useCallback(
    (paid: Paid) => {
      if (here.length === 0) return;
      tell({ kind: "pay", ...stamp(), customer: customer.id, paid });
      customer.next();
    },
    [here.length, tell, customer],
  );
  // The last tap that stands, of this customer or the one before.
  const last = here.at(-1) ?? state.sales.at(-1);
  const undo = useCallback(() => {
    if (last) tell({ kind: "undo", ...stamp(), of: last.key });
  }, [last, tell]);
  useKeys(held !== undefined || together, { pay, undo });

  const closed = stall.state === "closed";
  return (
    <Whole>
      <TableTop>
        <Link to={role === "stall" ? "/stalls" : `/sell/markets/${stall.id}`} aria-label="Leave the stall">
          <ArrowLeft size={24} aria-hidden />
        </Link>
        <div>
          <b>{stall.name}</b>
          <Small role="status">
            {refused ?? (waiting === 0 ? "kept" : `${waiting} kept here, to be sent`)}
          </Small>
        </div>
        <Day>
          <b>{money(sum(state.sales))}</b>
          <Small>
            {state.sales.reduce((t, s) => t + s.quantity, 0)} sold{stall.tax ? ", before tax" : ""}
          </Small>
        </Day>
      </TableTop>
      {stall.tiles.length === 0 ? (
        <Nothing>
          Nothing is in the crate. Carry pieces into it on the Shelf page, open the stall, then come back.
        </Nothing>
      ) : (
        <Tiles aria-label="What is on the table">
          {stall.tiles.map((t) => (
            <li key={t.key}>
              <TileButton
                tile={t}
                left={t.brought - (sold.get(t.key) ?? 0)}
                disabled={closed}
                onSell={() => sellOne(t)}
                onHold={() => setHeld(t)}
              />
            </li>
          ))}
        </Tiles>
      )}
      <Till aria-label="This customer">
        <Owed aria-live="polite">
          {here.length === 0 ? (
            <>
              <b>Tap what is sold</b>
              <Small>hold a piece for another price</Small>
            </>
          ) : (
            <>
              <b>{money(sum(here))}</b>
              <Small>{boughtText(here, stall.tiles)}</Small>
            </>
          )}
        </Owed>
        {here.length > 1 ? (
          <Button type="button" onClick={() => setTogether(true)}>
            one price for all
          </Button>
        ) : null}
        <Keys>
          <button type="button" onClick={undo} disabled={!last || closed} aria-keyshortcuts="U">
            <Undo2 size={22} aria-hidden /> Undo <kbd>U</kbd>
          </button>
          <button
            type="button"
            data-paid
            onClick={() => pay("cash")}
            disabled={here.length === 0}
            aria-keyshortcuts="C"
          >
            <Banknote size={22} aria-hidden /> Cash <kbd>C</kbd>
          </button>
          <button
            type="button"
            data-paid
            onClick={() => pay("card")}
            disabled={here.length === 0}
            aria-keyshortcuts="K"
          >
            <CreditCard size={22} aria-hidden /> Card <kbd>K</kbd>
          </button>
        </Keys>
      </Till>
      {held ? (
        <Held tile={held} onClose={() => setHeld(undefined)} onSell={(s) => (sell(s), setHeld(undefined))} />
      ) : null}
      {together ? (
        <Together
          sum={sum(here)}
          onClose={() => setTogether(false)}
          onPrice={(price) => {
            const shares = bundled(
              price,
              here.map((s) => s.listPrice * s.quantity),
            );
            tell(
              ...here.flatMap((s, i): StallAct[] => [
                { kind: "undo", ...stamp(), of: s.key },
                { ...s, ...stamp(), taken: shares[i] ?? 0 },
              ]),
            );
            setTogether(false);
          }}
        />
      ) : null}
    </Whole>
  );
}

/** Who is being served: a new one after paying, or after a pause. */
function useCustomer() {
  const [id, setId] = useState("");
  const now = useRef({ id: "", at: 0 });
  const begin = useCallback(() => {
    now.current = { id: crypto.randomUUID(), at: Date.now() };
    setId(now.current.id);
    return now.current.id;
  }, []);
  const tap = useCallback(() => {
    if (now.current.id === "" || Date.now() - now.current.at > NEXT_CUSTOMER_MS) return begin();
    now.current.at = Date.now();
    return now.current.id;
  }, [begin]);
  const next = useCallback(() => {
    now.current = { id: "", at: 0 };
    setId("");
  }, []);
  return useMemo(() => ({ id, tap, next }), [id, tap, next]);
}

function useKeys(off: boolean, { pay, undo }: { pay: (p: Paid) => void; undo: () => void }): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (off || e.ctrlKey || e.metaKey || e.altKey || e.repeat) return;
      if (e.target instanceof HTMLElement && e.target.closest("input, select, textarea")) return;
      const key = e.key.toLowerCase();
      if (key === "c") pay("cash");
      else if (key === "k") pay("card");
      else if (key === "u") undo();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [off, pay, undo]);
}

function boughtText(here: readonly Sell[], tiles: readonly Tile[]): string {
  const counts = new Map<string, number>();
  for (const s of here) {
    const t = tiles.find((x) => x.itemId === s.itemId && x.colourwayId === s.colourwayId);
    const name = `${t?.label ?? "something"}${s.grade === "second" ? ", second" : ""}`;
    counts.set(name, (counts.get(name) ?? 0) + s.quantity);
  }
  return [...counts].map(([name, n]) => `${n} ${name}`).join(", ");
}

function TileButton({
  tile,
  left,
  disabled,
  onSell,
  onHold,
}: {
  tile: Tile;
  left: number;
  disabled: boolean;
  onSell: () => void;
  onHold: () => void;
}) {
  const r = useReading();
  const hold = useHold(onSell, onHold);
  return (
    <TileBox type="button" disabled={disabled} {...hold} data-out={left <= 0 || undefined}>
      <span className="pic" aria-hidden>
        {tile.picture ? <FigurePicture of={tile.picture} name="" side={64} /> : null}
      </span>
      <b>{tile.label}</b>
      <span className="foot">
        <span className="tag">{printMoney(tile.price as Minor, r)}</span>
        <span>{left > 0 ? `${left} left` : left === 0 ? "sold out" : `${-left} more than brought`}</span>
      </span>
    </TileBox>
  );
}

/** Another price, several at once, or a second. */
function Held({ tile, onClose, onSell }: { tile: Tile; onClose: () => void; onSell: (s: Selling) => void }) {
  const r = useReading();
  const [grade, setGrade] = useState<Grade>("good");
  const digits = minorDigits(r.currency);
  const text = (n: number) => printNumber(n / 10 ** digits, digits, r.locale);
  const [price, setPrice] = useState(text(tile.price));
  const [quantity, setQuantity] = useState(1);
  const read = parseMoney(price, r.currency, r.locale);
  return (
    <Modal title={tile.label} open onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (!read.ok || read.value < 0) return;
          onSell({
            itemId: tile.itemId,
            colourwayId: tile.colourwayId,
            grade,
            quantity,
            listPrice: tile.price,
            taken: read.value * quantity,
          });
        }}
      >
        <Fields>
          <label>
            Price of one
            <Input
              value={price}
              onChange={(e) => setPrice(e.target.value)}
              inputMode="decimal"
              autoComplete="off"
              aria-invalid={read.ok ? undefined : true}
              autoFocus
            />
            {read.ok ? null : <Small role="alert">Write an amount, such as {text(tile.price)}.</Small>}
          </label>
          <label>
            How many
            <span>
              <Button
                type="button"
                onClick={() => setQuantity((n) => Math.max(1, n - 1))}
                aria-label="One less"
              >
                −1
              </Button>
              <output>{quantity}</output>
              <Button
                type="button"
                onClick={() => setQuantity((n) => Math.min(500, n + 1))}
                aria-label="One more"
              >
                +1
              </Button>
            </span>
          </label>
          {tile.second === undefined ? null : (
            <Button
              type="button"
              aria-pressed={grade === "second"}
              onClick={() => {
                setGrade(grade === "good" ? "second" : "good");
                setPrice(text(grade === "good" ? (tile.second ?? tile.price) : tile.price));
              }}
            >
              {grade === "second" ? "it is a second: change back" : "it is a second"}
            </Button>
          )}
        </Fields>
        <FormFoot>
          <Button type="submit" $primary disabled={!read.ok}>
            Sell {quantity === 1 ? "it" : quantity}
            {read.ok ? ` for ${printMoney((read.value * quantity) as Minor, r)}` : ""}
          </Button>
        </FormFoot>
      </form>
    </Modal>
  );
}

/** "Three for …": one price for what this customer takes. */
function Together({
  sum,
  onClose,
  onPrice,
}: {
  sum: number;
  onClose: () => void;
  onPrice: (price: number) => void;
}) {
  const r = useReading();
  const digits = minorDigits(r.currency);
  const [price, setPrice] = useState(printNumber(sum / 10 ** digits, digits, r.locale));
  const read = parseMoney(price, r.currency, r.locale);
  return (
    <Modal title="One price for all of it" open onClose={onClose}>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (read.ok && read.value >= 0) onPrice(read.value);
        }}
      >
        <Fields>
          <label>
            All together
            <Input
              value={price}
              onChange={(e) => setPrice(e.target.value)}
              inputMode="decimal"
              autoComplete="off"
              aria-invalid={read.ok ? undefined : true}
              autoFocus
            />
          </label>
        </Fields>
        <FormFoot>
          <Button type="submit" $primary disabled={!read.ok}>
            Take {read.ok ? printMoney(read.value, r) : "it"}
          </Button>
        </FormFoot>
      </form>
    </Modal>
  );
}

const Whole = styled.main`
  position: fixed;
  inset: 0;
  z-index: 40;
  display: grid;
  grid-template-rows: auto 1fr auto;
  background: var(--ground);
`;
const Day = styled.p`
  display: grid;
  text-align: right;
  b {
    font-size: 20px;
  }
`;
const Nothing = styled.p`
  padding: 26px 20px;
  font-size: 18px;
`;
const Tiles = styled.ul`
  list-style: none;
  margin: 0;
  padding: 10px;
  overflow: auto;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(158px, 1fr));
  grid-auto-rows: minmax(148px, auto);
  align-content: start;
  gap: 8px;
`;
const TileBox = styled.button`
  width: 100%;
  height: 100%;
  display: grid;
  grid-template-rows: 58px minmax(min-content, 1fr) auto;
  gap: 4px;
  padding: 8px;
  text-align: left;
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-radius: 6px;
  cursor: pointer;
  touch-action: manipulation;
  user-select: none;
  -webkit-touch-callout: none;
  .pic {
    overflow: hidden;
  }
  b {
    font-size: 15px;
    line-height: 1.15;
    overflow: hidden;
  }
  .foot {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 6px;
    font-size: 13px;
  }
  &:active {
    background: var(--tape);
    color: var(--tape-ink);
  }
  &[data-out] {
    border-style: dashed;
    .pic {
      opacity: 0.45;
    }
    .foot > :last-child {
      color: var(--bad);
      font-weight: 600;
    }
  }
`;
const Till = styled.section`
  display: grid;
  gap: 8px;
  padding: 10px 12px calc(12px + env(safe-area-inset-bottom));
  background: var(--sheet);
  border-top: 1px solid var(--edge);
  box-shadow: var(--shadow);
`;
const Owed = styled.p`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 12px;
  min-height: 36px;
  b {
    font-size: 24px;
  }
`;
const Keys = styled.div`
  display: grid;
  grid-template-columns: 1fr 1.4fr 1.4fr;
  gap: 8px;
  button {
    min-height: 62px;
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 8px;
    font-size: 18px;
    font-weight: 600;
    border: 1px solid var(--edge);
    border-radius: 6px;
    background: var(--sheet);
    cursor: pointer;
  }
  button[data-paid] {
    background: var(--act);
    color: var(--act-ink);
    border-color: var(--act);
  }
  button[disabled] {
    opacity: 0.5;
    cursor: default;
  }
  kbd {
    font: inherit;
    font-size: 13px;
    font-weight: 400;
  }
  @media (pointer: coarse) {
    kbd {
      display: none;
    }
  }
`;
const Fields = styled.div`
  display: grid;
  gap: 14px;
  label {
    display: grid;
    gap: 4px;
    font-weight: 560;
  }
  label > span {
    display: flex;
    align-items: center;
    gap: 14px;
  }
  output {
    min-width: 2ch;
    text-align: center;
    font-size: 22px;
  }
`;
