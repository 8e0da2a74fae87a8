import { graphlib, layout as place } from "@dagrejs/dagre";
import { memo, useMemo, useState } from "react";
import styled from "styled-components";
import type { OrderOfWork } from "@core/planning";
import { Small } from "../../ui/basics";

const WIDE = 146;
const HIGH = 40;

interface Placed {
  readonly width: number;
  readonly height: number;
  readonly nodes: readonly { readonly id: string; readonly x: number; readonly y: number }[];
  readonly lines: readonly {
    readonly before: string;
    readonly after: string;
    readonly points: readonly { readonly x: number; readonly y: number }[];
  }[];
}

/** Layers from top to bottom; dagre decides the places. */
function placed(order: OrderOfWork): Placed {
  const g = new graphlib.Graph();
  g.setGraph({ rankdir: "TB", nodesep: 14, ranksep: 22, marginx: 4, marginy: 4 });
  g.setDefaultEdgeLabel(() => ({}));
  for (const s of order.steps) g.setNode(s.id, { width: WIDE, height: HIGH });
  for (const e of order.edges) g.setEdge(e.before, e.after);
  place(g);
  const size = g.graph() as { width?: number; height?: number };
  return {
    width: size.width ?? 0,
    height: size.height ?? 0,
    nodes: order.steps.map((s) => {
      const n = g.node(s.id) as { x: number; y: number };
      return { id: s.id, x: n.x, y: n.y };
    }),
    lines: order.edges.map((e) => ({
      before: e.before,
      after: e.after,
      points: (g.edge(e.before, e.after) as { points: { x: number; y: number }[] }).points,
    })),
  };
}

/** The order of work of one piece: a graph to look at, and a numbered list that says why. */
export const OrderPanel = memo(function OrderPanel({ order }: { order: OrderOfWork }) {
  const graph = useMemo(() => placed(order), [order]);
  const [on, setOn] = useState<string>();
  const numbers = new Map(order.steps.map((s, i) => [s.id, i + 1]));
  if (order.steps.length <= 3)
    return <Small>No part is counted yet. Write a part’s rounds and its order of work shows here.</Small>;
  return (
    <Sides>
      <Frame tabIndex={0} role="group" aria-label="Order of work as a graph; the list below says the same">
        <svg
          viewBox={`0 0 ${graph.width} ${graph.height}`}
          style={{ width: "100%", minWidth: Math.min(graph.width, 460), maxWidth: graph.width }}
          aria-hidden
        >
          {graph.lines.map((l) => (
            <path
              key={`${l.before} ${l.after}`}
              className={on === l.before || on === l.after ? "on" : ""}
              d={`M${l.points.map((p) => `${p.x} ${p.y}`).join("L")}`}
            />
          ))}
          {graph.lines.map((l) => {
            const end = l.points[l.points.length - 1];
            return end ? (
              <path
                key={`${l.before} ${l.after} tip`}
                className={`tip${on === l.before || on === l.after ? " on" : ""}`}
                d={`M${end.x} ${end.y}l-3.5-7h7z`}
              />
            ) : null;
          })}
          {graph.nodes.map((n) => {
            const step = order.steps.find((s) => s.id === n.id);
            return (
              <g
                key={n.id}
                className={`step ${step?.kind ?? ""}`}
                transform={`translate(${n.x - WIDE / 2} ${n.y - HIGH / 2})`}
                onMouseEnter={() => setOn(n.id)}
                onMouseLeave={() => setOn(undefined)}
              >
                <rect width={WIDE} height={HIGH} rx={4} className={on === n.id ? "on" : ""} />
                <text x={8} y={HIGH / 2 + 5} className="n">
                  {numbers.get(n.id)}
                </text>
                <foreignObject x={30} y={2} width={WIDE - 34} height={HIGH - 4}>
                  <div className="label">{step?.label}</div>
                </foreignObject>
              </g>
            );
          })}
        </svg>
      </Frame>
      <List>
        {order.steps.map((s) => {
          const reasons = order.edges.filter((e) => e.after === s.id);
          return (
            <li
              key={s.id}
              data-on={on === s.id || undefined}
              onMouseEnter={() => setOn(s.id)}
              onMouseLeave={() => setOn(undefined)}
            >
              <b>{s.label}</b>
              {s.line === undefined ? null : <Small> line {s.line}</Small>}
              {reasons.length > 0 ? (
                <ul>
                  {reasons.slice(0, 4).map((e) => (
                    <li key={e.before}>
                      after {numbers.get(e.before)}: {e.why}
                    </li>
                  ))}
                  {reasons.length > 4 ? (
                    <li>and after {reasons.length - 4} more, for the same reason</li>
                  ) : null}
                </ul>
              ) : null}
            </li>
          );
        })}
      </List>
    </Sides>
  );
});

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 14px 30px;
  align-items: start;
  @container (max-width: 860px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Frame = styled.div`
  overflow: auto;
  padding-bottom: 6px;
  &:focus-visible {
    outline-offset: -3px;
  }
  path {
    fill: none;
    stroke: var(--edge);
    stroke-width: 1.2;
  }
  path.tip {
    fill: var(--edge);
    stroke: none;
  }
  path.on {
    stroke: var(--act);
    stroke-width: 2.2;
  }
  path.tip.on {
    fill: var(--act);
    stroke: none;
  }
  .step rect {
    fill: var(--sheet);
    stroke: var(--edge);
  }
  .step.face rect {
    stroke: var(--w-loops);
    stroke-width: 1.8;
  }
  .step.fill rect {
    stroke-dasharray: 3 2;
  }
  .step.finish rect {
    fill: var(--sunk);
  }
  .step rect.on {
    fill: color-mix(in srgb, var(--act) 14%, var(--sheet));
  }
  .n {
    font-weight: 680;
    font-size: 14px;
    fill: var(--soft);
  }
  .label {
    font-size: 12.5px;
    line-height: 1.2;
    height: 100%;
    display: grid;
    align-content: center;
    overflow: hidden;
    color: var(--ink);
  }
`;
const List = styled.ol`
  margin: 0;
  padding-left: 26px;
  display: grid;
  gap: 6px;
  max-width: 76ch;
  li::marker {
    font-weight: 680;
    color: var(--soft);
  }
  li[data-on] {
    background: color-mix(in srgb, var(--act) 10%, transparent);
  }
  ul {
    list-style: none;
    padding: 0;
    margin: 1px 0 0;
    color: var(--soft);
    font-size: 14px;
  }
`;
