import { ExternalLink, RefreshCw } from "lucide-react";
import { useNavigation } from "react-router";
import { Badge, Button, Row, Sheet, Small } from "../../ui/basics";
import { WorkForm } from "../../ui/form";
import type { Round } from "./round.server";
import type { ShopTrouble } from "./shop.server";
import { TROUBLE_BADGES, TROUBLE_WORDS } from "./words";

interface Standing {
  readonly open: boolean;
  /** Moments as they are shown. */
  readonly answeredAt?: string | undefined;
  readonly trouble?: ShopTrouble | undefined;
  readonly troubleSince?: string | undefined;
  readonly nextAt?: string | undefined;
}

/** Whether the shop answers, since when not, and a way to ask it now. */
export function ShopStanding({
  shop,
  reachable,
  page,
  round,
}: {
  shop: Standing;
  reachable: boolean;
  page: string | undefined;
  round: Round | undefined;
}) {
  const busy = useNavigation().formData?.get("intent") === "ask";
  return (
    <Sheet aria-label="How the shop stands">
      <Row>
        {!shop.open ? (
          <Badge>closed</Badge>
        ) : !reachable ? (
          <Badge $tone="warn">not connected</Badge>
        ) : shop.trouble ? (
          <Badge $tone="bad">{TROUBLE_BADGES[shop.trouble]}</Badge>
        ) : shop.answeredAt ? (
          <Badge $tone="good">answers</Badge>
        ) : (
          <Badge>not asked yet</Badge>
        )}
        <span style={{ flex: "1 1 20ch" }}>
          {shop.trouble && shop.troubleSince ? (
            <>
              {TROUBLE_WORDS[shop.trouble]}{" "}
              <Small>
                Since {shop.troubleSince}
                {shop.nextAt ? `; asked again at ${shop.nextAt}` : ""}.
              </Small>
            </>
          ) : shop.answeredAt ? (
            <Small>Last asked {shop.answeredAt}; every 20 seconds by itself.</Small>
          ) : reachable ? (
            <Small>It is asked within a few seconds.</Small>
          ) : (
            <Small>
              No shop is connected to this Lapka: docs/shop-feed.md says how. Orders that came stay here.
            </Small>
          )}
        </span>
        {page ? (
          <a href={page} target="_blank" rel="noreferrer">
            The shop’s own page <ExternalLink size={15} aria-hidden />
          </a>
        ) : null}
        {shop.open && reachable ? (
          <WorkForm>
            <input type="hidden" name="intent" value="ask" />
            <Button type="submit" disabled={busy}>
              <RefreshCw size={16} aria-hidden /> {busy ? "Asking …" : "Ask now"}
            </Button>
          </WorkForm>
        ) : null}
      </Row>
      <p role="status" style={{ margin: 0 }}>
        {round ? <Small>{roundText(round)}</Small> : null}
      </p>
    </Sheet>
  );
}

const roundText = (round: Round): string =>
  round.kind === "asked"
    ? round.orders === 0
      ? "Asked: nothing new."
      : `Asked: ${round.orders} ${round.orders === 1 ? "order is" : "orders are"} new or changed.`
    : round.kind === "busy"
      ? "It is being asked right now."
      : round.kind === "failed"
        ? "It did not answer as it should."
        : "";
