import { Package, Palette, Printer, Save } from "lucide-react";
import { lazy, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, useFetcher } from "react-router";
import styled from "styled-components";
import { parseMoney, printLength, type Reading } from "@core/units";
import { MAIN_SLOT, type Answer } from "@core/notation";
import { useWorkshopId } from "../../ui/form";
import { Button, ButtonLink, PageHead, Small, Stack } from "../../ui/basics";
import { BinButton } from "../../ui/bin-button";
import { Input, Select } from "../../ui/field";
import { Late } from "../../ui/late";
import { useReading } from "../../ui/reading";
import {
  type Around,
  type ItemAnalysis,
  type ItemDraft,
  type MoneySettings,
  type NotionView,
  type YarnView,
  silhouetteOf,
} from "@core/item";
import { FigurePicture } from "../figure/figure-picture";
import { ITEM_KINDS } from "./kinds";
import { forget, keep, otherDraft, ownDraft, windowName, type Kept } from "./kept-drafts";
import { MaterialsPanel } from "./materials-panel";
import { NeedsPanel } from "./needs-panel";
import { PatternEditor } from "./pattern-editor";
import { PricePanel } from "./price-panel";
import type { ItemForm } from "./schema";
import { Silhouettes, type SlotColours } from "../figure/silhouette-view";
import { sellingOf, type ChannelView } from "./selling";
import {
  answersIn,
  asStored,
  draftNotions,
  namedSlots,
  NO_ANSWERS,
  numberOf,
  passesIn,
  savedForm,
  shownSlots,
  toDraft,
  typedOf,
  withSize,
  type SlotDraft,
  type Typed,
} from "./typed";
import { useAnalysis } from "./use-analysis";
import { useReader } from "./use-reader";

// Below the answer, and large: the page stands without it.
const ItemLooks = lazy(async () => ({ default: (await import("./item-looks")).ItemLooks }));

export interface ItemPageData {
  readonly id: string;
  readonly revision: number;
  readonly version: number;
  readonly name: string;
  readonly kind: string;
  readonly price: string;
  readonly channelId: string | null;
  readonly note: string;
  readonly draft: ItemDraft;
  readonly yarns: readonly YarnView[];
  readonly notions: readonly NotionView[];
  readonly passes: string;
  readonly secondBrings: string;
  readonly channels: readonly ChannelView[];
  readonly money: MoneySettings;
  readonly terms: "us" | "uk";
  readonly hand: Around["hand"];
  readonly analysis: ItemAnalysis;
  readonly pictureMark: string;
}

export interface SaveResult {
  readonly saved?: number;
  readonly errors?: Readonly<Record<string, string>>;
  readonly version?: number;
  /** What another tab saved meanwhile: nothing of this save was kept. */
  readonly conflict?: readonly { readonly label: string; readonly text: string }[];
  /** Why it was not taken at all: the server could not be reached, or another workshop is open. */
  readonly refused?: string;
}

/** Of what the other tab saved, what differs from what stands here. */
function theirs(saved: NonNullable<SaveResult["conflict"]>, typed: Typed) {
  const mine = new Map([
    ["Name", typed.name],
    ["Kind", typed.kind],
    ["Price", typed.price.trim() === "" ? "as suggested" : typed.price],
    ["Pattern", typed.pattern],
  ]);
  return saved.filter((s) => mine.get(s.label) !== s.text);
}

const rules = () => import("./schema");
/** What the form's rules say of it; nothing where they could not be fetched: the server holds it against them too. */
async function ownErrorsOf(form: ItemForm, r: Reading): Promise<Readonly<Record<string, string>>> {
  try {
    const { errorsByField, itemSchema } = await rules();
    const read = itemSchema(r.currency, r.locale).safeParse(form);
    return read.success ? {} : errorsByField(read.error);
  } catch {
    return {};
  }
}

type Change = (part: Partial<Typed> | ((t: Typed) => Partial<Typed>)) => void;
/**
 * What the panels call: made once, so that a panel whose figures stand still is not drawn again at every key.
 */
