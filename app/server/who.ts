import type { SessionUse } from "@db/queries/sessions";

/**
 * Who asks. `open`: nobody signs in here (the demo, and nobody has an account yet), so whoever comes is the
 * owner.
 */
export type Who =
  | { readonly kind: "open" }
  | { readonly kind: "nobody" }
  | { readonly kind: "account"; readonly session: SessionUse };
