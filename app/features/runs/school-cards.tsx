import styled from "styled-components";
import type { Sequenced } from "@core/planning/sequence";
import { printDuration, type Seconds } from "@core/units";
import type { RUN_SCHOOLS } from "@db/queries/runs";
import { Badge, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import { stageWord } from "./stage-word";

export type School = (typeof RUN_SCHOOLS)[number];
export const SCHOOL_WORDS: Readonly<Record<School, { name: string; why: string }>> = {
  piece: { name: "Piece by piece", why: "each is whole before the next is begun" },
  part: { name: "Part by part", why: "all bodies, then all wings: the hand gets into it" },
  colour: { name: "Colour by colour", why: "one yarn on the hook until it is done with" },
  best: { name: "Fewest set-ups", why: "least to take up anew, then the first piece early" },
};

/** What each school comes to, beside the others; one is looked at by pressing it. */
export function SchoolCards({
  schools,
  orders,
  shown,
  chosen,
  stopped,
  onShow,
}: {
  schools: readonly School[];
  /** Undefined while they are reckoned; `best` comes last. */
  orders: Readonly<Record<string, Sequenced>> | undefined;
  shown: School;
  chosen: School;
  stopped: boolean;
  onShow: (school: School) => void;
}) {
  return (
    <Cards role="group" aria-label="Orders to choose from" aria-busy={!orders?.best && !stopped}>
      {schools.map((s) => {
        const order = orders?.[s];
        return (
          <Card key={s} type="button" aria-pressed={shown === s} disabled={!order} onClick={() => onShow(s)}>
            <b>{SCHOOL_WORDS[s].name}</b>
            <Small>{SCHOOL_WORDS[s].why}</Small>
            {order ? (
              <Comes order={order} />
            ) : (
              <Small role="status">{stopped ? "stopped" : s === "best" ? "looking for it…" : "…"}</Small>
            )}
            {chosen === s ? <Badge $tone="good">chosen</Badge> : null}
          </Card>
        );
      })}
    </Cards>
  );
}

function Comes({ order: o }: { order: Sequenced }) {
  const r = useReading();
  const time = (s: number) => printDuration(s as Seconds, r);
  const rows: readonly (readonly [string, string])[] = [
    ["all in all", time(o.workSeconds + o.setupSeconds)],
    ["of it set-ups", `${o.setups}, ${time(o.setupSeconds)}`],
    ["first piece whole", time(o.firstPieceSeconds)],
    ["half-made at once", String(o.mostHalfMade)],
    [`${stageWord(o.longestSame.stage)} in a row`, time(o.longestSame.seconds)],
  ];
  return (
    <dl>
      {rows.map(([what, much]) => (
        <div key={what}>
          <dt>{what}</dt>
          <dd>{much}</dd>
        </div>
      ))}
    </dl>
  );
}

const Cards = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 240px), 1fr));
  gap: 12px;
`;
const Card = styled.button`
  display: grid;
  gap: 4px;
  align-content: start;
  justify-items: start;
  text-align: left;
  padding: 12px 14px;
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-radius: 6px;
  cursor: pointer;
  &[aria-pressed="true"] {
    border-color: var(--act);
    box-shadow: inset 0 4px 0 var(--act);
  }
  &[disabled] {
    cursor: default;
  }
  dl {
    margin: 4px 0 0;
    width: 100%;
    font-size: 14px;
  }
  dl div {
    display: flex;
    justify-content: space-between;
    gap: 10px;
  }
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
    text-align: right;
  }
`;
