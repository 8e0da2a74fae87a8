export * from "./needs";
export * from "./calendar";
export * from "./order";
