import { createRequire } from "node:module";
import path from "node:path";

/** Where the shipped letters lie, for whatever draws or prints on the server. */
export const FONTS = path.dirname(
  createRequire(import.meta.url).resolve("@expo-google-fonts/recursive/package.json"),
);
export const fontFile = (weight: "300Light" | "400Regular" | "600SemiBold" | "700Bold"): string =>
  path.join(FONTS, `Recursive_${weight}.ttf`);
