import { accountNamed, membershipsOf, setRecoveryCodes } from "../db/queries/accounts";
import { asc } from "drizzle-orm";
import { connect } from "../db/connect";
import { removePasskeys } from "../db/queries/passkeys";
import { endSessions } from "../db/queries/sessions";
import { account } from "../db/schema";
import { drawCodes } from "../app/features/accounts/phrase.server";

const USAGE = `lapka — who signs in here

  lapka account list [--demo]          everybody, with what they are in which workshop
  lapka account reset NAME [--demo]    for a lost phrase: signs NAME out everywhere and prints ten new recovery codes,
                                       one of which opens the account at /recover

Whoever may run this on the machine may do this: it asks for no phrase. --demo means the demo.
`;

async function main(): Promise<number> {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("start this as bin/lapka");
  const [, what, name] = process.argv.slice(2).filter((a) => a !== "--demo");
  const { db, close } = connect(url);
  try {
    if (what === "list") {
      const all = await db.select().from(account).orderBy(asc(account.createdAt));
      if (all.length === 0)
        process.stdout.write("Nobody has an account yet: the first one who opens Lapka begins it.\n");
      for (const a of all) {
        const places = (await membershipsOf(db, a.id)).map((m) => `${m.role} of “${m.workshop}”`);
        process.stdout.write(`${a.name}: ${places.join(", ") || "in no workshop"}\n`);
      }
      return 0;
    }
    if (what !== "reset" || name === undefined) {
      process.stderr.write(USAGE);
      return 2;
    }
    const found = await accountNamed(db, name);
    if (!found) {
      process.stderr.write(`lapka: nobody here is named “${name}”. Who is: bin/lapka account list\n`);
      return 1;
    }
    const { codes, hashes } = drawCodes();
    await setRecoveryCodes(db, found.id, hashes);
    const ended = await endSessions(db, found.id);
    const keys = await removePasskeys(db, found.id);
    process.stdout.write(
      `${found.name} is signed out (${ended} devices; passkeys removed: ${keys}). Open /recover, and use one of these, each once:\n\n${codes.map((c) => `  ${c}`).join("\n")}\n`,
    );
    return 0;
  } finally {
    await close();
  }
}

main().then(
  (code) => (process.exitCode = code),
  (error: unknown) => {
    process.stderr.write(`lapka: ${error instanceof Error ? error.message : String(error)}\n`);
    process.exitCode = 1;
  },
);
