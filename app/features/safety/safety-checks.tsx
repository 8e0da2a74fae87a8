import { CircleAlert, CircleCheck, CircleHelp } from "lucide-react";
import styled from "styled-components";
import type { BY_COUNTRY, Check } from "@core/safety";
import { Small } from "../../ui/basics";

const LOOK = {
  change: { Icon: CircleAlert, word: "Change this" },
  ask: { Icon: CircleHelp, word: "Look at it, or ask" },
  fine: { Icon: CircleCheck, word: "Nothing to change for this use" },
} as const;

/**
 * What the rules found, the gravest first, each with its reason, what to do instead and where the rule is
 * from.
 */
export function SafetyChecks({
  checks,
  countries,
}: {
  checks: readonly Check[];
  countries: typeof BY_COUNTRY;
}) {
  return (
    <>
      <List>
        {checks.map((c) => {
          const { Icon, word } = LOOK[c.state];
          return (
            <li key={c.rule} data-state={c.state}>
              <Icon size={19} aria-hidden />
              <div>
                <b>{c.title}</b> <Small>{word}</Small>
                <p>{c.because}</p>
                {c.state !== "fine" && c.instead ? <p className="instead">{c.instead}</p> : null}
                <details>
                  <summary>Where this is from</summary>
                  <Small>{c.source}</Small>
                </details>
              </div>
            </li>
          );
        })}
      </List>
      <details>
        <summary>Rules differ by country</summary>
        <dl>
          {countries.map((c) => (
            <div key={c.where}>
              <dt>
                <b>{c.where}</b>
              </dt>
              <dd>
                {c.what} <Small>{c.law} From memory: look it up before you rely on it.</Small>
              </dd>
            </div>
          ))}
        </dl>
      </details>
      <p>
        <Small>
          This informs and decides nothing. Follow your local law, and have what you sell as a toy tested by a
          qualified lab.
        </Small>
      </p>
    </>
  );
}

const List = styled.ul`
  list-style: none;
  margin: 12px 0;
  padding: 0;
  display: grid;
  gap: 10px;
  li {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 10px;
    padding-left: 10px;
    border-left: 4px solid var(--line);
  }
  li[data-state="change"] {
    border-color: var(--bad);
  }
  li[data-state="ask"] {
    border-color: var(--warn);
  }
  p {
    margin: 2px 0;
  }
  .instead {
    font-weight: 560;
  }
  summary {
    font-size: 13px;
    color: var(--soft);
    cursor: pointer;
    min-height: 24px;
  }
`;
