import { describe, expect, it } from "vitest";
import { fileResponse } from "./file.server";

const named = (name: string, inline?: boolean) =>
  fileResponse(new Uint8Array([1, 2]), {
    name,
    ending: "pdf",
    type: "application/pdf",
    ...(inline ? { inline } : {}),
  }).headers.get("Content-Disposition");

describe("a file as an answer", () => {
  it("is saved under a name that says what it is, or shown", () => {
    expect(named("Puffin, winter pattern")).toBe(
      "attachment; filename*=UTF-8''Puffin%2C%20winter%20pattern.pdf",
    );
    expect(named("Puffin", true)).toBe("inline; filename*=UTF-8''Puffin.pdf");
  });
  it("has no letter in its name that ends a header or walks through folders", () => {
    expect(named('../../"x\r\nSet-Cookie: a=b')).toMatch(/^attachment; filename\*=UTF-8''[\w.%-]+\.pdf$/);
    expect(named("../../etc")).not.toContain("/");
    expect(named("???")).toBe("attachment; filename*=UTF-8''item.pdf");
  });
  it("keeps to itself unless it is said to be kept", () => {
    const r = fileResponse(new Uint8Array(), { name: "a", ending: "zip", type: "application/zip" });
    expect(r.headers.get("Cache-Control")).toBe("private, no-store");
    expect(r.headers.get("Content-Type")).toBe("application/zip");
  });
});
