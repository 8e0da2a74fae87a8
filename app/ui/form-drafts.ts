/** Texts of a form by field name; a name that stands more than once has several. */
export type Draft = Readonly<Record<string, readonly string[]>>;
interface Store {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
}
const MOST_DAYS = 30;

/** One form's draft in a store that may be full or forbidden: then the page itself is the only copy. */
export function draftsOf(store: () => Store, name: string) {
  const key = `lapka-form:${name}`;
  const safely = <T>(act: (s: Store) => T): T | undefined => {
    try {
      return act(store());
    } catch {
      return undefined;
    }
  };
  return {
    read: (): Draft | undefined =>
      safely((s) => {
        const kept = JSON.parse(s.getItem(key) ?? "null") as { at?: unknown; texts?: unknown } | null;
        if (!kept || typeof kept.at !== "number" || Date.now() - kept.at > MOST_DAYS * 86_400_000)
          return undefined;
        return isDraft(kept.texts) ? kept.texts : undefined;
      }),
    keep: (texts: Draft): void =>
      void safely((s) => s.setItem(key, JSON.stringify({ at: Date.now(), texts }))),
    forget: (): void => void safely((s) => s.removeItem(key)),
  };
}
const isDraft = (x: unknown): x is Draft =>
  typeof x === "object" &&
  x !== null &&
  Object.values(x).every((v) => Array.isArray(v) && v.every((t) => typeof t === "string"));

type Control = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;
const controls = (form: HTMLFormElement): Control[] =>
  [...form.elements].filter(
    (e): e is Control =>
      (e instanceof HTMLInputElement && !["hidden", "file", "submit", "button"].includes(e.type)) ||
      e instanceof HTMLSelectElement ||
      e instanceof HTMLTextAreaElement,
  );
const ticked = (c: Control): boolean =>
  c instanceof HTMLInputElement && (c.type === "checkbox" || c.type === "radio");
const textOf = (c: Control): string =>
  ticked(c) ? `${(c as HTMLInputElement).checked ? "+" : "-"}${c.value}` : c.value;

/** What stands in a form's visible fields. */
export function textsOf(form: HTMLFormElement): Draft {
  const out = new Map<string, string[]>();
  for (const c of controls(form)) if (c.name) out.set(c.name, [...(out.get(c.name) ?? []), textOf(c)]);
  return Object.fromEntries(out);
}

/** Puts kept texts into a form as typing them would; true when anything differed. */
export function fill(form: HTMLFormElement, texts: Draft): boolean {
  let changed = false;
  const at = new Map<string, number>();
  for (const c of controls(form)) {
    const i = at.get(c.name) ?? 0;
    at.set(c.name, i + 1);
    const text = texts[c.name]?.[i];
    if (text === undefined || text === textOf(c)) continue;
    changed = true;
    if (ticked(c)) (c as HTMLInputElement).checked = text.startsWith("+");
    else setValue(c, text);
    c.dispatchEvent(new Event("input", { bubbles: true }));
    c.dispatchEvent(new Event("change", { bubbles: true }));
  }
  return changed;
}

/** React listens to the property of its own: the prototype's setter is what typing calls. */
function setValue(c: Control, text: string): void {
  const own = Object.getOwnPropertyDescriptor(Object.getPrototypeOf(c) as object, "value");
  if (own?.set) own.set.call(c, text);
  else c.value = text;
}
