import type { Node, Times } from "../core/notation/tree";
import type { PieceBody } from "../core/notation/phrases";

const often = (t: Times): string =>
  t.kind === "number" ? `×${t.n}` : t.kind === "around" ? "×around" : `×until ${t.left}`;

function nodeWords(n: Node): string {
  switch (n.kind) {
    case "start":
      return n.start === "ring" ? "ring" : n.start;
    case "work":
      return `${n.times.kind === "number" ? `${n.times.n} ` : ""}${n.op.name}${n.op.into === "part" ? ", part" : ""}`;
    case "group":
      return `(${n.items.map(nodeWords).join(", ")}) ${often(n.times)}`;
    case "skip":
      return `skip ${n.n}`;
    case "colour":
      return `colour ${n.slot}`;
    case "strands":
      return `${n.n} strands`;
    case "hook":
      return `hook ${n.mm}`;
    case "event":
      return `event ${n.event.kind}`;
    case "evenly":
      return n.toward === undefined ? `${n.n} ${n.op.name} evenly` : `evenly to ${n.toward}`;
    case "other-side":
      return "other side";
    default:
      return n.kind;
  }
}

/** A piece in few words, for the examples of the phrases. */
export function printPiece(p: PieceBody): string {
  switch (p.kind) {
    case "work": {
      const { word, n, target } = p.said;
      const name =
        word.kind === "inc" || word.kind === "dec"
          ? `${word.stitch === "sc" ? "" : `${word.stitch} `}${word.kind}`
          : word.stitch;
      const where =
        target.place === undefined ? "" : `, ${target.place}${target.n === undefined ? "" : ` ${target.n}`}`;
      return `${n === undefined ? "" : `${n} `}${name}${where}`;
    }
    case "place":
      return `place ${p.target.place ?? "around"}`;
    case "nodes":
      return p.nodes.map(nodeWords).join(", ");
    case "times":
      return `${often(p.times)}${p.more ? " more" : ""}`;
    case "repeat":
      return `repeat${p.times ? ` ${often(p.times)}` : ""}${p.more ? " more" : ""}${p.referred ? ", from *" : ""}`;
    case "so-many":
      return `${p.n} times`;
    case "open":
    case "close":
    case "separator":
      return p.mark;
    case "star":
      return "*";
    case "total":
      return `total ${p.n}`;
    case "number":
      return `${p.n} alone`;
    case "join":
      return p.ring ? "join ring" : "join";
    case "joined-to":
      return `joined to ${p.part}`;
    case "loops":
      return `loops ${p.loops}`;
    case "layers":
      return `layers ${p.layers.join(" ")}`;
    case "block":
      return `block ${p.words}`;
    default:
      return p.kind;
  }
}
