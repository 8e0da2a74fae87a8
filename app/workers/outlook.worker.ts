import { expose } from "comlink";
import { chanceIn, outlookOf, type Calendar, type Outlook } from "@core/planning/outlook";

/** Paces drawn ten thousand times away from the page; ended by ending the worker. */
const api = {
  outlook: (id: string, calendar: Calendar): Outlook => outlookOf(id, calendar),
  chance: (id: string, calendar: Calendar): number => chanceIn(id, calendar),
};
export type OutlookApi = typeof api;
expose(api);
