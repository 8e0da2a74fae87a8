import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from "@simplewebauthn/server";
import type { AppLoadContext } from "react-router";
import { z } from "zod";
import { addPasskey, beginAsk, findPasskey, notePasskeyUse, passkeysOf, takeAsk } from "@db/queries/passkeys";
import type { SessionUse } from "@db/queries/sessions";
import { publicOrigin } from "../../server/origin";
import { triesOf } from "../../server/tries";

const base64url = z
  .string()
  .regex(/^[A-Za-z0-9_-]+$/)
  .max(8000);
const common = {
  id: base64url.max(400),
  rawId: base64url.max(400),
  type: z.literal("public-key"),
  clientExtensionResults: z.record(z.string(), z.unknown()).optional(),
  authenticatorAttachment: z.string().max(40).nullish(),
};
/** What a browser answers when a passkey was made, or signed: its shape; the library looks at the rest. */
const madeSchema = z.object({
  ...common,
  response: z.object({
    clientDataJSON: base64url,
    attestationObject: base64url,
    transports: z
      .array(z.string().regex(/^[a-z-]{1,20}$/))
      .max(8)
      .optional(),
  }),
});
const signedSchema = z.object({
  ...common,
  response: z.object({
    clientDataJSON: base64url,
    authenticatorData: base64url,
    signature: base64url,
    userHandle: base64url.max(200).nullish(),
  }),
});

/**
 * The name that passkeys are bound to: the one Lapka is reached by, or localhost. A bare address
 * (127.0.0.1) has none, and browsers make no passkeys there.
 */
export function passkeySite(
  request: Request,
): { readonly rpId: string; readonly origin: string } | undefined {
  const at = publicOrigin() ?? new URL(request.url);
  return /^[\d.]+$|:/.test(at.hostname) ? undefined : { rpId: at.hostname, origin: at.origin };
}
type Site = NonNullable<ReturnType<typeof passkeySite>>;

/** What a new passkey of this account is asked to sign. */
export async function askForNew({ db }: AppLoadContext, site: Site, { accountId, name }: SessionUse) {
  const had = await passkeysOf(db, accountId);
  const options = await generateRegistrationOptions({
    rpName: "Lapka",
    rpID: site.rpId,
    userName: name,
    userDisplayName: name,
    userID: new TextEncoder().encode(accountId),
    attestationType: "none",
    excludeCredentials: had.map((p) => ({ id: p.id, transports: [...p.transports] })),
    authenticatorSelection: { residentKey: "required", userVerification: "required" },
  });
  await beginAsk(db, options.challenge, accountId, new Date());
  return options;
}

/** Keeps the passkey that was made. False where what came is not what was asked for. */
export async function keepNew(
  { db }: AppLoadContext,
  site: Site,
  accountId: string,
  name: string,
  answer: string,
): Promise<boolean> {
  const read = madeSchema.safeParse(jsonOf(answer));
  if (!read.success) return false;
  try {
    const { verified, registrationInfo } = await verifyRegistrationResponse({
      response: read.data as never,
      expectedChallenge: (c) => takeAsk(db, c, accountId, new Date()),
      expectedOrigin: site.origin,
      expectedRPID: site.rpId,
      requireUserVerification: true,
    });
    if (!verified) return false;
    const { id, publicKey, counter } = registrationInfo.credential;
    return await addPasskey(
      db,
      {
        id,
        accountId,
        publicKey: Buffer.from(publicKey).toString("base64url"),
        counter,
        transports: read.data.response.transports ?? [],
        name,
      },
      new Date(),
    );
  } catch {
    // The library throws at whatever is not as it has to be.
    return false;
  }
}

/** What whichever passkey is chosen is asked to sign: it says itself whose it is. */
export async function askToSign({ db }: AppLoadContext, site: Site) {
  const options = await generateAuthenticationOptions({ rpID: site.rpId, userVerification: "required" });
  await beginAsk(db, options.challenge, null, new Date());
  return options;
}

type BySignature =
  | { readonly ok: true; readonly accountId: string }
  | { readonly ok: false; readonly why: string; readonly status: 401 | 429 };
const NOT_KNOWN = "This passkey is not known here, or it was not unlocked. Sign in by your phrase.";

/** Whose passkey signed what was asked? Wrong answers count against the address they come from. */
export async function bySignature(
  { db, address }: AppLoadContext,
  site: Site,
  answer: string,
): Promise<BySignature> {
  const tries = triesOf(db, `passkey ${address}`, address);
  if (!(await tries.admit()))
    return { ok: false, why: "Too many tries that were wrong. Wait a quarter of an hour.", status: 429 };
  const accountId = await signedBy(db, site, answer);
  if (accountId === undefined) {
    await tries.failed();
    return { ok: false, why: NOT_KNOWN, status: 401 };
  }
  await tries.right();
  return { ok: true, accountId };
}

async function signedBy(db: AppLoadContext["db"], site: Site, answer: string): Promise<string | undefined> {
  const read = signedSchema.safeParse(jsonOf(answer));
  const key = read.success ? await findPasskey(db, read.data.id) : undefined;
  if (!read.success || !key) return undefined;
  try {
    const { verified, authenticationInfo } = await verifyAuthenticationResponse({
      response: read.data as never,
      expectedChallenge: (c) => takeAsk(db, c, null, new Date()),
      expectedOrigin: site.origin,
      expectedRPID: site.rpId,
      requireUserVerification: true,
      credential: {
        id: key.id,
        publicKey: new Uint8Array(Buffer.from(key.publicKey, "base64url")),
        counter: key.counter,
        transports: [...key.transports],
      },
    });
    const fine = verified && (await notePasskeyUse(db, key.id, authenticationInfo.newCounter, new Date()));
    return fine ? key.accountId : undefined;
  } catch {
    return undefined;
  }
}

function jsonOf(text: string): unknown {
  try {
    return text.length > 40_000 ? undefined : JSON.parse(text);
  } catch {
    return undefined;
  }
}
