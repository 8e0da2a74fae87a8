export * from "./learning";
export * from "./drift";
export * from "./history";
