import { data } from "react-router";
import { z } from "zod";
import { fileResponse } from "../../server/file.server";
import type { ListPaper, PaperTask } from "./input";
import { paperOf } from "./paper.server";

const size = z.enum(["A4", "LETTER"]).catch("A4");
/** The paper that an address asks for: A4 unless it says Letter. */
export const paperSize = (search: URLSearchParams): ListPaper["paper"] => size.parse(search.get("paper"));

/** A sheet that is no item's, made and sent. */
export async function sheetResponse(task: PaperTask, name: string): Promise<Response> {
  const pdf = await paperOf(task);
  if (!pdf.ok) throw data("This paper could not be made.", { status: 503 });
  return fileResponse(pdf.value, { name, ending: "pdf", type: "application/pdf", inline: true });
}

export const listResponse = (list: ListPaper, name: string): Promise<Response> =>
  sheetResponse({ sheet: "list", list }, name);
