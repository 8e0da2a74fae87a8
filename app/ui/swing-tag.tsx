import type { ReactNode } from "react";

/** A price hangs on a tag with a punched hole. */
export function SwingTag({ children, large }: { children: ReactNode; large?: boolean }) {
  return <span className={large ? "tag large" : "tag"}>{children}</span>;
}
