import { createContext, useContext } from "react";

/** The page's CSP nonce, the same on the server and in the browser. */
export const NonceContext = createContext("");
export const useNonce = (): string => useContext(NonceContext);
