import type { Scope } from "../../../db/scope";
import { buyList, substitutesFor, type BuyGroup } from "@core/planning";
import { listCuttings } from "../../../db/queries/cutting";
import { runOrder } from "./load.server";
import { netKnown } from "./net.server";
import { loadCupboard, type Cupboard } from "../materials/load.server";
import { readOnce } from "../../server/kept";
import { allBalls } from "../../server/rows.server";

/** CIEDE2000 distance up to which a shade is offered instead: the same colour family. */
const FAMILY = 16;

export interface Alternative {
  readonly id: string;
  readonly label: string;
  readonly colour: string | undefined;
  readonly distance: number | undefined;
  readonly free: number;
}

/** What is to buy over all open runs in their order, or what one of them has to buy after those before it. */
export async function loadBuying(
  scope: Scope,
  only?: string,
): Promise<{ groups: BuyGroup[]; cupboard: Cupboard; alternatives: Map<string, Alternative[]> }> {
  const cupboard = await loadCupboard(scope, true);
  const [balls, cuttings] = await Promise.all([
    allBalls(scope),
    readOnce(scope, "cuttings", () => listCuttings(scope)),
  ]);
  const { runs, stock, netted } = netKnown(runOrder(cupboard.runs), {
    ...cupboard,
    balls,
    cuttings,
  });
  const suppliers = new Map(cupboard.suppliers.map((s) => [s.id, s]));
  const groups = buyList(only ? runs.filter((r) => r.runId === only) : runs, netted, stock, suppliers);
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
