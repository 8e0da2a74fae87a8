/**
 * The bytes of a text file as text: UTF-8, UTF-16 with its mark, or else the Western code page that old files
 * are in. Line ends become "\n".
 */
export function decodeText(bytes: Uint8Array): string {
  return decoded(bytes)
    .replace(/^\uFEFF/, "")
    .replace(/\r\n?/g, "\n");
}
function decoded(bytes: Uint8Array): string {
  const [a, b] = bytes;
  if (a === 0xff && b === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (a === 0xfe && b === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}
