import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [reactRouter()],
  // Ids of styled components must be the same on the server and in the browser, on every route.
  oxc: { plugins: { styledComponents: { ssr: true, fileName: true, displayName: false } } } as never,
  resolve: { tsconfigPaths: true },
  // Everything the pages need is bundled: a thousand small module files take seconds to load at every start.
  ssr: {
    noExternal: process.env.NODE_ENV === "production" ? true : ["styled-components"],
    // Native code cannot be bundled.
    external: ["sharp", "@node-rs/argon2"],
  },
  worker: { format: "es" },
  build: { target: "es2022", assetsInlineLimit: 0 },
});
