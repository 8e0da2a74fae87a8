import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [reactRouter()],
  // Ids of styled components must be the same on the server and in the browser, on every route.
  oxc: { plugins: { styledComponents: { ssr: true, fileName: true, displayName: false } } } as never,
  resolve: { tsconfigPaths: true },
  ssr: { noExternal: ["styled-components"] },
  worker: { format: "es" },
  build: { target: "es2022", assetsInlineLimit: 0 },
});
