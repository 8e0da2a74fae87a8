import { createRequire } from "node:module";
import { Router } from "express";
import { RECOGNISE_PATH } from "./recognise-path";

/** The recogniser of photos as it comes in its packages: a worker, its program and the letters of English. */
const FILES: Readonly<Record<string, string>> = {
  "worker.js": "tesseract.js/dist/worker.min.js",
  "core.js": "tesseract.js-core/tesseract-core-simd-lstm.wasm.js",
  "eng.traineddata.gz": "@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz",
};
/** What the worker may do: its own files, and compiling its program. */
const POLICY = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self' data:";

/** Serves those files and nothing else of the packages. */
export function recogniseFiles(): Router {
  const router = Router();
  const { resolve } = createRequire(import.meta.url);
  for (const [name, file] of Object.entries(FILES))
    router.get(`${RECOGNISE_PATH}/${name}`, (_req, res) => {
      res.setHeader("Content-Security-Policy", POLICY);
      res.sendFile(resolve(file), { immutable: true, maxAge: "1y" });
    });
  return router;
}
