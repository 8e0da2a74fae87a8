/** Letters that every system takes in a file's name. */
const clean = (name: string): string =>
  name
    .replace(/[^\p{L}\p{N} ,._-]/gu, "")
    .trim()
    .slice(0, 90) || "item";

/**
 * A picture that never changes, but may be deleted: the browser asks each time, and is told in a few bytes.
 * `tag` names it.
 */
export function keptPicture(request: Request, bytes: Uint8Array, type: string, tag: string): Response {
  const headers = { "Content-Type": type, "Cache-Control": "private, no-cache", ETag: `"${tag}"` };
  return request.headers.get("If-None-Match") === headers.ETag
    ? new Response(null, { status: 304, headers })
    : new Response(new Uint8Array(bytes), { headers });
}

/**
 * A file as an answer, with a name that says what it is. `inline`: shown by the browser; otherwise it is
 * saved.
 */
export function fileResponse(
  content: Uint8Array | string,
  file: {
    readonly name: string;
    readonly ending: string;
    readonly type: string;
    readonly inline?: boolean;
    readonly cache?: string;
    readonly headers?: Readonly<Record<string, string>>;
  },
): Response {
  const name = encodeURIComponent(`${clean(file.name)}.${file.ending}`);
  return new Response(typeof content === "string" ? content : new Uint8Array(content), {
    headers: {
      "Content-Type": file.type,
      "Content-Disposition": `${file.inline ? "inline" : "attachment"}; filename*=UTF-8''${name}`,
      "Cache-Control": file.cache ?? "private, no-store",
      ...file.headers,
    },
  });
}
