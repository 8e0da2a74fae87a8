export * from "./bundle";
export * from "./cost";
export * from "./pricing";
export * from "./sale";
export * from "./schools";
export * from "./stock-value";
