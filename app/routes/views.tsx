import { isRouteErrorResponse, Outlet, useRouteError } from "react-router";
import { useRole } from "../ui/form";
import { Button, ButtonLink, Page, PageHead, Row } from "../ui/basics";

/** All views, inside the frame: what goes wrong on one of them leaves the others in reach. */
export default function Views() {
  return <Outlet />;
}

interface Trouble {
  readonly title: string;
  readonly text: string;
  readonly again: boolean;
}

function troubleOf(error: unknown): Trouble {
  const status = isRouteErrorResponse(error) ? error.status : 500;
  if (status === 404)
    return {
      title: "This page is not here",
      text: "It may have been deleted (look in the bin), or it belongs to another workshop.",
      again: false,
    };
  if (status === 403)
    return {
      title: "This is not open to you",
      text: "What you may do here was set by the workshop’s owner, who can change it under People.",
      again: false,
    };
  if (status === 503)
    return {
      title: "Lapka cannot reach its data just now",
      text: "The database does not answer; it is being started again. Nothing is lost. Wait a moment.",
      again: true,
    };
  if (status === 422 && isRouteErrorResponse(error) && typeof error.data === "object")
    return {
      title: "This is too much for one page",
      text: "The run has more lengths of yarn than one plan can hold. Part it into two runs.",
      again: false,
    };
  return {
    title: "Something went wrong on this page",
    text: "Your other pages are fine, and what was kept before is kept. If it happens again, the server’s log says more.",
    again: true,
  };
}

export function ErrorBoundary() {
  const { title, text, again } = troubleOf(useRouteError());
  const works = ["owner", "partner"].includes(useRole() ?? "");
  return (
    <Page>
      <PageHead>
        <h1>{title}</h1>
      </PageHead>
      <p>{text}</p>
      <Row style={{ marginTop: 16 }}>
        {again ? (
          <Button type="button" $primary onClick={() => window.location.reload()}>
            Try again
          </Button>
        ) : null}
        <ButtonLink to="/">{works ? "To Today" : "To your work"}</ButtonLink>
        {works ? <ButtonLink to="/bin">To the bin</ButtonLink> : null}
      </Row>
    </Page>
  );
}
