import type { Role } from "@db/queries/accounts";

/** What each role is called, and what it comes to, in a line. */
export const ROLE_WORDS: Readonly<Record<Role, { readonly name: string; readonly may: string }>> = {
  owner: { name: "Owner", may: "everything, people and the whole workshop as a file too" },
  partner: { name: "Partner", may: "all of the work; not people, prices of hours, or ways of selling" },
  helper: { name: "Helper", may: "the bench and her own hand; no prices, no stock" },
  stall: { name: "Stall", may: "sell at the stall and count what is left" },
};
