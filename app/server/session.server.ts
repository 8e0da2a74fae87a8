import Bowser from "bowser";
import { createCookie } from "react-router";
import { SESSIONS } from "@db/queries/sessions";
import { isSecure } from "./origin";

/** `__Host-`: no other name of the same site can set it. Browsers take that prefix over TLS only. */
const secure = isSecure();

/** The secret of a session. It is drawn at random and looked up, so it needs no signature. */
const sessionCookie = createCookie(`${secure ? "__Host-" : ""}lapka-session`, {
  path: "/",
  httpOnly: true,
  sameSite: "lax",
  secure,
});

/** A browser on a device of one's own keeps it; on a shared one it goes with the window. */
export const keepSession = (secret: string, kind: keyof typeof SESSIONS): Promise<string> =>
  sessionCookie.serialize(secret, kind === "own" ? { maxAge: SESSIONS.own.whole } : {});

export const dropSession = (): Promise<string> => sessionCookie.serialize("", { maxAge: 0 });

export async function secretOf(cookies: string | null | undefined): Promise<string> {
  const secret: unknown = cookies ? await sessionCookie.parse(cookies) : undefined;
  return typeof secret === "string" ? secret : "";
}

/** A browser in a few words: "Firefox on Linux". Told to its owner alone, in the list of devices. */
export function deviceOf(userAgent: string | null): string {
  if (!userAgent) return "A browser";
  const { browser, os } = Bowser.parse(userAgent.slice(0, 500));
  return `${browser.name ?? "A browser"}${os.name ? ` on ${os.name}` : ""}`;
}
