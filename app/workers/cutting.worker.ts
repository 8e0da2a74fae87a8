import { expose } from "comlink";
import {
  planShades,
  type CuttingLine,
  type CuttingOptions,
  type Shade,
  type ShadePlan,
} from "../features/runs/cutting";

/** Cutting plans away from the page. It is cancelled by ending the worker. */
const api = {
  plan: (
    lines: readonly CuttingLine[],
    shades: readonly Shade[],
    options: CuttingOptions,
    pins: readonly (readonly [string, string])[],
    onShare: (share: number) => void,
  ): ShadePlan[] => {
    let told = 0;
    return planShades(lines, shades, options, new Map(pins), (share) => {
      if (share - told > 0.04) {
        told = share;
        onShare(share);
      }
      return true;
    });
  },
};
export type CuttingApi = typeof api;
expose(api);
