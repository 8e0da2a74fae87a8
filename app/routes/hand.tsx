import { Pencil, Scale, Timer, UserPlus } from "lucide-react";
import { useState } from "react";
import styled from "styled-components";
import type { Route } from "./+types/hand";
import { handAction } from "../features/hand/actions.server";
import { HandForm } from "../features/hand/hand-form";
import { aimOf, loadHandPage } from "../features/hand/hand-page.server";
import { HandNav } from "../features/hand/nav";
import { MeasurementList, NextPanel, PacePanel, TensionPanel, ToldPanel } from "../features/hand/panels";
import { once, openForm } from "../server/form.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { Badge, Button, ButtonLink, Empty, Page, PageHead, Row, Stack } from "../ui/basics";
import { Choice } from "../ui/drawers";
import { Modal } from "../ui/modal";

export const meta: Route.MetaFunction = () => [{ title: "Hand · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const params = new URL(request.url).searchParams;
  return {
    ...(await loadHandPage(opened, {
      hand: params.get("hand"),
      aim: aimOf(params.get("aim")),
      all: params.get("all") === "1",
    })),
    kept: params.get("kept") !== null,
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, (o) => handAction(form, o));
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function HandView({ loaderData: d }: Route.ComponentProps) {
  const [form, setForm] = useState<"add" | "change">();
  const nothing = d.measurements.length === 0;
  const close = () => setForm(undefined);
  return (
    <Page>
      <PageHead>
        <h1>Hand</h1>
        {d.hands.length > 1 ? (
          <Row $gap={6}>
            {d.hands.map((h) => (
              <Choice
                key={h.id}
                to={`/hand?hand=${h.id}`}
                aria-current={h.id === d.hand?.id ? "true" : undefined}
              >
                {h.name}
              </Choice>
            ))}
          </Row>
        ) : null}
        <Button
          type="button"
          $quiet
          aria-label={`Change ${d.hand?.name ?? "this hand"}`}
          onClick={() => setForm("change")}
        >
          <Pencil size={16} aria-hidden />
        </Button>
        {d.own ? null : (
          <Button type="button" onClick={() => setForm("add")}>
            <UserPlus size={16} aria-hidden /> A helper’s hand
          </Button>
        )}
        <ButtonLink to="/hand/weigh" $primary>
          <Scale size={16} aria-hidden /> Weigh
        </ButtonLink>
        <ButtonLink to="/hand/time" $primary>
          <Timer size={16} aria-hidden /> Time
        </ButtonLink>
      </PageHead>
      <HandNav />
      <Stack $gap={18}>
        {d.kept ? (
          <div role="status">
            <Badge $tone="good">Kept. The estimates rest on it from now on.</Badge>
          </div>
        ) : null}
        {nothing ? (
          <Empty>
            <h2>Lapka knows only the trade’s averages yet</h2>
            <p>
              Makers’ yarn use and speed differ by a third. Weigh three finished parts and time a few
              sittings, a minute each, and every estimate becomes yours, with its range.
            </p>
            <Row>
              <ButtonLink to="/hand/weigh" $primary>
                Weigh a finished part
              </ButtonLink>
              <ButtonLink to="/hand/time">Time a sitting</ButtonLink>
            </Row>
          </Empty>
        ) : null}
        {d.next.length > 0 || d.aim !== "cost" ? <NextPanel d={d} /> : null}
        {nothing ? null : (
          <>
            <TensionPanel d={d} />
            <Columns>
              <PacePanel d={d} />
              <ToldPanel d={d} />
            </Columns>
            <MeasurementList d={d} />
          </>
        )}
      </Stack>
      <Modal
        title={form === "change" ? `Change ${d.hand?.name ?? ""}` : "A helper’s hand"}
        open={form !== undefined}
        onClose={close}
      >
        {form ? <HandForm hand={form === "change" ? d.hand : undefined} onDone={close} /> : null}
      </Modal>
    </Page>
  );
}

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 400px), 1fr));
  gap: 18px;
  align-items: start;
`;
