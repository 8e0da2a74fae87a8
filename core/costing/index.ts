export * from "./cost";
export * from "./stock-value";
