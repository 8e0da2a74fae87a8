// The house (docs: design, "one street, one direction"): each folder imports only from those above it.
const street = [
  "units",
  "page",
  "notation",
  "fabric",
  "figure",
  "estimate",
  "calibrate",
  "hand",
  "costing",
  "planning",
  "shelf",
  "kit",
  "item",
  "safety",
];

module.exports = {
  forbidden: [
    {
      name: "core-is-pure",
      comment: "core/ knows no database, no interface and no machine",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.test\\.ts$" },
      to: { path: "^(app|db|bin|demo|e2e|bench)/" },
    },
    {
      name: "core-no-node",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["core"] },
    },
    {
      name: "core-packages",
      comment: "only pure packages: dates, colour distance, statistics, seeded numbers",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.test\\.ts$" },
      to: {
        dependencyTypes: ["npm", "npm-dev"],
        pathNot: "^node_modules/(@internationalized/date|culori|@types/culori|simple-statistics|pure-rand)",
      },
    },
    {
      name: "tests-apart",
      comment: "what only tests read is not shipped",
      severity: "error",
      from: { path: "^(core|db|app|bin|demo)/", pathNot: "\\.test\\.ts$" },
      to: { path: "^tests/" },
    },
    {
      name: "db-below-app",
      severity: "error",
      from: { path: "^db/", pathNot: "\\.test\\.ts$" },
      to: { path: "^(app|bin|demo|e2e)/" },
    },
    {
      name: "app-below-bin",
      severity: "error",
      from: { path: "^app/" },
      to: { path: "^(bin|demo|e2e|bench)/" },
    },
    {
      name: "no-cycles",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    {
      name: "no-orphan-imports",
      severity: "error",
      from: {},
      to: { couldNotResolve: true, pathNot: "\\+types|^virtual:" },
    },
    ...street.map((name, i) => ({
      name: `street-${name}`,
      comment: "core folders import only from those above them",
      severity: "error",
      from: { path: `^core/${name}/` },
      to: { path: `^core/(${street.slice(i + 1).join("|") || "$none"})/` },
    })),
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "node", "default", "types"],
      mainFields: ["module", "main", "types"],
    },
    exclude: { path: "\\+types" },
  },
};
