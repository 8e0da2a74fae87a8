import type { School } from "./school";

/** Multiple of materials: a rule of thumb that looks at no hour (common practice, no source). */
export const multipleOfMaterials: School<{ readonly times: number }> = {
  name: "multiple of materials",
  price: (m, _channel, { times }) => (m.materials / m.yield + m.packaging) * times,
};