const handlers = (change: Change) => ({
  text: (pattern: string) => change({ pattern }),
  answer: (a: Answer) => change((t) => ({ answers: [...answersIn(t), a] })),
  takeBack: (a: Answer) => change((t) => ({ answers: answersIn(t).filter((x) => x !== a) })),
  addNotion: (id: string, quantity: number) =>
    change((t) => ({
      notions: [...t.notions.filter((n) => n.notionId !== id), { notionId: id, quantity: String(quantity) }],
    })),
  take: (size: ItemDraft) => change((t) => withSize(t, size)),
  slot: (s: SlotDraft) => change((t) => ({ slots: [...t.slots.filter((x) => x.slot !== s.slot), s] })),
  notions: (notions: Typed["notions"]) => change({ notions }),
  firmness: (firmness: Typed["firmness"]) => change({ firmness }),
  hanger: (hanger: boolean) => change({ hanger }),
  price: (price: string) => change({ price }),
  channel: (channelId: string | null) => change({ channelId }),
  passes: (passes: string) => change({ passes }),
  second: (secondBrings: string) => change({ secondBrings }),
});

/** Reads and writes that a full or forbidden store must not break. */
function safely<T>(act: (local: Storage, name: string) => T): T | undefined {
  try {
    return act(
      window.localStorage,
      windowName(window.sessionStorage, () => crypto.randomUUID()),
    );
  } catch {
    return undefined;
  }
}

