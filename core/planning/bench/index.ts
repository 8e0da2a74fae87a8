export * from "./given";
export * from "./helps";
export * from "./state";
export * from "./steps";
export * from "./times";
