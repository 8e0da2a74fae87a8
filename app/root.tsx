import {
  CalendarRange,
  Hand,
  House,
  ListChecks,
  PackageOpen,
  Settings as SettingsIcon,
  Shapes,
  Store,
  Undo2,
  X,
  Trash2,
  UserRound,
  type LucideIcon,
} from "lucide-react";
import { useEffect, useState, type ReactNode } from "react";
import { I18nProvider } from "react-aria-components";
import {
  isRouteErrorResponse,
  Links,
  Meta,
  NavLink,
  Outlet,
  Scripts,
  ScrollRestoration,
  useLocation,
  useMatches,
  useNavigation,
  useRouteError,
  useRouteLoaderData,
  Link,
} from "react-router";
import styled from "styled-components";
import "@fontsource-variable/recursive/mono.css";
import type { Route } from "./+types/root";
import { BIN_KINDS, listDeleted } from "@db/queries/bin";
import { newId, type Scope } from "@db/scope";
import type { Reading } from "@core/units";
import type { Role } from "@db/queries/accounts";
import { DOOR } from "./features/accounts/door";
import { mayRole, type Need } from "./server/access";
import { openWorkshop } from "./server/scope.server";
import { WorkForm } from "./ui/form";
import { Button, ButtonLink, Page, PageHead, tapeTicks } from "./ui/basics";
import { ReasonProvider } from "./ui/figure";
import { useNonce } from "./ui/nonce";
import { ReadingProvider } from "./ui/reading";
import { GlobalStyle } from "./ui/theme";

export { unlessAway as shouldRevalidate } from "./ui/away";

export async function loader({ request, context }: Route.LoaderArgs) {
  const { who } = context.passed;
  const me = who.kind === "account" ? who.session.name : undefined;
  // Who is nobody here, or in no workshop, sees a door and nothing behind it.
  if (who.kind === "nobody" || (who.kind === "account" && who.session.role === undefined))
    return { ...NOBODY, me, seed: newId() };
  const { scope, workshop, reading, role } = await openWorkshop(request, context);
  return {
    me,
    role,
    deleted: await deletedOf(scope, new URL(request.url).searchParams.get("deleted")),
    demo: process.env.LAPKA_DEMO === "1",
    workshop: { id: workshop.id, name: workshop.name },
    reading,
    seed: newId(),
  };
}

const NOBODY = {
  role: undefined,
  deleted: undefined,
  demo: false,
  workshop: { id: "", name: "" },
  reading: { locale: "en-IE", system: "metric", currency: "EUR" } satisfies Reading,
};

/**
 * What an address says was just deleted, as the database has it: a link cannot put words of its own on the
 * page.
 */
async function deletedOf(scope: Scope, what: string | null) {
  const [kind, id] = (what ?? "").split(":");
  const known = BIN_KINDS.find((k) => k === kind);
  if (!known || !id || !/^[0-9a-f-]{36}$/.test(id)) return undefined;
  const [found] = await listDeleted(scope, { kind: known, id });
  return found ? { what: `${known}:${id}`, name: found.name } : undefined;
}

export function Layout({ children }: { children: ReactNode }) {
  const nonce = useNonce();
  const data = useRouteLoaderData<typeof loader>("root");
  return (
    <html lang={data?.reading.locale.slice(0, 2) ?? "en"}>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta property="csp-nonce" nonce={nonce} />
        <link rel="icon" href="/favicon.svg" type="image/svg+xml" />
        <link rel="manifest" href="/manifest.webmanifest" />
        <meta name="theme-color" content="#2c464c" />
        <Meta />
        <Links nonce={nonce} />
      </head>
      <body>
        <GlobalStyle />
        {children}
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  );
}

interface View {
  readonly to: string;
  readonly label: string;
  readonly icon: LucideIcon;
  readonly key: string;
  readonly need: Need;
}
const VIEWS: readonly View[] = [
  { to: "/", label: "Today", icon: House, key: "1", need: "work" },
  { to: "/items", label: "Items", icon: Shapes, key: "2", need: "work" },
  { to: "/materials", label: "Materials", icon: PackageOpen, key: "3", need: "work" },
  { to: "/runs", label: "Runs", icon: CalendarRange, key: "4", need: "work" },
  { to: "/bench", label: "Bench", icon: ListChecks, key: "5", need: "bench" },
  { to: "/sell", label: "Sell", icon: Store, key: "6", need: "work" },
  { to: "/hand", label: "Hand", icon: Hand, key: "7", need: "bench" },
  { to: "/settings", label: "Settings", icon: SettingsIcon, key: "8", need: "work" },
];
/** Somebody at the stall has nothing else to go to. */
const STALL: readonly View[] = [
  { to: "/stalls", label: "Market days", icon: Store, key: "1", need: "stall" },
];
const viewsOf = (role: Role): readonly View[] =>
  role === "stall" ? STALL : VIEWS.filter((v) => mayRole(role, v.need));

