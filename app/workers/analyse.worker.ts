import { expose } from "comlink";
import { analyseItem, compareDraft } from "../features/items/analyse";

/** The item's figures away from the page: filled shapes take longer than a frame for large pieces. */
const api = { analyse: analyseItem, compare: compareDraft };
export type AnalyseApi = typeof api;
expose(api);
