import type { School } from "./school";

/** By how much materials are usually multiplied (common practice, no source). */
export const USUAL_MULTIPLE = 3;

/** Multiple of materials: a rule of thumb that looks at no hour (common practice, no source). */
export const multipleOfMaterials: School<{ readonly times: number }> = {
  name: "multiple of materials",
  price: (m, _channel, { times }) => (m.materials / m.yield + m.packaging) * times,
};
