import { expect, it } from "vitest";
import { newestOnly } from "./newest";

it("runs the first and the newest of what is asked for meanwhile", async () => {
  const ran: number[] = [];
  const ask = newestOnly();
  let free: () => void = () => undefined;
  const held = new Promise<void>((done) => (free = done));
  ask(async () => {
    ran.push(1);
    await held;
  });
  for (const n of [2, 3, 4]) ask(() => Promise.resolve(ran.push(n)));
  expect(ran).toEqual([1]);
  free();
  await new Promise((done) => setTimeout(done, 0));
  expect(ran).toEqual([1, 4]);
  // One that fails does not stop the next.
  ask(() => Promise.reject(new Error("no")));
  ask(() => Promise.resolve(ran.push(5)));
  await new Promise((done) => setTimeout(done, 0));
  expect(ran).toEqual([1, 4, 5]);
});
