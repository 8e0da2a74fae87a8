import { ArrowDown, ArrowUp, GripVertical } from "lucide-react";
import { useState } from "react";
import { Button as AriaButton, GridList, GridListItem, useDragAndDrop } from "react-aria-components";
import { Link } from "react-router";
import styled from "styled-components";
import { Button, Row, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { WorkForm } from "../../ui/form";
import { useReading } from "../../ui/reading";

export interface OrderedRun {
  readonly id: string;
  readonly letter: string;
  readonly name: string;
  readonly dueOn: string;
  readonly finish: string | undefined;
  readonly chance: number | undefined;
}

/**
 * The open runs in the order in which they get their hours and their stock: dragged, moved by keys, or by the
 * two arrows. Nothing is written before it is kept.
 */
export function RunOrderList({ runs, own }: { runs: readonly OrderedRun[]; own: boolean }) {
  const r = useReading();
  const [order, setOrder] = useState(runs.map((x) => x.id));
  const shown = order.flatMap((id) => runs.find((x) => x.id === id) ?? []);
  const changed = shown.some((x, i) => x.id !== runs[i]?.id);
  const move = (id: string, by: number) => {
    const at = order.indexOf(id);
    const to = at + by;
    if (to < 0 || to >= order.length) return;
    const next = order.filter((x) => x !== id);
    next.splice(to, 0, id);
    setOrder(next);
  };
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((k) => ({ "text/plain": runs.find((x) => x.id === k)?.name ?? "" })),
    onReorder: (e) => {
      const moved = order.filter((id) => e.keys.has(id));
      const rest = order.filter((id) => !e.keys.has(id));
      const at = rest.indexOf(String(e.target.key)) + (e.target.dropPosition === "after" ? 1 : 0);
      setOrder([...rest.slice(0, at), ...moved, ...rest.slice(at)]);
    },
  });
  return (
    <>
      <List>
        <GridList
          aria-label="Runs in their order"
          items={shown}
          dragAndDropHooks={dragAndDropHooks}
          dependencies={[order, r.locale]}
        >
          {(run) => (
            <GridListItem id={run.id} textValue={run.name}>
              <AriaButton slot="drag" aria-label={`Move ${run.name}`}>
                <GripVertical size={16} aria-hidden />
              </AriaButton>
              <b className="letter">{run.letter}</b>
              <span className="what">
                <Link to={`/runs/${run.id}`}>{run.name}</Link>
                <Small>
                  {run.finish ? `done ${printDay(run.finish, r.locale)}` : "no hours for it"}, due{" "}
                  {printDay(run.dueOn, r.locale)}
                  {run.chance === undefined ? "" : `: ${Math.min(99, Math.round(run.chance * 100))} of 100`}
                </Small>
              </span>
              <span className="arrows">
                <Button
                  type="button"
                  $quiet
                  aria-label={`${run.name} earlier`}
                  onClick={() => move(run.id, -1)}
                >
                  <ArrowUp size={16} aria-hidden />
                </Button>
                <Button type="button" $quiet aria-label={`${run.name} later`} onClick={() => move(run.id, 1)}>
                  <ArrowDown size={16} aria-hidden />
                </Button>
              </span>
            </GridListItem>
          )}
        </GridList>
      </List>
      <Row style={{ marginTop: 10 }}>
        <WorkForm>
          <input type="hidden" name="intent" value="order" />
          {order.map((id) => (
            <input key={id} type="hidden" name="run" value={id} />
          ))}
          <Button type="submit" $primary={changed} disabled={!changed}>
            Keep this order
          </Button>
        </WorkForm>
        {changed ? (
          <Button type="button" onClick={() => setOrder(runs.map((x) => x.id))}>
            As it was
          </Button>
        ) : own ? (
          <WorkForm>
            <input type="hidden" name="intent" value="order" />
            <Button type="submit" $quiet>
              Back to due days
            </Button>
          </WorkForm>
        ) : null}
      </Row>
    </>
  );
}

const List = styled.div`
  .react-aria-GridList {
    display: grid;
    gap: 6px;
  }
  .react-aria-GridListItem {
    display: flex;
    align-items: center;
    gap: 8px;
    padding: 6px 4px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--ground);
    &[data-dragging] {
      opacity: 0.5;
    }
  }
  .react-aria-DropIndicator[data-drop-target] {
    outline: 2px solid var(--act);
  }
  [slot="drag"] {
    all: unset;
    cursor: grab;
    min-width: 24px;
    min-height: 24px;
    display: grid;
    place-items: center;
    color: var(--soft);
    &[data-focus-visible] {
      outline: 2px solid var(--act);
    }
  }
  .letter {
    width: 1.2em;
    text-align: center;
  }
  .what {
    flex: 1;
    min-width: 0;
    display: grid;
  }
  .arrows {
    display: flex;
    flex-direction: column;
  }
`;
