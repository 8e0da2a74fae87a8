/** All tables, by noun. */
export { channel, workshop } from "./tables/workshop";
export * from "./tables/materials";
export * from "./tables/stock";
export * from "./tables/acts";
export * from "./tables/hand";
export * from "./tables/items";
export * from "./tables/runs";
export * from "./tables/bench";
export * from "./tables/shelf";
export * from "./tables/photos";
export * from "./tables/commissions";
export * from "./tables/shop";
export * from "./tables/printer";
export * from "./tables/calendar";
export * from "./tables/pulse";
export * from "./tables/accounts";
