export type { ColumnWay, Page, PageText, PageWord, TextPlace } from "./pieces";
export { textOfPages } from "./text";
export { unsureOf } from "./unsure";
