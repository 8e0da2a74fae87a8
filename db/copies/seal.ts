import { createCipheriv, createDecipheriv, randomBytes, scrypt, type CipherGCM } from "node:crypto";
import { createReadStream, createWriteStream } from "node:fs";
import { open, rename, rm, stat } from "node:fs/promises";
import { Readable, Transform } from "node:stream";
import { buffer } from "node:stream/consumers";
import { pipeline } from "node:stream/promises";

/**
 * A file sealed with a phrase: twelve letters that say what it is, salt, nonce, then AES-256-GCM of the
 * content, then its tag. The key is drawn from the phrase by scrypt; the beginning is authenticated with the
 * content.
 */
const MAGIC = Buffer.from("LAPKASEAL-1\n");
const SALT = 16;
const NONCE = 12;
const TAG = 16;
const HEAD = MAGIC.length + SALT + NONCE;
/** N = 2^17, r = 8, p = 1: 128 MiB a try, as OWASP's password storage sheet has it; from memory. */
const SCRYPT = { N: 2 ** 17, r: 8, p: 1, maxmem: 192 * 2 ** 20 } as const;

/** The phrase is another one, or the file is not what was sealed. Which of the two nobody can tell. */
export class NotOpened extends Error {
  constructor() {
    super("This phrase does not open the file, or the file was changed or cut off.");
    this.name = "NotOpened";
  }
}

export const isSealed = (begin: Uint8Array): boolean =>
  begin.length >= MAGIC.length && MAGIC.equals(begin.subarray(0, MAGIC.length));

const keyOf = (phrase: string, salt: Uint8Array): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    scrypt(phrase.normalize("NFKC"), salt, 32, SCRYPT, (error, key) =>
      error ? reject(error) : resolve(key),
    ),
  );

/** The stages that seal what flows through them. */
async function sealing(phrase: string): Promise<[CipherGCM, Transform]> {
  const salt = randomBytes(SALT);
  const nonce = randomBytes(NONCE);
  const head = Buffer.concat([MAGIC, salt, nonce]);
  const cipher = createCipheriv("aes-256-gcm", await keyOf(phrase, salt), nonce);
  cipher.setAAD(head);
  let begun = false;
  const framed = new Transform({
    transform(chunk: Buffer, _, done) {
      if (!begun) this.push(head);
      begun = true;
      done(null, chunk);
    },
    flush(done) {
      if (!begun) this.push(head);
      this.push(cipher.getAuthTag());
      done();
    },
  });
  return [cipher, framed];
}

/** @throws NotOpened when the head is none of ours */
async function opening(phrase: string, head: Buffer, tag: Buffer) {
  if (head.length < HEAD || tag.length < TAG || !isSealed(head)) throw new NotOpened();
  const salt = head.subarray(MAGIC.length, MAGIC.length + SALT);
  const cipher = createDecipheriv(
    "aes-256-gcm",
    await keyOf(phrase, salt),
    head.subarray(HEAD - NONCE, HEAD),
  );
  cipher.setAAD(head.subarray(0, HEAD));
  cipher.setAuthTag(tag);
  return cipher;
}

export async function sealFile(from: string, to: string, phrase: string): Promise<void> {
  const part = `${to}.part`;
  try {
    await pipeline([
      createReadStream(from),
      ...(await sealing(phrase)),
      createWriteStream(part, { mode: 0o600 }),
    ]);
    await rename(part, to);
  } catch (error) {
    await rm(part, { force: true });
    throw error;
  }
}

/**
 * Opens a sealed file. What comes out has its name only once all of it is known to be what was sealed.
 * @throws NotOpened
 */
export async function openFile(from: string, to: string, phrase: string): Promise<void> {
  const part = `${to}.part`;
  const { size } = await stat(from);
  const file = await open(from);
  const head = Buffer.alloc(HEAD);
  const tag = Buffer.alloc(TAG);
  await file.read(head, 0, HEAD, 0);
  await file.read(tag, 0, TAG, Math.max(0, size - TAG));
  await file.close();
  if (size < HEAD + TAG) throw new NotOpened();
  const decipher = await opening(phrase, head, tag);
  const content =
    size === HEAD + TAG ? Readable.from([]) : createReadStream(from, { start: HEAD, end: size - TAG - 1 });
  try {
    await pipeline(content, decipher, createWriteStream(part, { mode: 0o600 }));
    await rename(part, to);
  } catch {
    await rm(part, { force: true });
    throw new NotOpened();
  }
}

/** The same for what fits into memory. */
export async function sealed(bytes: Uint8Array, phrase: string): Promise<Buffer> {
  const [cipher, framed] = await sealing(phrase);
  const done = pipeline(Readable.from([Buffer.from(bytes)]), cipher, framed);
  const [all] = await Promise.all([buffer(framed), done]);
  return all;
}

/** @throws NotOpened */
export async function unsealed(bytes: Uint8Array, phrase: string): Promise<Buffer> {
  const all = Buffer.from(bytes);
  if (all.length < HEAD + TAG) throw new NotOpened();
  const decipher = await opening(phrase, all.subarray(0, HEAD), all.subarray(all.length - TAG));
  try {
    return Buffer.concat([decipher.update(all.subarray(HEAD, all.length - TAG)), decipher.final()]);
  } catch {
    throw new NotOpened();
  }
}