export function ItemPage({ data }: { data: ItemPageData }) {
  const r = useReading();
  const workshop = useWorkshopId();
  const fetcher = useFetcher<SaveResult>();
  const [typed, setTyped] = useState<Typed>(() => typedOf(data));
  const [restored, setRestored] = useState(false);
  const [elsewhere, setElsewhere] = useState<Kept<Typed> & { window: string }>();
  const [lit, setLit] = useState<{ part: number; round: number }>();
  const [ownErrors, setOwnErrors] = useState<Readonly<Record<string, string>>>({});
  const change = useCallback(
    (part: Partial<Typed> | ((t: Typed) => Partial<Typed>)) =>
      setTyped((t) => ({ ...t, ...(typeof part === "function" ? part(t) : part) })),
    [],
  );
  const on = useMemo(() => handlers(change), [change]);

  // What was typed and not saved comes back after a reload, a crash or a lost connection.
  useEffect(() => {
    const saved = savedForm(typedOf(data));
    const kept = safely((s, w) => ownDraft<Typed>(s, data.id, w));
    if (kept && savedForm({ ...typedOf(data), ...kept.typed }) !== saved) {
      // A draft that an older page kept lacks the newer fields.
      // eslint-disable-next-line react-hooks/set-state-in-effect
      setTyped({ ...typedOf(data), ...kept.typed });
      setRestored(true);
    }
    const left = safely((s, w) => otherDraft<Typed>(s, data.id, w, Date.now()));
    if (left && savedForm({ ...typedOf(data), ...left.typed }) !== saved) setElsewhere(left);
    // Only when the page is opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [data.id]);
  const answers = answersIn(typed);
  const read = useReader(
    { pattern: typed.pattern, answers },
    {
      pattern: data.draft.pattern,
      answers: data.draft.answers ?? NO_ANSWERS,
      checked: data.analysis.checked,
    },
    data.terms,
  );
  const checked = read.pattern;
  // The panels beside the text only care which slots there are: their names as one string keep them still
  // while she types.
  const slotNames = namedSlots(checked).join("\n");
  const slotsShown = useMemo(() => shownSlots(slotNames.split("\n"), typed.slots), [slotNames, typed.slots]);
  const dirty = useMemo(() => {
    const named = slotNames.split("\n");
    return savedForm(asStored(typed, r), named) !== savedForm(asStored(typedOf(data), r), named);
  }, [typed, data, r, slotNames]);
  useEffect(() => {
    // A full or forbidden store leaves the page itself as the only copy; saving still works.
    safely((s, w) =>
      dirty ? keep(s, data.id, w, { typed, revision: data.revision, at: Date.now() }) : forget(s, data.id, w),
    );
  }, [typed, dirty, data.id, data.revision]);
  const chosenNotions = useMemo(() => draftNotions(typed.notions, r.locale), [typed.notions, r.locale]);
  const draft = useMemo<ItemDraft>(() => toDraft(typed, slotsShown, r.locale), [typed, slotsShown, r.locale]);
  const channel = data.channels.find((c) => c.id === typed.channelId) ?? data.channels[0];
  const passes = useMemo(() => passesIn(typed, r), [typed, r]);
  const selling = useMemo(() => sellingOf(channel, passes), [channel, passes]);
  const priceRead = typed.price.trim() === "" ? undefined : parseMoney(typed.price, r.currency, r.locale);
  const price = priceRead?.ok ? priceRead.value : undefined;
  const around = useMemo<Around>(
    () => ({
      yarns: data.yarns,
      notions: data.notions,
      money: data.money,
      selling,
      price,
      reading: r,
      terms: data.terms,
      hand: data.hand,
    }),
    [data.yarns, data.notions, data.money, selling, price, r, data.terms, data.hand],
  );
  const { analysis, pending, lost } = useAnalysis(
    draft,
    read.failed || read.waiting ? undefined : checked,
    around,
    data.analysis,
  );

  const yarnOfSlot = useCallback(
    (slot: string) => {
      const chosen =
        slotsShown.find((s) => s.slot === slot) ?? (slot === MAIN_SLOT ? slotsShown[0] : undefined);
      return data.yarns.find((y) => y.id === chosen?.yarnId);
    },
    [slotsShown, data.yarns],
  );
  const colours = useMemo<SlotColours>(
    () =>
      Object.fromEntries(
        slotsShown.flatMap((s) => {
          const yarn = data.yarns.find((y) => y.id === s.yarnId);
          return yarn ? [[s.slot, yarn.colour]] : [];
        }),
      ),
    [slotsShown, data.yarns],
  );
  const shapes = useMemo(() => analysis.piece.parts.map((p) => silhouetteOf(p)), [analysis]);

  const errors = { ...(fetcher.data?.errors ?? {}), ...ownErrors };
  const save = useCallback(async () => {
    const form: ItemForm = {
      basedOn: data.revision,
      seen: data.version,
      name: typed.name,
      kind: typed.kind as ItemForm["kind"],
      pattern: typed.pattern,
      answers: [...answersIn(typed)],
      firmness: typed.firmness,
      hanger: typed.hanger,
      note: data.note,
      slots: slotsShown
        .filter((s) => s.yarnId !== "")
        .map((s) => ({
          slot: s.slot,
          yarnId: s.yarnId,
          hookMm: numberOf(s.hook, r.locale),
          strands: s.strands,
        })),
      notions: typed.notions.map((n) => ({ notionId: n.notionId, quantity: numberOf(n.quantity, r.locale) })),
      price: typed.price,
      channelId: typed.channelId,
      passes: typed.passes,
      secondBrings: typed.secondBrings,
    };
    const errors = await ownErrorsOf(form, r);
    setOwnErrors(errors);
    if (Object.keys(errors).length === 0)
      void fetcher.submit(JSON.stringify({ ...form, workshop }), {
        method: "post",
        encType: "application/json",
      });
  }, [data.revision, data.version, data.note, typed, slotsShown, r, fetcher, workshop]);
  // The rules are there before she saves.
  useEffect(() => void rules().catch(() => undefined), []);
  useSaveKey(() => void save());

  const saving = fetcher.state !== "idle";
  const conflict = fetcher.state === "idle" ? fetcher.data?.conflict : undefined;
  return (
    <>
      <PageHead>
        <NameBox>
          <h1 className="sr">{typed.name || "Item without a name"}</h1>
          <label className="sr" htmlFor="item-name">
            Name of the item
          </label>
          <NameInput
            id="item-name"
            value={typed.name}
            aria-invalid={errors.name ? true : undefined}
            aria-describedby={errors.name ? "item-name-error" : undefined}
            onChange={(e) => change({ name: e.target.value })}
          />
          {errors.name ? <Wrong id="item-name-error">{errors.name}</Wrong> : null}
        </NameBox>
        <label className="sr" htmlFor="item-kind">
          Kind
        </label>
        <KindSelect id="item-kind" value={typed.kind} onChange={(e) => change({ kind: e.target.value })}>
          {ITEM_KINDS.map((k) => (
            <option key={k.value} value={k.value}>
              {k.label}
            </option>
          ))}
        </KindSelect>
        <Small role="status">
          {saving ? (
            "saving…"
          ) : dirty ? (
            "not saved yet"
          ) : (
            <>
              {fetcher.data?.saved ? "saved, " : null}
              <Link to="revisions">revision {fetcher.data?.saved ?? data.revision}</Link>
            </>
          )}
        </Small>
        <Link to="sample">sample</Link>
        <ButtonLink to="kit">
          <Package size={17} aria-hidden /> Kit
        </ButtonLink>
        <ButtonLink to="paper">
          <Printer size={17} aria-hidden /> Paper
        </ButtonLink>
        <ButtonLink to="colourways">
          <Palette size={17} aria-hidden /> Colourways
        </ButtonLink>
        <Button
          type="button"
          $primary
          onClick={() => void save()}
          disabled={saving}
          aria-keyshortcuts="Control+S"
        >
          <Save size={17} aria-hidden /> Save <Keys>ctrl S</Keys>
        </Button>
        <BinButton label={`Delete ${data.name}`} />
      </PageHead>
      {conflict ? (
        <Banner role="alert" data-tone="bad">
          <div>
            Another tab saved this item meanwhile. What you typed is still here: copy what you need, then{" "}
            <a href={`/items/${data.id}`} onClick={() => safely((s, w) => forget(s, data.id, w))}>
              load the newer one
            </a>
            .
            {theirs(conflict, typed).map((t) => (
              <details key={t.label}>
                <summary>{t.label} there</summary>
                <pre>{t.text}</pre>
              </details>
            ))}
          </div>
        </Banner>
      ) : null}
      {restored && dirty ? (
        <Banner role="status">
          What you had typed and not saved is back.{" "}
          <Button
            type="button"
            onClick={() => {
              setTyped(typedOf(data));
              setRestored(false);
            }}
          >
            Go back to the saved one
          </Button>
        </Banner>
      ) : null}
      {elsewhere ? (
        <Banner role="status">
          Another window has unsaved text of this item, from{" "}
          {new Date(elsewhere.at).toLocaleString(r.locale, { dateStyle: "medium", timeStyle: "short" })}.{" "}
          <Button
            type="button"
            onClick={() => {
              setTyped(elsewhere.typed);
              setElsewhere(undefined);
            }}
          >
            Bring it here
          </Button>
          <Button
            type="button"
            $quiet
            onClick={() => {
              safely((s) => forget(s, data.id, elsewhere.window));
              setElsewhere(undefined);
            }}
          >
            Throw it away
          </Button>
        </Banner>
      ) : null}
      {fetcher.data?.refused !== undefined && !saving ? (
        <Banner role="alert" data-tone="bad">
          {fetcher.data.refused}
        </Banner>
      ) : null}
      {read.failed || lost ? (
        <Banner role="alert" data-tone="bad">
          This text could not be reckoned, so the figures below are those from before it. Nothing you typed is
          lost: take out what you added last.
        </Banner>
      ) : null}
      {read.lost ? (
        <Banner role="alert" data-tone="bad">
          What reads a pattern could not be fetched, so its slips are not shown while you type. What you type
          is kept; load the page anew when the net is back.
        </Banner>
      ) : null}
      {Object.keys(errors).length > 0 ? (
        <Banner role="alert" data-tone="bad">
          Not saved: {Object.values(errors)[0]}
        </Banner>
      ) : null}
      <ShapeStrip aria-label="The figure, and its parts to one scale">
        {data.analysis.piece.parts.length > 0 ? (
          <FigurePicture of={{ itemId: data.id, mark: data.pictureMark }} name={data.name} side={140} />
        ) : null}
        <Silhouettes
          parts={shapes}
          colours={colours}
          height={132}
          scale
          label={`Parts of ${typed.name} to one scale`}
          lit={lit}
        />
        <ul>
          {analysis.piece.parts.map((p, i) => (
            <li key={i}>
              <b>{p.part.name}</b>
              {p.part.make > 1 ? ` × ${p.part.make}` : ""}{" "}
              <Small>
                {printLength(p.fabric.width, r)} × {printLength(p.fabric.height, r)},{" "}
                {p.fabric.form === "filled"
                  ? `${p.fabric.firmness} filling`
                  : p.fabric.form === "hollow"
                    ? "not filled"
                    : p.fabric.form}
              </Small>
            </li>
          ))}
        </ul>
      </ShapeStrip>
      <Places>
        <PatternEditor
          text={typed.pattern}
          pattern={checked}
          ready={read.reader !== undefined}
          waiting={read.waiting}
          colours={colours}
          onText={on.text}
          asked={{
            answers,
            onAnswer: on.answer,
            onTakeBack: on.takeBack,
            ask: (p) => read.reader?.ask(typed.pattern, checked, p, answers) ?? [],
          }}
          lit={lit}
          onLight={setLit}
        />
        <Stack>
          <NeedsPanel
            analysis={analysis}
            selling={selling}
            yarnOfSlot={yarnOfSlot}
            notions={data.notions}
            chosen={chosenNotions}
            pending={pending}
            onAddNotion={on.addNotion}
          />
          <MaterialsPanel
            slots={slotsShown}
            yarns={data.yarns}
            notions={data.notions}
            chosen={typed.notions}
            errors={errors}
            firmness={typed.firmness}
            hanger={typed.hanger}
            onSlot={on.slot}
            onNotions={on.notions}
            onFirmness={on.firmness}
            onHanger={on.hanger}
          />
          <PricePanel
            analysis={analysis}
            selling={selling}
            marginBp={data.money.marginBp}
            wagePerHour={data.money.wagePerHour}
            price={typed.price}
            onPrice={on.price}
            channels={data.channels}
            channelId={typed.channelId}
            onChannel={on.channel}
            passes={typed.passes}
            secondBrings={typed.secondBrings}
            onPasses={on.passes}
            onSecond={on.second}
            errors={errors}
            error={
              errors.price ??
              (priceRead && !priceRead.ok ? "This is not an amount: write it like 9.50." : undefined)
            }
          />
          <Caution>
            Eyes, beads, rings and small whole pieces can choke a child under three; embroidered eyes are the
            usual choice for toys. Selling toys is regulated almost everywhere: follow your local law and have
            what you sell as a toy tested by a qualified lab.
          </Caution>
        </Stack>
        <LooksPlace>
          <Late waits={<Waiting />}>
            <ItemLooks
              data={data}
              analysis={analysis}
              typed={typed}
              checked={checked}
              draft={draft}
              around={around}
              colours={colours}
              dirty={dirty}
              lit={lit}
              onLight={setLit}
              on={on}
            />
          </Late>
        </LooksPlace>
      </Places>
    </>
  );
}

function useSaveKey(save: () => void): void {
  const latest = useRef(save);
  useEffect(() => {
    latest.current = save;
  });
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === "s") {
        e.preventDefault();
        latest.current();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}

const NameBox = styled.div`
  flex: 1 1 150px;
  min-width: 0;
`;
const NameInput = styled(Input)`
  font-size: 22px;
  font-weight: 640;
  background: transparent;
  border-color: transparent;
  padding-left: 6px;
  margin-left: -6px;
  &:hover {
    border-color: var(--edge);
  }
`;
const KindSelect = styled(Select)`
  width: auto;
`;
const Keys = styled.kbd`
  font: inherit;
  font-size: 12px;
  opacity: 0.8;
  font-weight: 400;
`;
const Wrong = styled.span`
  color: var(--bad);
  font-size: 13px;
  font-weight: 560;
`;
const Banner = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding: 9px 14px;
  margin-bottom: 14px;
  background: var(--warn-ground);
  border-left: 5px solid var(--warn);
  border-radius: 0 4px 4px 0;
  &[data-tone="bad"] {
    background: var(--bad-ground);
    border-color: var(--bad);
  }
`;
/**
 * The text and the ways to look at it beside the answer, so that a short text leaves no hole under it. Read, tabbed
 * through and, on a phone, stacked in the order text, answer, looks.
 */
const Places = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  grid-template-rows: auto 1fr;
  gap: 18px;
  align-items: start;
  & > :nth-child(2) {
    grid-column: 2;
    grid-row: 1 / 3;
  }
  @media (max-width: 1080px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
    & > :nth-child(2) {
      grid-column: auto;
      grid-row: auto;
    }
  }
`;
/** What is looked at fits itself to the place it has, not to the window. */
const LooksPlace = styled.div`
  container-type: inline-size;
`;
/** Where the ways to look at it will stand: nothing below jumps when they come. */
const Waiting = styled.div`
  min-height: 640px;
`;
const ShapeStrip = styled.section`
  display: flex;
  flex-wrap: wrap;
  gap: 12px 28px;
  align-items: flex-end;
  margin-bottom: 18px;
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 2px;
  }
`;
const Caution = styled.p`
  font-size: 13px;
  color: var(--soft);
`;
