export * from "./cuts";
export * from "./given";
export * from "./helps";
export * from "./repeats";
export * from "./state";
export * from "./steps";
export * from "./strain";
export * from "./times";
