import { lazy, useEffect, type ComponentType } from "react";

/** The forms stand in dialogs: they come, with what reads them, once the page stands. */
const fetchForms = () => import("./forms");
type Forms = Awaited<ReturnType<typeof fetchForms>>;
const later = <P>(of: (forms: Forms) => ComponentType<P>) =>
  lazy(async () => ({ default: of(await fetchForms()) }));

export const BallForm = later((f) => f.BallForm);
export const BallsForm = later((f) => f.BallsForm);
export const CountForm = later((f) => f.CountForm);
export const FillingForm = later((f) => f.FillingForm);
export const NotionForm = later((f) => f.NotionForm);
export const PostForm = later((f) => f.PostForm);
export const SwatchForm = later((f) => f.SwatchForm);
export const YarnForm = later((f) => f.YarnForm);

/** Fetches them behind the page, so that a dialog opens at once, and also when the net is gone by then. */
export function useForms(): void {
  useEffect(() => void fetchForms().catch(() => undefined), []);
}
