import { z } from "zod";
import { MOST_PHOTO, readJpeg } from "./ui/photo";

/** A small JPEG as text: the browser has made it small, the server looks at what it is. */
export const photoField = z
  .string({ error: "Choose a photo." })
  .max(MOST_PHOTO, { error: "The picture is too large." })
  .transform((t, ctx) => {
    const jpeg = readJpeg(t);
    if (jpeg) return jpeg;
    ctx.addIssue({ code: "custom", message: "This picture could not be read. Choose a photo." });
    return z.NEVER;
  });