export default function App({ loaderData }: Route.ComponentProps) {
  const navigation = useNavigation();
  const alone = useMatches().some((m) => m.handle === DOOR);
  const { role, me } = loaderData;
  if (role === undefined || alone)
    return (
      <I18nProvider locale={loaderData.reading.locale}>
        <ReadingProvider value={loaderData.reading}>
          <Outlet />
        </ReadingProvider>
      </I18nProvider>
    );
  const views = viewsOf(role);
  const works = mayRole(role, "work");
  return (
    <I18nProvider locale={loaderData.reading.locale}>
      <ReadingProvider value={loaderData.reading}>
        <ReasonProvider>
          <Shell>
            <SkipLink href="#main">Skip to the page</SkipLink>
            <Rail aria-label="Views">
              <Brand>
                <b>Lapka</b>
                <span>{loaderData.workshop.name}</span>
              </Brand>
              <Views>
                {views.map(({ to, label, icon: Icon, key }) => (
                  <li key={to} data-view={label}>
                    <NavLink to={to} end={to === "/"} accessKey={key}>
                      <Icon size={19} aria-hidden />
                      <span>{label}</span>
                      <kbd aria-hidden>alt {key}</kbd>
                    </NavLink>
                  </li>
                ))}
              </Views>
              <Foot>
                {works ? (
                  <Link to="/bin">
                    <Trash2 size={15} aria-hidden /> Bin
                  </Link>
                ) : null}
                {me === undefined ? null : (
                  <Link to="/account">
                    <UserRound size={15} aria-hidden /> {me}
                  </Link>
                )}
                {loaderData.demo ? (
                  <span title="Everything here is invented, and whoever opens this address sees it. Your own work: bin/start">
                    Demo: invented, open to this computer. For your own work: <code>bin/start</code>
                  </span>
                ) : null}
              </Foot>
            </Rail>
            <Content id="main" tabIndex={-1} aria-busy={navigation.state !== "idle"}>
              <TopLine>
                {loaderData.demo ? (
                  <span>
                    Demo: everything here is invented. Your own work: <code>bin/start</code>
                  </span>
                ) : (
                  <span>{loaderData.workshop.name}</span>
                )}
                {works ? (
                  <Link to="/settings">
                    <SettingsIcon size={18} aria-hidden /> Settings
                  </Link>
                ) : (
                  <Link to="/account">
                    <UserRound size={18} aria-hidden /> {me}
                  </Link>
                )}
              </TopLine>
              <Outlet />
            </Content>
            <UndoBar deleted={loaderData.deleted} />
          </Shell>
          <ViewKeys views={views} />
        </ReasonProvider>
      </ReadingProvider>
    </I18nProvider>
  );
}

/** Alt + digit goes to a view, in every browser alike (access keys differ between them). */
function ViewKeys({ views }: { views: readonly View[] }) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (!e.altKey || e.ctrlKey || e.metaKey || e.shiftKey) return;
      const view = views.find((v) => v.key === e.key || `Digit${v.key}` === e.code);
      if (!view) return;
      e.preventDefault();
      document.querySelector<HTMLAnchorElement>(`nav a[href="${view.to}"]`)?.click();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [views]);
  return null;
}

/** After something was deleted: what it was, and the way back. Works without JavaScript too. */
function UndoBar({ deleted }: { deleted: { what: string; name: string } | undefined }) {
  const location = useLocation();
  const [closed, setClosed] = useState<string>();
  const token = `${location.pathname}?${deleted?.what ?? ""}`;
  if (!deleted || closed === token) return null;
  return (
    <Toast role="status">
      <span>
        <b>{deleted.name || "It"}</b> was deleted.
      </span>
      <WorkForm action="/undo">
        <input type="hidden" name="what" value={deleted.what} />
        <Button type="submit">
          <Undo2 size={17} aria-hidden /> Undo
        </Button>
      </WorkForm>
      <Button type="button" $quiet aria-label="Close this message" onClick={() => setClosed(token)}>
        <X size={17} aria-hidden />
      </Button>
    </Toast>
  );
}

