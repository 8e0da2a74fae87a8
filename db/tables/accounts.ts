import {
  bigint,
  datetime,
  index,
  int,
  json,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  uniqueIndex,
  varchar,
} from "drizzle-orm/mysql-core";
import { createdAt, id, workshopId } from "./workshop";

/** What somebody is in a workshop. What each may do: `app/server/access.ts`. */
export const ROLES = ["owner", "partner", "helper", "stall"] as const;
export type Role = (typeof ROLES)[number];

/** SHA-256 of a secret that was drawn at random, hexadecimal: the secret itself is kept nowhere. */
const secretHash = () => varchar({ length: 64 });
const accountId = () =>
  varchar({ length: 36 })
    .notNull()
    .references(() => account.id, { onDelete: "cascade" });

/**
 * Somebody who signs in. An account belongs to no workshop; what it may do in one is its membership there.
 */
export const account = mysqlTable(
  "account",
  {
    id: id().primaryKey(),
    name: varchar({ length: 80 }).notNull(),
    /** The name as it is compared: normalised, in small letters. */
    nameKey: varchar({ length: 80 }).notNull(),
    /** Argon2id, in its own encoding with salt and parameters. */
    phrase: varchar({ length: 255 }).notNull(),
    phraseAt: datetime({ fsp: 3 }).notNull(),
    createdAt: createdAt(),
  },
  (t) => [uniqueIndex("account_name").on(t.nameKey)],
);

export const member = mysqlTable(
  "member",
  {
    workshopId: workshopId(),
    accountId: accountId(),
    role: mysqlEnum(ROLES).notNull(),
    /** The hand that a helper measures; null for those who see all hands. */
    handId: varchar({ length: 36 }),
    createdAt: createdAt(),
  },
  (t) => [primaryKey({ columns: [t.workshopId, t.accountId] }), index("member_account").on(t.accountId)],
);

/** A browser that is signed in. */
export const session = mysqlTable(
  "session",
  {
    tokenHash: secretHash().primaryKey(),
    accountId: accountId(),
    /** The workshop that is open in this browser. */
    workshopId: varchar({ length: 36 }),
    /** Which browser it is, in a few words. */
    device: varchar({ length: 80 }).notNull(),
    createdAt: createdAt(),
    seenAt: datetime({ fsp: 3 }).notNull(),
    /** It ends after so long without being used, and at a time in any case. */
    idleSeconds: int().notNull(),
    endsAt: datetime({ fsp: 3 }).notNull(),
    /** When who sits at it last showed who they are, by phrase, code or passkey; null where a link let them in. */
    provedAt: datetime({ fsp: 3 }),
  },
  (t) => [index("session_account").on(t.accountId), index("session_end").on(t.endsAt)],
);

/** Ten of these are given out at a time; each opens the account once, when the phrase is lost. */
export const recoveryCode = mysqlTable(
  "recovery_code",
  {
    accountId: accountId(),
    codeHash: secretHash().notNull(),
    usedAt: datetime({ fsp: 3 }),
  },
  (t) => [primaryKey({ columns: [t.accountId, t.codeHash] })],
);

/** A key that a device keeps and never gives away: it signs in by itself, unlocked by a finger, a face or a code. */
export const passkey = mysqlTable(
  "passkey",
  {
    /** What the device calls it, base64url: its column tells capitals apart (migration 0024). */
    id: varchar({ length: 400 }).primaryKey(),
    accountId: accountId(),
    /** What it signs with is looked at by this: COSE, base64url. */
    publicKey: varchar({ length: 2000 }).notNull(),
    /** How often it signed, where the device counts: one that goes back was copied. */
    counter: bigint({ mode: "number", unsigned: true }).notNull().default(0),
    transports: json().$type<readonly string[]>().notNull(),
    /** What its owner calls it: "Phone". */
    name: varchar({ length: 60 }).notNull(),
    createdAt: createdAt(),
    usedAt: datetime({ fsp: 3 }),
  },
  (t) => [index("passkey_account").on(t.accountId)],
);

/** What a passkey is asked to sign: drawn at random, good once and for minutes. */
export const passkeyAsk = mysqlTable(
  "passkey_ask",
  {
    hash: secretHash().primaryKey(),
    /** Whose passkey is to be added; null where somebody signs in. */
    accountId: varchar({ length: 36 }),
    endsAt: datetime({ fsp: 3 }).notNull(),
  },
  (t) => [index("passkey_ask_end").on(t.endsAt)],
);

/** A link that lets one person in, once, until it ends. */
export const invitation = mysqlTable(
  "invitation",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    tokenHash: secretHash().notNull(),
    role: mysqlEnum(ROLES).notNull(),
    handId: varchar({ length: 36 }),
    /** Somebody who is here already: the link signs them in on another device. Null for somebody new. */
    accountId: varchar({ length: 36 }),
    /** Whom it is for, as the owner wrote it. */
    forName: varchar({ length: 80 }).notNull(),
    createdAt: createdAt(),
    endsAt: datetime({ fsp: 3 }).notNull(),
    usedAt: datetime({ fsp: 3 }),
    revokedAt: datetime({ fsp: 3 }),
  },
  (t) => [uniqueIndex("invitation_token").on(t.tokenHash), index("invitation_workshop").on(t.workshopId)],
);

/** Tries that count against a limit, for all processes alike; rate-limiter-flexible reads and writes it. */
export const tryCount = mysqlTable("try_count", {
  key: varchar({ length: 255 }).primaryKey(),
  points: int().notNull().default(0),
  expire: bigint({ mode: "number", unsigned: true }),
});

/** What an act was about: short fields of its form by name. Never a phrase, a pattern or a picture. */
export type TrailDetail = Readonly<Record<string, string>>;

/**
 * Who did what when. Rows are only ever added; each holds the hash of all before it, so a changed row shows.
 */
export const trail = mysqlTable(
  "trail",
  {
    workshopId: workshopId(),
    /** 1, 2, 3 … within the workshop. */
    seq: int().notNull(),
    at: datetime({ fsp: 3 }).notNull(),
    /** Null for the program itself and for the open demo. */
    accountId: varchar({ length: 36 }),
    who: varchar({ length: 80 }).notNull(),
    /** Where it was done and what was asked for: "item:save". */
    what: varchar({ length: 80 }).notNull(),
    /** Id of what it was done to; empty where there is none. */
    subject: varchar({ length: 80 }).notNull(),
    detail: json().$type<TrailDetail>().notNull(),
    hash: secretHash().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workshopId, t.seq] }),
    index("trail_at").on(t.workshopId, t.at),
    index("trail_subject").on(t.workshopId, t.subject),
  ],
);

/** Where a workshop's trail ends: its lock puts acts in one order, and rows cut off the end show. */
export const trailHead = mysqlTable("trail_head", {
  workshopId: workshopId().primaryKey(),
  seq: int().notNull(),
  hash: secretHash().notNull(),
});
