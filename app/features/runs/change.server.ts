import { parseWithZod } from "@conform-to/zod/v4";
import { data, redirect } from "react-router";
import { begunByLine, changeRun } from "@db/queries/run-change";
import { findRun, shareRun, type NewRun } from "@db/queries/runs";
import { loadAnalysedColourways, loadSurroundings, type AnalysedColourway } from "../items/load.server";
import { allItems, liveColourways } from "../../server/rows.server";
import type { Opened } from "../../server/scope.server";
import { changeSchema, type ChangedRun } from "./change";
import { atQuantity, newLine } from "./line";
import { chosenIn, sharesFor } from "./shares.server";

const keyOf = (x: Pick<AnalysedColourway, "entry" | "colourway">): string =>
  `${x.entry.item.id}:${x.colourway?.id ?? ""}`;

/** A run as the page that changes it shows it. @throws Response 404 where it is gone or finished */
export async function loadChange(runId: string, { scope }: Opened) {
  const r = await findRun(scope, runId);
  if (!r || r.run.state === "finished") throw data(null, { status: 404 });
  const [begun, items, colourways] = await Promise.all([
    begunByLine(scope, runId),
    allItems(scope),
    liveColourways(scope),
  ]);
  return {
    run: { id: r.run.id, name: r.run.name, startOn: r.run.startOn, dueOn: r.run.dueOn },
    lines: r.lines.map((l) => ({
      id: l.id,
      label: l.plannedWith.label,
      quantity: l.quantity,
      begun: begun.get(l.id) ?? 0,
      seconds: l.plannedWith.seconds,
    })),
    // Named only: what one takes is reckoned when it is put in.
    wares: items.flatMap(({ item }) => [
      { value: `${item.id}:`, label: item.name },
      ...colourways
        .filter((c) => c.itemId === item.id)
        .map((c) => ({ value: `${item.id}:${c.id}`, label: `${item.name}, ${c.name}` })),
    ]),
  };
}

/** Keeps what was typed, or says what is wrong with it. */
export async function keepChange(form: FormData, runId: string, opened: Opened) {
  const { scope, workshop } = opened;
  const submission = parseWithZod(form, {
    schema: changeSchema(workshop.locale, workshop.currency, workshop.units),
  });
  if (submission.status !== "success") return data(submission.reply(), { status: 400 });
  const typed = submission.value;
  const r = await findRun(scope, runId);
  if (!r || r.run.state === "finished") throw data(null, { status: 404 });
  const added = await addedLine(typed, opened);
  if (added === undefined)
    return data(
      submission.reply({
        fieldErrors: {
          ware: ["This item is no longer there, or its pattern cannot be reckoned yet. Choose another."],
        },
      }),
      { status: 400 },
    );
  const { hand } = await loadSurroundings(scope, workshop);
  const pieces = new Map(
    typed.lines.flatMap((t) => {
      const line = r.lines.find((l) => l.id === t.id);
      return line
        ? [
            [
              t.id,
              {
                seen: t.seen,
                quantity: t.quantity,
                plannedWith: atQuantity(line.plannedWith, line.quantity, t.quantity, hand.batch),
              },
            ] as const,
          ]
        : [];
    }),
  );
  const { name, startOn, dueOn } = typed;
  const kept = await changeRun(scope, runId, { name, startOn, dueOn, pieces, added });
  if (kept === "empty")
    return data(
      submission.reply({
        formErrors: ["A run makes something: keep at least one piece, or delete the run from its page."],
      }),
      { status: 400 },
    );
  if (kept !== "kept") {
    const at = typed.lines.findIndex((l) => l.id === kept.begun);
    return data(
      submission.reply({
        fieldErrors: { [`lines[${at}].quantity`]: ["More are begun already: keep at least as many."] },
      }),
      { status: 400 },
    );
  }
  await shareAnew(runId, opened);
  return redirect(`/runs/${runId}`);
}

/** The line that is put in, none where nothing was chosen; undefined where what was chosen is gone. */
async function addedLine(
  { ware, more }: ChangedRun,
  { scope, workshop }: Opened,
): Promise<NewRun["lines"] | undefined> {
  if (ware === undefined || more === undefined) return [];
  const { all, surroundings } = await loadAnalysedColourways(scope, workshop);
  const found = all.find((x) => keyOf(x) === ware);
  if (!found) return undefined;
  return [newLine(found, more, surroundings.hand.batch)];
}

/** What helpers have of a run, reckoned anew with what it is planned with now. */
export async function shareAnew(runId: string, opened: Opened): Promise<void> {
  const r = await findRun(opened.scope, runId);
  if (r?.lines.some((l) => l.shares !== null))
    await shareRun(opened.scope, runId, await sharesFor(r, chosenIn(r), opened));
}
