export * from "./cost";
