import { lazy } from "react";
import { Tab, TabList, TabPanel, Tabs } from "react-aria-components";
import styled from "styled-components";
import type { CheckedPattern } from "@core/notation";
import { Late } from "../../ui/late";
import { FigurePanel } from "./figure-panel";
import type { Around, ItemAnalysis, ItemDraft, YarnView } from "@core/item";
import type { SlotColours } from "../figure/silhouette-view";
import { ShapePanel } from "./shape-panel";

// What stands behind a tab comes when the tab is opened.
const ComparePanel = lazy(async () => ({ default: (await import("./compare-panel")).ComparePanel }));
const OrderPanel = lazy(async () => ({ default: (await import("./order-panel")).OrderPanel }));
const WrittenPanel = lazy(async () => ({ default: (await import("./written-panel")).WrittenPanel }));

type Light = { part: number; round: number } | undefined;

/** The ways to look at an item below its answer: put together, part by part, in other yarn, in order, written out. */
export function ItemLooks({
  data,
  analysis,
  typed,
  checked,
  draft,
  around,
  colours,
  dirty,
  lit,
  onLight,
  on,
}: {
  data: {
    readonly id: string;
    readonly pictureMark: string;
    readonly yarns: readonly YarnView[];
    readonly terms: "us" | "uk";
  };
  analysis: ItemAnalysis;
  typed: { readonly pattern: string; readonly name: string; readonly firmness: "light" | "medium" | "firm" };
  checked: CheckedPattern;
  draft: ItemDraft;
  around: Around;
  colours: SlotColours;
  dirty: boolean;
  lit: Light;
  onLight: (at: Light) => void;
  on: {
    text: (text: string) => void;
    take: (draft: ItemDraft) => void;
    firmness: (f: "light" | "medium" | "firm") => void;
  };
}) {
  return (
    <Looks>
      <TabList aria-label="Ways to look at the item">
        <Tab id="figure">Put together</Tab>
        <Tab id="shape">Part by part</Tab>
        <Tab id="compare">Other yarn</Tab>
        <Tab id="order">Order of work</Tab>
        <Tab id="written">Written out</Tab>
      </TabList>
      <TabPanel id="figure">
        <FigurePanel
          analysis={analysis}
          text={typed.pattern}
          colours={colours}
          draft={draft}
          around={around}
          picture={dirty ? undefined : { itemId: data.id, mark: data.pictureMark }}
          onText={on.text}
          onTake={on.take}
        />
      </TabPanel>
      <TabPanel id="shape">
        <ShapePanel
          analysis={analysis}
          colours={colours}
          firmness={typed.firmness}
          onFirmness={on.firmness}
          lit={lit}
          onLight={onLight}
        />
      </TabPanel>
      <TabPanel id="compare">
        <Late>
          <ComparePanel draft={draft} yarns={data.yarns} around={around} />
        </Late>
      </TabPanel>
      <TabPanel id="order">
        <Late>
          <OrderPanel order={analysis.order} />
        </Late>
      </TabPanel>
      <TabPanel id="written">
        <Late>
          <WrittenPanel pattern={checked} text={typed.pattern} name={typed.name} terms={data.terms} />
        </Late>
      </TabPanel>
    </Looks>
  );
}

const Looks = styled(Tabs)`
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 0 18px 18px;
  .react-aria-TabList {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    border-bottom: 1px solid var(--line);
    margin-bottom: 16px;
  }
  .react-aria-Tab {
    padding: 12px 2px 9px;
    cursor: pointer;
    color: var(--soft);
    border-bottom: 3px solid transparent;
    margin-bottom: -1px;
    font-weight: 560;
    outline-offset: 3px;
  }
  .react-aria-Tab[data-selected] {
    color: var(--ink);
    border-color: var(--act);
  }
  .react-aria-Tab[data-focus-visible] {
    outline: 3px solid var(--focus);
    border-radius: 3px;
  }
  .react-aria-TabPanel:focus-visible {
    outline: 3px solid var(--focus);
    outline-offset: 6px;
    border-radius: 3px;
  }
`;
