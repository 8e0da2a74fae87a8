import { data } from "react-router";
import type { Route } from "./+types/workshop-bring";
import { setMember } from "@db/queries/accounts";
import { openInSession } from "@db/queries/sessions";
import { leaveTrail } from "@db/scope";
import { isSealed, NotOpened, unsealed } from "@db/copies/seal";
import { MOST_ZIP, NEEDS_PHRASE, PHRASE_HEADER } from "../server/bring-file";
import { bringWorkshop, NotAWorkshop } from "@db/transfer/in";
import { readWorkshopZip } from "../features/settings/workshop-zip.server";
import { answering, refused } from "../server/form.server";
import { doingIn, workshopCookie } from "../server/scope.server";

/** A file is read by one at a time: it may be large. */
let busy = false;

/** A workshop from a file, as another one of this installation; who brings it owns it, and has it open. */
export function action({ request, context }: Route.ActionArgs): Promise<Response> {
  return answering(async () => {
    if (busy) throw refused("Another file is being read just now. Try again in a minute.", 503);
    busy = true;
    try {
      const bytes = new Uint8Array(await request.arrayBuffer());
      if (bytes.length > MOST_ZIP) throw refused("Refused: the file is too large.", 413);
      const { file, photos } = await readWorkshopZip(await plain(bytes, request));
      const brought = await bringWorkshop(context.db, file, photos);
      const doing = { ...doingIn(context), subject: "", detail: { made: file.madeAt } };
      await leaveTrail({ db: context.db, workshopId: brought.workshopId, now: new Date(), doing });
      return data(brought, { headers: { "Set-Cookie": await opened(brought.workshopId, context) } });
    } catch (error) {
      if (error instanceof NotOpened) throw refused(error.message, 422);
      if (error instanceof NotAWorkshop) throw refused(error.why, 422);
      throw error;
    } finally {
      busy = false;
    }
  });
}

/**
 * A sealed file is opened with the phrase that came along: in a header, so that the body is the file and
 * nothing else.
 */
async function plain(bytes: Uint8Array, request: Request): Promise<Uint8Array> {
  if (!isSealed(bytes)) return bytes;
  const given = request.headers.get(PHRASE_HEADER);
  if (given === null) throw refused(NEEDS_PHRASE, 422);
  let phrase = "";
  try {
    phrase = decodeURIComponent(given.slice(0, 2000));
  } catch {
    // No phrase of ours: it opens nothing.
  }
  return unsealed(bytes, phrase);
}

async function opened(workshopId: string, { db, passed }: Route.ActionArgs["context"]): Promise<string> {
  if (passed.who.kind === "account") {
    const { accountId, tokenHash } = passed.who.session;
    await setMember({ db, workshopId, now: new Date() }, accountId, "owner");
    await openInSession(db, tokenHash, workshopId);
    return "";
  }
  return workshopCookie.serialize(workshopId);
}
