import type { Scope } from "@db/scope";
import type { Doing } from "@db/trail";

/**
 * What a form says that belongs to no trail: what it carries for itself, secrets, and what is too long to be
 * read in a list.
 */
const LEFT_OUT =
  /^(intent|workshop|key-of-form|key|seen|phrase|now|code|pattern|photo|file|text|csv|rows|notes?|customer|reach|wishes)$/;
const MOST_FIELDS = 12;
const MOST_LETTERS = 80;

/** Short fields of a form by name, as far as they tell what it was about. */
export function detailOf(form: FormData): Record<string, string> {
  const out: Record<string, string> = {};
  for (const [name, value] of form) {
    if (typeof value !== "string" || LEFT_OUT.test(name) || value.trim() === "") continue;
    if (Object.keys(out).length >= MOST_FIELDS) break;
    out[name.slice(0, MOST_LETTERS)] ??=
      value.length > MOST_LETTERS ? `${value.slice(0, MOST_LETTERS - 1)}…` : value;
  }
  return out;
}

/** What is done, as a form says it: which of the things that its page can ask for, about what. */
export function doingOf(doing: Doing, form: FormData): Doing {
  const intent = form.get("intent");
  const id = form.get("id") ?? form.get("what");
  const what =
    typeof intent === "string" && /^[a-z-]{1,40}$/.test(intent) ? `${doing.what}:${intent}` : doing.what;
  const subject = doing.subject || (typeof id === "string" ? id.slice(0, MOST_LETTERS) : "");
  return { ...doing, what, subject, detail: detailOf(form) };
}

/** The same scope, with what its act is about. */
export const about = (scope: Scope, detail: Readonly<Record<string, string>>): Scope =>
  scope.doing ? { ...scope, doing: { ...scope.doing, detail } } : scope;
