import { useEffect, useRef, useState } from "react";
import { NotReadable } from "./kinds";
import { readAgain, readFiles, release, type Brought } from "./read-file";
import type { ColumnWay } from "@core/page";

interface Wrong {
  readonly why: string;
  /** The same file can be taken as pictures. */
  readonly again?: readonly File[] | undefined;
}

/** Reading of files one at a time: progress, cancel, what came out or why nothing did. */
export function useBring() {
  const [busy, setBusy] = useState<{ what: string; share: number | undefined }>();
  const [wrong, setWrong] = useState<Wrong>();
  const [brought, setBrought] = useState<Brought>();
  const running = useRef<AbortController>(undefined);
  const kept = useRef<Brought>(undefined);
  useEffect(
    () => () => {
      running.current?.abort();
      release(kept.current);
    },
    [],
  );
  const keep = (next: Brought | undefined) => {
    if (kept.current?.pictures !== next?.pictures) release(kept.current);
    kept.current = next;
    setBrought(next);
  };
  const read = async (files: readonly File[], asPictures = false) => {
    running.current?.abort();
    const own = new AbortController();
    running.current = own;
    setWrong(undefined);
    setBusy({ what: "Opening the file", share: undefined });
    try {
      const found = await readFiles(files, (at) => own.signal.aborted || setBusy(at), own.signal, asPictures);
      if (own.signal.aborted) release(found);
      else keep(found);
      return own.signal.aborted ? undefined : found;
    } catch (error) {
      if (own.signal.aborted) return undefined;
      if (error instanceof NotReadable)
        setWrong({ why: error.why, again: error.asPictures ? files : undefined });
      else setWrong({ why: "This file could not be read here. Open it, copy its text and paste it below." });
      return undefined;
    } finally {
      if (running.current === own) setBusy(undefined);
    }
  };
  return {
    busy,
    wrong,
    brought,
    read,
    cancel: () => {
      running.current?.abort();
      setBusy(undefined);
    },
    columns: (way: ColumnWay) => brought && keep(readAgain(brought, way)),
  };
}
