import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { tsconfigPaths: true },
  test: {
    projects: [
      {
        extends: true,
        test: {
          name: "unit",
          include: [
            "core/**/*.test.ts",
            "app/**/*.test.ts",
            "bin/**/*.test.ts",
            "demo/**/*.test.ts",
            "bench/**/*.test.ts",
            "tests/**/*.test.ts",
          ],
          environment: "node",
          testTimeout: 120_000,
        },
      },
      {
        extends: true,
        test: {
          name: "db",
          include: ["db/**/*.test.ts"],
          environment: "node",
          fileParallelism: false,
          testTimeout: 120_000,
          hookTimeout: 60_000,
        },
      },
      {
        extends: true,
        test: {
          name: "e2e",
          include: ["e2e/**/*.test.ts"],
          globalSetup: ["e2e/demo-copy.ts"],
          environment: "node",
          fileParallelism: false,
          testTimeout: 120_000,
          hookTimeout: 120_000,
        },
      },
    ],
  },
});
