/**
 * The address by which Lapka is reached through a proxy that speaks TLS: LAPKA_ORIGIN=https://lapka.example.
 * Without it Lapka is reached on loopback alone, over http.
 */
export const publicOrigin = (): URL | undefined => {
  const named = process.env.LAPKA_ORIGIN;
  return named ? new URL(named) : undefined;
};

/** Cookies that only TLS carries, where there is TLS. */
export const isSecure = (): boolean => publicOrigin()?.protocol === "https:";
