import { strToU8 } from "fflate";
import { pick, SPITEFUL, type Draw } from "./texts";

/** Bytes with some of them turned, cut out, doubled or put in. */
export function mutated(draw: Draw, from: Uint8Array): Uint8Array {
  let bytes: Uint8Array = Uint8Array.from(from);
  for (let n = 1 + draw(6); n > 0; n--) {
    const at = draw(bytes.length);
    const end = Math.min(bytes.length, at + 1 + draw(64));
    const how = draw(5);
    if (how === 0) bytes[at] = draw(256);
    else if (how === 1) bytes = joined(bytes.subarray(0, at), bytes.subarray(end));
    else if (how === 2) bytes = joined(bytes.subarray(0, end), bytes.subarray(at));
    else if (how === 3)
      bytes = joined(bytes.subarray(0, at), strToU8(pick(draw, SPITEFUL)), bytes.subarray(at));
    else bytes.fill(draw(2) * 255, at, end);
  }
  return bytes;
}

function joined(...parts: readonly Uint8Array[]): Uint8Array {
  const out = new Uint8Array(parts.reduce((n, p) => n + p.length, 0));
  let at = 0;
  for (const p of parts) {
    out.set(p, at);
    at += p.length;
  }
  return out;
}
