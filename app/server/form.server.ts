import { createHash } from "node:crypto";
import { data, redirect, type AppLoadContext } from "react-router";
import { doOnce, doWhole, type KeptAnswer } from "@db/queries/acts";
import { ChangedMeanwhile, NotThere, type Scope } from "@db/scope";
import { doingOf } from "./doing";
import { openWorkshop, type Opened } from "./scope.server";

/** What a form may come to, looked at before anything of it is parsed. */
export interface FormLimits {
  /** Characters as sent: percent-encoded. */
  readonly bytes: number;
  readonly fields: number;
}
const USUAL: FormLimits = { bytes: 64_000, fields: 300 };
/** Forms with a written pattern in them: 64 K characters, each three or more bytes when encoded. */
export const PATTERN_FORM: FormLimits = { bytes: 700_000, fields: 60 };
/** One file as text. */
export const FILE_FORM: FormLimits = { bytes: 1_450_000, fields: 120 };
/** A table with a row of fields an item. */
export const LIST_FORM: FormLimits = { bytes: 400_000, fields: 2500 };

const NAME_LETTERS = 90;
const MOST_INDEX = 600;
/** Ticks of one list share a name. */
const MOST_REPEATS = 400;

/** An answer that leaves the page and what was typed as they are, and says why. */
export const refused = (why: string, status: 400 | 409 | 413 | 415 | 422 | 503) =>
  data({ refused: why }, { status });

/**
 * A form's fields. Everything that grows with a form is bounded here. @throws a refusal that says which bound
 * was met.
 */
export async function readForm(request: Request, limits: FormLimits = USUAL): Promise<FormData> {
  const type = (request.headers.get("Content-Type") ?? "").split(";")[0]?.trim().toLowerCase();
  if (type !== "application/x-www-form-urlencoded")
    throw refused("Refused: a form is sent as application/x-www-form-urlencoded.", 415);
  const text = await request.text();
  if (text.length > limits.bytes) throw refused("Refused: the form is too large. Nothing was kept.", 413);
  const pairs = text === "" ? [] : text.split("&", limits.fields + 1);
  if (pairs.length > limits.fields) throw refused("Refused: the form has too many fields.", 413);
  const form = new FormData();
  const times = new Map<string, number>();
  for (const [name, value] of new URLSearchParams(text)) {
    const seen = (times.get(name) ?? 0) + 1;
    times.set(name, seen);
    if (seen > MOST_REPEATS || !goodName(name))
      throw refused("Refused: a field of the form is not known.", 400);
    form.append(name, value);
  }
  return form;
}

/** "lines[12].quantity": short, with indices that a list of ours can have. */
function goodName(name: string): boolean {
  if (name.length === 0 || name.length > NAME_LETTERS || /__proto__|constructor|prototype/.test(name))
    return false;
  for (const [, index = ""] of name.matchAll(/\[(\d*)\]/g))
    if (index.length > 4 || Number(index) > MOST_INDEX) return false;
  return true;
}

/**
 * A form with the workshop it is for. A form that was made in another workshop writes nothing into this one.
 */
export async function openForm(
  { request, context }: { request: Request; context: AppLoadContext },
  limits?: FormLimits,
): Promise<{ form: FormData; opened: Opened }> {
  const form = await readForm(request, limits);
  const opened = await openWorkshop(request, context);
  ownWorkshop(form.get("workshop"), opened);
  const { doing } = opened.scope;
  return {
    form,
    opened: doing ? { ...opened, scope: { ...opened.scope, doing: doingOf(doing, form) } } : opened,
  };
}

/** @throws a refusal when a form names another workshop than the one that is open. */
export function ownWorkshop(named: unknown, { workshop }: Opened): void {
  if (typeof named === "string" && named !== "" && named !== workshop.id)
    throw refused(
      `This page belongs to another workshop, and this browser now works in “${workshop.name}”. Nothing was written. Open the other workshop again under Settings, then send it once more.`,
      409,
    );
}

/** A body of JSON, bounded. @throws a refusal. */
export async function readJson(request: Request, bytes = 400_000): Promise<unknown> {
  const text = await request.text();
  if (text.length > bytes) throw refused("Refused: this is too large. Nothing was kept.", 413);
  try {
    return JSON.parse(text);
  } catch {
    throw refused("Refused: this could not be read.", 400);
  }
}

/**
 * Does what a form asks for once, however often it is sent: its key and content are kept with what was
 * answered, in the transaction of the work itself, with its row in the trail. The same again gets the same
 * answer; a refusal (status 400 and above) writes nothing and may be sent again.
 */
export async function once<T>(
  opened: Opened,
  form: FormData,
  work: (opened: Opened) => Promise<T>,
): Promise<T> {
  try {
    const key = form.get("key-of-form");
    const answer = async (scope: Scope) => {
      const result = await work({ ...opened, scope });
      return { result, kept: keptOf(result) };
    };
    if (typeof key !== "string" || key === "" || key.length > 80) return await doWhole(opened.scope, answer);
    const content = createHash("sha256");
    for (const [name, value] of form) content.update(`${name}\u0000${String(value)}\u0000`);
    const done = await doOnce(opened.scope, content.digest("hex"), answer);
    if ("first" in done) return done.first;
    const { again } = done;
    return ("to" in again ? redirect(again.to) : data(again.body, { status: again.status })) as T;
  } catch (error) {
    if (error instanceof NotThere)
      throw refused("This is no longer there: it may have been deleted. Nothing was written.", 409);
    if (error instanceof ChangedMeanwhile)
      throw refused(`${error.what} was changed in another tab meanwhile. Nothing was written.`, 409);
    throw error;
  }
}

/**
 * What of an answer can be given again; undefined for a refusal, and for a question back: nothing was done
 * yet.
 */
function keptOf(result: unknown): KeptAnswer | undefined {
  if (result instanceof Response) {
    const to = result.headers.get("Location");
    return to !== null && result.status < 400 ? { to } : undefined;
  }
  if (
    typeof result === "object" &&
    result !== null &&
    "type" in result &&
    result.type === "DataWithResponseInit"
  ) {
    const { data: body, init } = result as unknown as { data: unknown; init: ResponseInit | null };
    if (typeof body === "object" && body !== null && "doubt" in body) return undefined;
    const status = init?.status ?? 200;
    return status < 400 ? { body: body ?? null, status } : undefined;
  }
  return { body: result ?? null, status: 200 };
}

/** For posts that pages send by themselves: whatever came of it, also a refusal, as JSON. */
export async function answering(work: () => Promise<unknown>): Promise<Response> {
  try {
    return asJson(await work());
  } catch (error) {
    if (isData(error)) return asJson(error);
    throw error;
  }
}

type Data = { readonly data: unknown; readonly init: ResponseInit | null };
const isData = (x: unknown): x is Data =>
  typeof x === "object" && x !== null && "type" in x && x.type === "DataWithResponseInit";
const asJson = (x: unknown): Response =>
  x instanceof Response
    ? x
    : isData(x)
      ? Response.json(x.data ?? null, {
          status: x.init?.status ?? 200,
          ...(x.init?.headers ? { headers: x.init.headers } : {}),
        })
      : Response.json(x ?? null);
