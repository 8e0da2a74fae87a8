export * from "./needs";
export * from "./calendar";
