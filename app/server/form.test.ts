import { describe, expect, it } from "vitest";
import { readForm, readJson } from "./form.server";

const post = (body: string, type = "application/x-www-form-urlencoded") =>
  new Request("http://lapka/", { method: "POST", body, headers: { "Content-Type": type } });
/** What a refused form is answered with. */
async function refusal(work: Promise<unknown>): Promise<{ status: number; why: string }> {
  try {
    await work;
  } catch (error) {
    const { data, init } = error as { data: { refused: string }; init: { status: number } };
    return { status: init.status, why: data.refused };
  }
  return { status: 200, why: "" };
}

describe("a form is bounded before it is parsed", () => {
  it("is read as it was sent", async () => {
    const form = await readForm(post("name=Puffin&lines%5B2%5D.quantity=3&lines%5B2%5D.quantity=4"));
    expect([...form]).toEqual([
      ["name", "Puffin"],
      ["lines[2].quantity", "3"],
      ["lines[2].quantity", "4"],
    ]);
  });
  it.each([
    ["an index of twenty millions", "lines%5B20000000%5D.quantity=1", 400],
    ["an index of 2^32 − 2", "days%5B4294967294%5D=1", 400],
    ["an index above 600", "lines%5B601%5D.quantity=1", 400],
    ["a name of a kilobyte", `${"a".repeat(1000)}=1`, 400],
    ["a name that is a prototype", "__proto__=1", 400],
    ["a name that is a constructor", "a.constructor.b=1", 400],
    ["no name", "=1", 400],
    ["the same name a thousand times", "name=y&".repeat(1000), 413],
    ["the same name 401 times in a large form", "name=y&".repeat(401), 400, { bytes: 64_000, fields: 2500 }],
    ["too many fields", Array.from({ length: 301 }, (_, i) => `f${i}=1`).join("&"), 413],
    ["too many characters", `a=${"x".repeat(64_000)}`, 413],
  ] as const)("%s is refused", async (_what, body, status, limits?) => {
    expect((await refusal(readForm(post(body), limits as never))).status).toBe(status);
  });
  it("is sent as a form, or told so", async () => {
    expect((await refusal(readForm(post("a=1", "text/plain")))).status).toBe(415);
    expect((await refusal(readForm(post("a=1", "multipart/form-data; boundary=x")))).status).toBe(415);
    expect(
      (await refusal(readForm(new Request("http://lapka/", { method: "POST", body: new Uint8Array(3) }))))
        .status,
    ).toBe(415);
  });
  it("JSON is bounded, and must be JSON", async () => {
    expect(await readJson(post('{"a":1}', "application/json"))).toEqual({ a: 1 });
    expect((await refusal(readJson(post("{", "application/json")))).status).toBe(400);
    expect((await refusal(readJson(post(`"${"x".repeat(500_000)}"`, "application/json")))).status).toBe(413);
  });
});
