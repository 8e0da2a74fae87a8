export * from "./analyse";
export * from "./expected";
export * from "./silhouette";
export * from "./shape-model";
