import { PicturedName } from "../figure/pictured-name";
import type { Ware } from "./wares.server";

/** What a list needs of a ware to show it. */
export type WareShown = Pick<Ware, "key" | "label"> & { readonly picture: Ware["picture"] | undefined };
export const shown = ({ key, label, picture }: Ware): WareShown => ({ key, label, picture });

export const WareName = ({ ware, height, note }: { ware: WareShown; height?: number; note?: string }) => (
  <PicturedName of={ware.picture} label={ware.label} {...(height ? { height } : {})} note={note} />
);
