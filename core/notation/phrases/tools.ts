import type { Node } from "../tree";
import { COST } from "./costs";
import { NONE, words, type Phrase } from "./phrase";

const REST = words("held together of the yarn double only at once split from");

/** Strands held together and hooks changed: they matter for yarn and size, not for the count. */
export const tools: Phrase = {
  name: "tools",
  starts: words(
    "hold holding with using use work working change switch changing go back to split yarn thread doubled double single held number",
  ),
  read(c) {
    const from = c.from;
    const give = (node: Node) => {
      while (REST.has(c.text())) c.at++;
      return [
        { to: c.at, cost: COST.phrase, piece: { kind: "nodes" as const, nodes: [{ ...node, to: c.to }] } },
      ];
    };
    c.take(
      "hold",
      "holding",
      "with",
      "using",
      "use",
      "work",
      "working",
      "change",
      "switch",
      "changing",
      "go",
      "back",
      "to",
      "split",
    );
    c.take("to", "back", "with");
    c.take("the", "a", "an", "to", "only");
    if (c.is("yarn", "thread") && /^(held|doubled|double|single)$/.test(c.text(1))) c.at++;
    if (c.is("doubled", "double") && /^(yarn|strand|strands|thread)$/.test(c.text(1)))
      return ((c.at += 2), give({ kind: "strands", n: 2, from, to: from }));
    if (c.is("held", "doubled") && (c.text(1) === "double" || c.is("doubled")))
      return (c.at++, c.take("double"), give({ kind: "strands", n: 2, from, to: from }));
    if (c.is("single") && /^(strand|yarn|thread)$/.test(c.text(1)))
      return ((c.at += 2), give({ kind: "strands", n: 1, from, to: from }));
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined) return NONE;
    if (
      c.is("strand", "strands", "thread", "threads", "ply", "plies") &&
      n >= 1 &&
      n <= 12 &&
      Number.isInteger(n)
    )
      return (c.at++, give({ kind: "strands", n, from, to: from }));
    if (c.is("mm") && c.text(1) === "hook")
      return ((c.at += 2), give({ kind: "hook", mm: n, from, to: from }));
    return NONE;
  },
  examples: [
    ["change to a 2.5 mm hook", "hook 2.5"],
    ["holding 2 strands together", "2 strands"],
  ],
};
