import type { Scope } from "@db/scope";
import {
  buyList,
  requirementsOf,
  substitutesFor,
  type BuyableStock,
  type BuyGroup,
  type RunNeeds,
} from "@core/planning";
import type { Minor } from "@core/units";
import { linesOf, runOrder } from "../runs/load.server";
import { loadCupboard, type Cupboard } from "./load.server";

/** CIEDE2000 distance up to which a shade is offered instead: the same colour family. */
const FAMILY = 16;

export interface Alternative {
  readonly id: string;
  readonly label: string;
  readonly colour: string | undefined;
  readonly distance: number | undefined;
  readonly free: number;
}

/** What is to buy over all open runs in their order, or for one of them after those before it. */
export async function loadBuying(
  scope: Scope,
  only?: string,
): Promise<{ groups: BuyGroup[]; cupboard: Cupboard; alternatives: Map<string, Alternative[]> }> {
  const cupboard = await loadCupboard(scope, true);
  const runs = runOrder(cupboard.runs);
  const stock = new Map<string, BuyableStock>();
  const put = (id: string, s: Omit<BuyableStock, "onHand" | "onOrder">) =>
    stock.set(id, { ...s, onHand: cupboard.onHand.get(id) ?? 0, onOrder: cupboard.onOrder.get(id) ?? 0 });
  for (const y of cupboard.yarns)
    put(y.id, {
      kind: "yarn",
      label: `${y.name}, ${y.shade}`,
      packSize: y.ballMg,
      packPrice: y.ballPrice as Minor,
      together: y.packBalls,
      supplierId: y.supplierId ?? undefined,
    });
  for (const n of cupboard.notions)
    put(n.id, {
      kind: n.kind === "filling" ? "filling" : "notion",
      label: n.name,
      packSize: n.packSize,
      packPrice: n.packPrice as Minor,
      together: 1,
      supplierId: n.supplierId ?? undefined,
    });
  const needs = runs.map((r): RunNeeds => ({
    runId: r.run.id,
    label: r.run.name,
    startOn: r.run.startOn,
    needs: requirementsOf(linesOf(r)),
  }));
  const suppliers = new Map(cupboard.suppliers.map((s) => [s.id, s]));
  let groups = buyList(needs, stock, suppliers);
  if (only) {
    // The stock that is left after the runs before it is this run's.
    const before = needs.slice(
      0,
      Math.max(
        0,
        needs.findIndex((n) => n.runId === only),
      ),
    );
    const taken = new Map<string, number>();
    for (const n of before)
      for (const need of n.needs)
        taken.set(need.materialId, (taken.get(need.materialId) ?? 0) + need.needHigh);
    const left = new Map(
      [...stock].map(([id, s]) => [
        id,
        { ...s, onHand: Math.max(0, s.onHand + s.onOrder - (taken.get(id) ?? 0)), onOrder: 0 },
      ]),
    );
    groups = buyList(
      needs.filter((n) => n.runId === only),
      left,
      suppliers,
    );
  }
  const free = (id: string) => Math.max(0, (cupboard.onHand.get(id) ?? 0) - (cupboard.reserved.get(id) ?? 0));
  const alternatives = new Map<string, Alternative[]>();
  for (const line of groups.flatMap((g) => g.lines)) {
    const yarn = cupboard.yarns.find((y) => y.id === line.materialId);
    const notion = cupboard.notions.find((n) => n.id === line.materialId);
    if (yarn) {
      const shades = cupboard.yarns.map((y) => ({
        id: y.id,
        colour: y.colour,
        weightClass: y.weightClass,
        metresPer100g: y.mmPer100g / 1000,
        freeMg: free(y.id),
      }));
      const found = substitutesFor(
        {
          id: yarn.id,
          colour: yarn.colour,
          weightClass: yarn.weightClass,
          metresPer100g: yarn.mmPer100g / 1000,
        },
        shades,
        line.missing,
      )
        .filter((s) => s.classes === 0 && s.distance < FAMILY)
        .slice(0, 2);
      alternatives.set(
        line.materialId,
        found.flatMap((s) => {
          const y = cupboard.yarns.find((x) => x.id === s.id);
          return y
            ? [
                {
                  id: y.id,
                  label: `${y.shade}, ${y.name}`,
                  colour: y.colour,
                  distance: s.distance,
                  free: s.freeMg,
                },
              ]
            : [];
        }),
      );
    } else if (notion) {
      alternatives.set(
        line.materialId,
        cupboard.notions
          .filter(
            (n) =>
              n.id !== notion.id &&
              n.kind === notion.kind &&
              (notion.sizeUm === null || n.sizeUm === notion.sizeUm) &&
              free(n.id) >= line.missing,
          )
          .slice(0, 2)
          .map((n) => ({
            id: n.id,
            label: n.name,
            colour: n.colour ?? undefined,
            distance: undefined,
            free: free(n.id),
          })),
      );
    }
  }
  return { groups, cupboard, alternatives };
}
