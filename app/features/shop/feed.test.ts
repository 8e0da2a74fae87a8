import { describe, expect, it } from "vitest";
import { isSigned, keyOf, orderWord, signatureOf, SIGNED_FOR_S } from "./feed";

const said = { time: 1_800_000_000, verb: "GET", path: "/w/1/orders?after=", body: "" };

describe("signatures of the shop's feed", () => {
  it("are HMAC-SHA256 (RFC 2104) as the Web Crypto API has it", async () => {
    const hex = (b: ArrayBuffer) => Buffer.from(b).toString("hex");
    const bytes = new TextEncoder();
    const digest = hex(await crypto.subtle.digest("SHA-256", bytes.encode("")));
    const key = await crypto.subtle.importKey(
      "raw",
      bytes.encode("a key"),
      { name: "HMAC", hash: "SHA-256" },
      false,
      ["sign"],
    );
    const text = `1800000000\nGET\n/w/1/orders?after=\n${digest}`;
    expect(signatureOf("a key", said)).toBe(hex(await crypto.subtle.sign("HMAC", key, bytes.encode(text))));
  });

  it("hold for what was signed, with this key, for a while", () => {
    const now = said.time * 1000;
    const signature = signatureOf("a key", said);
    expect(isSigned("a key", said, signature, now)).toBe(true);
    expect(isSigned("a key", said, signature, now + (SIGNED_FOR_S + 1) * 1000)).toBe(false);
    expect(isSigned("another", said, signature, now)).toBe(false);
    expect(isSigned("a key", { ...said, body: " " }, signature, now)).toBe(false);
    expect(isSigned("a key", { ...said, path: "/w/2/orders?after=" }, signature, now)).toBe(false);
    expect(isSigned("a key", { ...said, time: NaN }, signature, now)).toBe(false);
    for (const none of [undefined, null, "", "é".repeat(64), signature.slice(1)])
      expect(isSigned("a key", said, none, now)).toBe(false);
  });

  it("differ for each workshop", () => {
    expect(keyOf("master", "one")).not.toBe(keyOf("master", "two"));
  });
});

describe("words of a shop", () => {
  const word = {
    number: "2001",
    seq: 1,
    state: "placed",
    placedAt: "2026-11-28T09:00:00Z",
    currency: "EUR",
    lines: [{ sku: "P-0001", quantity: 1, unitPrice: 1650 }],
    postage: 350,
    total: 2000,
    shipTo: { name: "Ines", address: "12 Rope Lane" },
    wishes: "",
  };
  it("are read, and what is none is not", () => {
    expect(orderWord.safeParse(word).success).toBe(true);
    for (const wrong of [
      { number: "../2001" },
      { seq: 0 },
      { state: "sent" },
      { placedAt: "yesterday" },
      { currency: "euro" },
      { lines: [] },
      { lines: [{ sku: "P-0001", quantity: -1, unitPrice: 1650 }] },
      { total: 0.5 },
      { shipTo: { name: "x".repeat(81), address: "" } },
    ])
      expect(orderWord.safeParse({ ...word, ...wrong }).success).toBe(false);
  });
});
