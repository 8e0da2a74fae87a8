import { startTransition, StrictMode } from "react";
import { hydrateRoot } from "react-dom/client";
import { HydratedRouter } from "react-router/dom";
import { NonceContext } from "./ui/nonce";

// The browser hides the attribute from selectors but keeps the property.
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce ?? "";

startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <NonceContext.Provider value={nonce}>
        <HydratedRouter />
      </NonceContext.Provider>
    </StrictMode>,
  );
});
