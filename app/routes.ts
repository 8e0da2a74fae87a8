import { index, route, type RouteConfig } from "@react-router/dev/routes";

export default [
  index("routes/today.tsx"),
  route("items", "routes/items.tsx"),
  route("items.csv", "routes/items-csv.ts"),
  route("items/new", "routes/item-new.tsx"),
  route("items/:id", "routes/item.tsx"),
  route("items/:id/reasons", "routes/item-reasons.ts"),
  route("materials", "routes/materials.tsx"),
  route("materials/:id/reasons", "routes/material-reasons.ts"),
  route("materials.csv", "routes/materials-csv.ts"),
  route("runs", "routes/runs.tsx"),
  route("runs/new", "routes/run-new.tsx"),
  route("runs/:id", "routes/run.tsx"),
  route("runs/:id/list.csv", "routes/run-csv.ts"),
  route("settings", "routes/settings.tsx"),
  route("workshops", "routes/workshops.ts"),
  route("undo", "routes/undo.ts"),
  route("*", "routes/missing.tsx"),
] satisfies RouteConfig;
