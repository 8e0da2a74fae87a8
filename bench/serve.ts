import { servePages } from "./pages";

await servePages((label, value) => console.log(`${label.padEnd(64)} ${value}`));
