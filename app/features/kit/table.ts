import type { KitStage, KitTask } from "@core/kit";
import type { BenchStep, InspectionPoint } from "@core/planning";
import type { PieceOfRun, Task } from "@core/planning/sequence";
import { printMass, type Grams, type Reading } from "@core/units";
import type { KitOfItem } from "@core/item";

/** Kinds of work on a kit, as the order of the work names them. */
export const KIT_STAGE_WORDS: Readonly<Record<KitStage, string>> = {
  winding: "winding",
  ring: "starting the ring",
  counting: "counting out",
  bagging: "packing and weighing",
};

/** What is done in a task of a kit: in which part of the work, and in words. */
function told(kit: KitOfItem, task: KitTask, r: Reading): { part: string; title: string; text: string } {
  switch (task.stage) {
    case "winding": {
      const c = kit.colours[task.of];
      if (!c) return { part: "Yarn", title: "Wind", text: "Wind the yarn." };
      const text = `${printMass(c.grams as Grams, r)}: ${c.turns} turns, all in one length.`;
      return { part: c.label, title: "Wind", text };
    }
    case "ring":
      return { part: "Ring", title: "Start it", text: "Work the first round, and pin it to the sheet." };
    case "counting": {
      const x = kit.things[task.of];
      return { part: x?.what ?? "A thing", title: "Into the bag", text: x?.amount ?? "1" };
    }
    case "bagging":
      return {
        part: "The whole kit",
        title: "Pack and weigh",
        text: `All into the bag, then on the scale: ${printMass(kit.grams as Grams, r)}, ${printMass(kit.tolerance as Grams, r)} more or less.`,
      };
  }
}

/** What one kit asks for at the table, step by step. */
export const kitSteps = (kit: KitOfItem, r: Reading): BenchStep[] =>
  kit.tasks.map((task) => {
    const colour = task.stage === "winding" ? kit.colours[task.of] : undefined;
    return {
      ...told(kit, task, r),
      id: `${task.stage}.${task.of + 1}`,
      kind: "finish",
      stage: "packing",
      copy: 1,
      copies: 1,
      count: undefined,
      stitches: 0,
      colours: colour ? [{ slot: colour.slot, stitches: 0 }] : [],
      helps: [],
    };
  });

/** A kit of a run; its yarns are named as those of pieces are, so that one is not set up twice. */
interface KitOfRun extends Pick<PieceOfRun, "label" | "slotOf"> {
  readonly kit: KitOfItem;
}

/** The tasks of one kit of a run: colours and things in any order, packed when all of them are there. */
export function tasksOfKit({ label, kit, slotOf }: KitOfRun, id: string, r: Reading): Task[] {
  // What is counted lies in one tray: it is one sitting.
  const counted = kit.tasks.filter((t) => t.stage === "counting");
  const counting = counted.reduce((s, t) => s + t.seconds, 0);
  const stretches = kit.tasks.flatMap((t): KitTask[] => {
    if (t.stage !== "counting") return [t];
    return t === counted[0] ? [{ ...t, seconds: counting }] : [];
  });
  const tasks = stretches.map((task): Task => {
    const part = task.stage === "counting" ? `${counted.length} small things` : told(kit, task, r).part;
    const wound = task.stage === "winding" ? kit.colours[task.of] : undefined;
    return {
      id: `${id} ${task.stage} ${task.of}`,
      piece: id,
      part: `${label}: ${part}`,
      stage: task.stage,
      ...(wound ? { colour: slotOf(wound.slot).colour } : {}),
      seconds: task.seconds,
      after: [],
    };
  });
  const before = tasks.filter((t) => t.stage !== "bagging").map((t) => t.id);
  return tasks.map((t) => (t.stage === "bagging" ? { ...t, after: before } : t));
}

/** How a packed kit is looked at: what is missing cannot be mended by the buyer. */
export const kitPoints = (kit: KitOfItem, r: Reading): InspectionPoint[] => [
  ...kit.colours.map((c) => ({
    id: `colour ${c.slot}`,
    text: `${c.label}: one length, one lot, with its name on it`,
  })),
  {
    id: "things",
    text: `${kit.things.length} things besides the yarn, counted against the list`,
    firm: true,
  },
  {
    id: "weight",
    text: `Weighs ${printMass(kit.grams as Grams, r)}, ${printMass(kit.tolerance as Grams, r)} more or less`,
    firm: true,
  },
  { id: "cautions", text: "The sheet with its cautions and the age note lies on top" },
];
