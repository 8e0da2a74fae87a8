export * from "./bundle";
export * from "./cost";
export * from "./sale";
export * from "./schools";
export * from "./stock-value";
