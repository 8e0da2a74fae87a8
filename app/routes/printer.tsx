import { useEffect } from "react";
import { data, Link, redirect, useRevalidator } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/printer";
import {
  cancelPrintJob,
  itCameOut,
  labelsBefore,
  listPrintJobs,
  nextLabelId,
  OPEN_STATES,
  printAnew,
  printOnceMore,
} from "@db/queries/printer";
import { JobRow } from "../features/printer/job-row";
import { isStandIn, ownPrinter } from "../features/printer/printer.server";
import { NoPrinter, PrinterSheet } from "../features/printer/printer-sheet";
import { StandIn } from "../features/printer/stand-in";
import { id } from "../forms";
import { once, openForm, refused } from "../server/form.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { Columns, Page, PageHead, Sheet, SheetHead, Small, Stack } from "../ui/basics";
import { printMoment } from "../ui/days";

export const meta: Route.MetaFunction = () => [{ title: "Label printer · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const printer = ownPrinter();
  const [state, jobs, before] = await Promise.all([
    printer?.state(),
    listPrintJobs(scope),
    labelsBefore(scope),
  ]);
  const open: readonly string[] = OPEN_STATES;
  const views = jobs.map(({ id, itemId, title, copies, printed, state, createdAt }) => ({
    id,
    itemId,
    title,
    copies,
    printed,
    state,
    at: printMoment(createdAt, workshop.locale, scope.zone, false),
  }));
  return {
    state,
    standIn: isStandIn(),
    open: views.filter((j) => open.includes(j.state)),
    over: views.filter((j) => !open.includes(j.state)),
    before,
  };
}

const actSchema = z.object({ intent: z.enum(["cancel", "anew", "out", "more"]), id });
const HANDS = ["load 50", "unload", "jam", "clear", "off", "on"] as const;
const handsSchema = z.object({ intent: z.literal("hands"), line: z.enum(HANDS) });

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  const fields = Object.fromEntries(form);
  const hands = handsSchema.safeParse(fields);
  // What is done at the machine waits for it, and writes nothing here.
  if (hands.success) {
    const printer = isStandIn() ? ownPrinter() : undefined;
    if (!printer) throw refused("There is no printer here whose hands this page could be.", 409);
    await printer.hand(hands.data.line).catch(() => undefined);
    return redirect("/printer");
  }
  const read = actSchema.safeParse(fields);
  if (!read.success) throw data(null, { status: 400 });
  const { intent, id } = read.data;
  const done = await once(opened, form, async (o) => {
    if (intent === "more") await printOnceMore(o.scope, id);
    else {
      const act = { cancel: cancelPrintJob, anew: printAnew, out: itCameOut }[intent];
      if (!(await act(o.scope, id)))
        throw refused("These labels went on meanwhile. Nothing was changed: look again.", 409);
    }
    return redirect("/printer");
  });
  // What stands before a jam or an empty roll is taken back before a hand can clear it.
  const next = intent === "cancel" ? await nextLabelId(opened.scope, id) : undefined;
  if (next)
    await ownPrinter()
      ?.hand(`drop ${next}`)
      .catch(() => undefined);
  return done;
}
export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

/** A label takes about a second. */
const LOOK_MS = 1200;

export default function PrinterRoute({ loaderData: d }: Route.ComponentProps) {
  const { state } = d;
  const waiting = d.open.some((j) => j.state === "waiting");
  useLooking(waiting && state !== undefined);
  const prints = state?.word === "ready" || state?.word === "printing";
  const first = d.open.find((j) => j.state === "waiting");
  return (
    <Page>
      <PageHead>
        <h1>Label printer</h1>
        <Small>tags and bag labels on a roll, 52 × 88 mm</Small>
      </PageHead>
      <Columns $parts="minmax(0, 1.5fr) minmax(0, 1fr)">
        <Sheet>
          <SheetHead>
            <h2>To print</h2>
            {d.before > 0 ? (
              <Small>
                {d.before === 1 ? "1 label" : `${d.before} labels`} of another workshop wait here too
              </Small>
            ) : null}
          </SheetHead>
          {d.open.length === 0 ? (
            <p>
              Nothing waits. Choose <b>Swing tags</b> and the <b>label roll</b> on the Paper page of an{" "}
              <Link to="/items">item</Link>, and send as many labels here as you made pieces.
            </p>
          ) : (
            <ul style={{ listStyle: "none", margin: 0, padding: 0 }}>
              {d.open.map((j) => (
                <JobRow key={j.id} job={j} moves={prints && d.before === 0 && j === first} />
              ))}
            </ul>
          )}
        </Sheet>
        <Stack>
          {state ? <PrinterSheet state={state} /> : <NoPrinter />}
          {state && d.standIn ? <StandIn state={state} /> : null}
        </Stack>
      </Columns>
      {d.over.length > 0 ? (
        <Sheet style={{ marginTop: 18 }}>
          <SheetHead>
            <h2>Out</h2>
            <Small>kept for two weeks, to print once more</Small>
          </SheetHead>
          <ul style={{ listStyle: "none", margin: 0, padding: 0 }}>
            {d.over.map((j) => (
              <JobRow key={j.id} job={j} moves={false} />
            ))}
          </ul>
        </Sheet>
      ) : null}
    </Page>
  );
}

/**
 * Asks again how things stand: as long as labels wait, and whenever she comes back to the page. A page that lies
 * open with nothing to wait for asks nothing, so that its session may end.
 */
function useLooking(waiting: boolean) {
  const { revalidate, state } = useRevalidator();
  useEffect(() => {
    const look = () => void (document.hidden || state !== "idle" || revalidate());
    const timer = waiting && state === "idle" ? setTimeout(look, LOOK_MS) : undefined;
    window.addEventListener("focus", look);
    return () => {
      clearTimeout(timer);
      window.removeEventListener("focus", look);
    };
  }, [waiting, state, revalidate]);
}
