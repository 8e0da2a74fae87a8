export type Paid = "cash" | "card" | "other";
interface Own {
  readonly key: string;
  /** Milliseconds since 1970 by the device's clock. */
  readonly at: number;
}
/** What is done at a stall, tap by tap. Money in minor units. */
export type StallAct =
  | (Own & {
      readonly kind: "sell";
      readonly customer: string;
      readonly itemId: string;
      readonly colourwayId: string;
      readonly grade: "good" | "second";
      readonly quantity: number;
      readonly listPrice: number;
      readonly taken: number;
    })
  | (Own & { readonly kind: "undo"; readonly of: string })
  | (Own & { readonly kind: "pay"; readonly customer: string; readonly paid: Paid });
export type Sell = Extract<StallAct, { kind: "sell" }>;

export interface StallState {
  /** Sales that stand, the oldest first. */
  readonly sales: readonly Sell[];
  /** How customers paid, where it was said. */
  readonly paid: ReadonlyMap<string, Paid>;
  readonly undone: ReadonlySet<string>;
}

/**
 * What all acts come to, in whatever order they arrived: the clock orders them, and of two payments the later
 * counts.
 */
export function stallState(acts: Iterable<StallAct>): StallState {
  const sells: Sell[] = [];
  const undone = new Set<string>();
  const pays = new Map<string, { at: number; key: string; paid: Paid }>();
  for (const a of acts) {
    if (a.kind === "sell") sells.push(a);
    else if (a.kind === "undo") undone.add(a.of);
    else {
      const had = pays.get(a.customer);
      if (!had || a.at > had.at || (a.at === had.at && a.key > had.key)) pays.set(a.customer, a);
    }
  }
  return {
    sales: sells.filter((s) => !undone.has(s.key)).sort((a, b) => a.at - b.at || (a.key < b.key ? -1 : 1)),
    paid: new Map([...pays].map(([customer, p]) => [customer, p.paid])),
    undone,
  };
}

/**
 * What one price for several pieces comes to for each, in whole minor units that add up: by what each is
 * listed at.
 */
export function bundled(price: number, listed: readonly number[]): number[] {
  const sum = listed.reduce((a, b) => a + b, 0);
  let [given, seen] = [0, 0];
  return listed.map((l, i) => {
    seen += sum > 0 ? l : 1;
    const until = Math.round((price * seen) / (sum > 0 ? sum : listed.length));
    const share = i === listed.length - 1 ? price - given : until - given;
    given += share;
    return share;
  });
}
