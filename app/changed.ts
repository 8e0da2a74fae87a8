/**
 * What another tab or person changed while a form was open: both values of each field, and the version that
 * stands now.
 */
export interface Changed {
  readonly version: string;
  readonly fields: readonly { readonly name: string; readonly mine: string; readonly theirs: string }[];
}

/** A sent form held against what stands now, both as texts of the form's fields. */
export function changedMeanwhile(form: FormData, now: Readonly<Record<string, string>>): Changed {
  const fields = Object.entries(now).flatMap(([name, theirs]) => {
    if (name === "id" || name === "seen" || name.startsWith("was")) return [];
    const sent = form.get(name);
    const mine = typeof sent === "string" ? sent : "";
    return mine.trim() === theirs.trim() ? [] : [{ name, mine, theirs }];
  });
  return { version: now.seen ?? "", fields };
}
