import { inspectionPoints, type InspectionPoint } from "@core/planning";
import type { Reading } from "@core/units";
import type { ItemAnalysis } from "@core/item";
import { kitPoints } from "../kit/table";

/** What is looked for in finished pieces of an item, from its parts, faces and seams. */
export const pointsOf = (a: ItemAnalysis, hangs: boolean, r: Reading): InspectionPoint[] =>
  a.kit ? kitPoints(a.kit, r) : piecePoints(a, hangs);

const piecePoints = (a: ItemAnalysis, hangs: boolean): InspectionPoint[] =>
  inspectionPoints({
    parts: a.piece.parts.map((p) => ({
      name: p.part.name,
      make: p.part.make,
      filled: p.fabric.form === "filled",
      counted: p.part.rounds.some((r) => r.count !== undefined),
    })),
    faces: a.faces.map((f) => ({
      part: a.faces.length > 1 || a.piece.parts.length > 1 ? f.part : "",
      what: f.face.what,
      count: f.face.count,
      rounds: f.face.rounds,
      apart: f.face.apart,
    })),
    sewn: a.order.steps.some((s) => s.kind === "sew"),
    hangs,
  });