export function ErrorBoundary() {
  const error = useRouteError();
  const missing = isRouteErrorResponse(error) && error.status === 404;
  return (
    <Page id="main">
      <PageHead>
        <h1>{missing ? "This page is not here" : "Something went wrong here"}</h1>
      </PageHead>
      <p>
        {missing
          ? "It may have been deleted, or it belongs to another workshop."
          : "What was kept before is kept. Load the page anew; if it happens again, the server’s log says more."}
      </p>
      <p style={{ marginTop: 16 }}>
        <ButtonLink to="/">To Today</ButtonLink>
      </p>
    </Page>
  );
}

const Shell = styled.div`
  display: grid;
  grid-template-columns: 188px minmax(0, 1fr);
  min-height: 100vh;
  @media (max-width: 720px) {
    grid-template-columns: minmax(0, 1fr);
  }
  @media print {
    display: block;
  }
`;
const SkipLink = styled.a`
  position: absolute;
  left: 8px;
  top: -60px;
  z-index: 30;
  background: var(--sheet);
  padding: 8px 14px;
  &:focus {
    top: 8px;
  }
`;
const Rail = styled.nav`
  position: sticky;
  top: 0;
  height: 100vh;
  background-color: var(--mat);
  color: var(--mat-ink);
  padding: 18px 16px 18px 0;
  display: grid;
  grid-template-rows: auto 1fr auto;
  gap: 20px;
  ${tapeTicks("right", "rgb(255 255 255 / 0.32)")}
  @media (max-width: 720px) {
    position: fixed;
    inset: auto 0 0 0;
    top: auto;
    height: auto;
    padding: 5px 0 0;
    grid-template-rows: auto;
    z-index: 20;
    background-image: repeating-linear-gradient(to right, rgb(255 255 255 / 0.32) 0 1px, transparent 1px 6px);
    background-size: 100% 5px;
    background-position: left top;
  }
`;
const Brand = styled.div`
  padding: 0 18px;
  display: grid;
  b {
    font-size: 21px;
    font-weight: 720;
    letter-spacing: -0.01em;
  }
  span {
    font-size: 13px;
    color: var(--mat-soft);
  }
  @media (max-width: 720px) {
    display: none;
  }
`;
/** On a phone, where the bar has no room for it. */
const TopLine = styled.header`
  display: none;
  @media (max-width: 720px) {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 10px;
    padding: 0 14px;
    font-size: 12px;
    color: var(--tape-ink);
    background: var(--tape);
    a {
      display: inline-flex;
      align-items: center;
      gap: 6px;
      min-height: 48px;
      font-size: 14px;
      color: inherit;
      white-space: nowrap;
    }
  }
  @media print {
    display: none;
  }
`;
const Foot = styled.div`
  padding: 0 18px;
  display: grid;
  gap: 8px;
  font-size: 12px;
  color: var(--mat-soft);
  a {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 32px;
    color: var(--mat-ink);
    font-size: 14px;
    text-decoration: none;
  }
  a:focus-visible {
    outline-color: #fff;
  }
  @media (max-width: 720px) {
    display: none;
  }
`;
const Views = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  align-content: start;
  a {
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 42px;
    padding: 6px 18px 6px 16px;
    color: var(--mat-ink);
    text-decoration: none;
    font-weight: 520;
  }
  a:hover {
    background: rgb(255 255 255 / 0.08);
  }
  a[aria-current="page"] {
    background: var(--tape);
    color: var(--tape-ink);
    font-weight: 640;
    margin-right: -4px;
  }
  kbd {
    margin-left: auto;
    font: inherit;
    font-size: 12px;
    white-space: nowrap;
    color: var(--mat-soft);
    font-weight: 400;
  }
  a[aria-current="page"] kbd {
    color: inherit;
  }
  a:focus-visible {
    outline-color: #fff;
    outline-offset: -3px;
  }
  @media (max-width: 720px) {
    grid-template-columns: repeat(7, 1fr);
    li[data-view="Settings"] {
      display: none;
    }
    a {
      flex-direction: column;
      gap: 1px;
      padding: 6px 2px 8px;
      font-size: 12px;
      min-height: 52px;
      justify-content: center;
      margin: 0;
    }
    a[aria-current="page"] {
      margin: 0;
    }
    kbd {
      display: none;
    }
  }
`;
const Content = styled.div`
  min-width: 0;
  outline: none;
`;
const Toast = styled.div`
  position: fixed;
  right: 20px;
  bottom: 20px;
  z-index: 25;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 10px 12px 10px 16px;
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-left: 6px solid var(--tape);
  border-radius: 5px;
  box-shadow: var(--shadow);
  @media (max-width: 720px) {
    left: 10px;
    right: 10px;
    bottom: 76px;
  }
`;
