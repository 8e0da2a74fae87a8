import { describe, expect, it } from "vitest";
import { MOST_PHOTO, readJpeg } from "./photo";
import { materialSchemas } from "../features/materials/schema";

const url = (bytes: readonly number[], type = "image/jpeg") =>
  `data:${type};base64,${btoa(String.fromCharCode(...bytes))}`;
const JPEG = [0xff, 0xd8, 0xff, 0xe0, 1, 2, 3, 0xff, 0xd9];

describe("a photo of a swatch", () => {
  it("is the bytes of a JPEG and nothing else", () => {
    expect([...(readJpeg(url(JPEG)) ?? [])]).toEqual(JPEG);
    expect(readJpeg(url(JPEG, "image/png"))).toBeUndefined();
    expect(readJpeg(url(JPEG, "text/html"))).toBeUndefined();
    expect(readJpeg(url([0x3c, 0x73, 0x76, 0x67]))).toBeUndefined();
    expect(readJpeg(url(JPEG.slice(0, -1)))).toBeUndefined();
    expect(readJpeg("data:image/jpeg;base64,§§§")).toBeUndefined();
    expect(readJpeg("")).toBeUndefined();
  });
  it("that is too large, or none at all, is refused by name; without one the swatch is fine", () => {
    const schema = materialSchemas("en-IE", "EUR", "metric").swatch;
    const swatch = {
      intent: "swatch",
      yarnId: "01a21321-09fe-7782-992b-a238060f547a",
      madeOn: "2026-11-03",
      hookUm: "3",
      sampleStitches: "20",
      sampleMm: "56",
    };
    const why = (photo: string) =>
      schema.safeParse({ ...swatch, photo }).error?.issues.map((i) => `${i.path.join(".")}: ${i.message}`);
    expect(schema.safeParse(swatch).success).toBe(true);
    expect(schema.safeParse({ ...swatch, photo: url(JPEG), loops: "under" }).success).toBe(true);
    expect(why(url([1, 2, 3, 4]))).toEqual(["photo: This picture could not be read. Choose a photo."]);
    expect(why("x".repeat(MOST_PHOTO + 1))).toContain("photo: The picture is too large.");
    expect(schema.safeParse({ ...swatch, loops: "sideways" }).success).toBe(false);
  });
});
