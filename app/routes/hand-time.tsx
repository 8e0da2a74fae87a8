import { Flag, Pause, Play, Save, Scissors, Trash2 } from "lucide-react";
import { useEffect, useState, useSyncExternalStore } from "react";
import { useRevalidator } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/hand-time";
import type { Doubt } from "@core/calibrate";
import { STAGES, type Stage } from "@core/estimate";
import { parseDuration, printDuration, type Seconds } from "@core/units";
import { loadChoices } from "../features/hand/choices.server";
import { STAGE_WORDS } from "../features/hand/words";
import { doubtText } from "../features/hand/doubt-text";
import { HandNav } from "../features/hand/nav";
import {
  clockText,
  cut,
  elapsed,
  lap,
  lapSeconds,
  pause,
  start,
  STOPPED,
  type Watch,
} from "../features/hand/stopwatch";
import type { HandReply } from "../features/hand/actions.server";
import { openWorkshop } from "../server/scope.server";
import { refusalOf } from "../ui/away";
import { useWorkshopId } from "../ui/form";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { Field, FieldGrid, Input, Select } from "../ui/field";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = () => [{ title: "Time · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const params = new URL(request.url).searchParams;
  return {
    ...(await loadChoices(await openWorkshop(request, context))),
    wanted: { item: params.get("item"), stage: STAGES.find((s) => s === params.get("stage")) },
  };
}

interface About {
  readonly itemId: string;
  readonly part: string;
  readonly stage: Stage;
  readonly pieces: string;
  readonly handId: string;
  readonly typed: string;
}
interface Kept {
  readonly watch: Watch;
  readonly about: About;
}
/** A timing that is to be sent: kept in the browser until the server has it. */
interface Waiting {
  readonly key: string;
  readonly body: Readonly<Record<string, string>>;
  readonly label: string;
}
const WATCH = "lapka-stopwatch";
const QUEUE = "lapka-timings";
const stored = <T,>(name: string, otherwise: T): T => {
  try {
    return (JSON.parse(localStorage.getItem(name) ?? "null") as T | null) ?? otherwise;
  } catch {
    return otherwise;
  }
};
const noStore = () => () => undefined;

export default function Time({ loaderData: d }: Route.ComponentProps) {
  const r = useReading();
  const revalidator = useRevalidator();
  const live = useSyncExternalStore(
    noStore,
    () => true,
    () => false,
  );
  const first: About = {
    itemId: d.items[0]?.id ?? "",
    part: "",
    stage: "crochet",
    pieces: "",
    handId: d.hands[0]?.id ?? "",
    typed: "",
  };
  const [loaded, setLoaded] = useState(false);
  const [kept, setKept] = useState<Kept>({ watch: STOPPED, about: first });
  const workshop = useWorkshopId();
  const [queue, setQueue] = useState<readonly Waiting[]>([]);
  const [now, setNow] = useState(0);
  const [told, setTold] = useState<{ text: string; tone: "good" | "warn" }>();
  const [doubted, setDoubted] = useState<{ item: Waiting; doubt: Doubt }>();
  if (live && !loaded) {
    setLoaded(true);
    const last = stored<Kept>(WATCH, { watch: STOPPED, about: first });
    // What was asked for by a link goes before what was chosen last, unless a clock is running for that.
    const asked = d.items.find((i) => i.id === d.wanted.item);
    const idle = last.watch.since === undefined && last.watch.gathered === 0;
    const before: Kept =
      asked && idle
        ? {
            ...last,
            about: { ...last.about, itemId: asked.id, part: "", stage: d.wanted.stage ?? last.about.stage },
          }
        : last;
    // An item that is gone since leaves the choice to her.
    setKept(d.items.some((i) => i.id === before.about.itemId) ? before : { ...before, about: first });
    setQueue(stored<readonly Waiting[]>(QUEUE, []));
  }
  const { watch, about } = kept;
  const running = watch.since !== undefined;
  useEffect(() => {
    if (loaded) localStorage.setItem(WATCH, JSON.stringify(kept));
  }, [kept, loaded]);
  useEffect(() => {
    if (loaded) localStorage.setItem(QUEUE, JSON.stringify(queue));
  }, [queue, loaded]);
  useEffect(() => {
    if (!running) return;
    // The first look comes at once: after a reload the clock must not show an old reading.
    const t = setInterval(() => setNow(Date.now()), 250);
    requestAnimationFrame(() => setNow(Date.now()));
    return () => clearInterval(t);
  }, [running]);
  const act = (change: (w: Watch, at: number) => Watch) => {
    const at = Date.now();
    setNow(at);
    setKept((k) => ({ ...k, watch: change(k.watch, at) }));
  };
  const change = (part: Partial<About>) => setKept((k) => ({ ...k, about: { ...k.about, ...part } }));
  const send = async (w: Waiting, sure = false) => {
    const body = new URLSearchParams();
    for (const [k, v] of Object.entries(w.body)) body.append(k, v);
    if (sure) body.append("sure", "on");
    try {
      const answer = await fetch("/hand/post", { method: "POST", body });
      const reply = (await answer.json()) as HandReply;
      const refused = refusalOf(reply);
      if (refused !== undefined) return setTold({ text: refused, tone: "warn" });
      if (answer.ok && reply.doubt) {
        setDoubted({ item: w, doubt: reply.doubt });
        return;
      }
      const wrong = Object.values(reply.reply?.error ?? {})
        .flat()
        .filter(Boolean)
        .join(" ");
      setQueue((q) => q.filter((x) => x.key !== w.key));
      setDoubted(undefined);
      setTold(
        answer.ok
          ? { text: `Kept: ${w.label}`, tone: "good" }
          : { text: wrong || "This timing could not be kept.", tone: "warn" },
      );
      void revalidator.revalidate();
    } catch {
      setTold({
        text: "The server is away. The timing waits here and is sent once it is back.",
        tone: "warn",
      });
    }
  };
  /**
   * The same sitting without its pauses; what waits is changed with it, so that a reload keeps the answer.
   */
  const cutOut = (w: Waiting, doubt: Doubt) => {
    if (doubt.code !== "pause-in-lap") return;
    const body = { ...w.body, seconds: `${doubt.seconds} s`, laps: JSON.stringify(doubt.laps) };
    const label = `${w.label}, pause cut out: ${printDuration(doubt.seconds as Seconds, r)}`;
    const mended = { ...w, body, label };
    setQueue((q) => q.map((x) => (x.key === w.key ? mended : x)));
    setDoubted(undefined);
    void send(mended);
  };
  // What waits is sent when the page opens and when the connection is back.
  useEffect(() => {
    if (queue.length === 0) return;
    const again = () => {
      for (const w of queue) if (w.key !== doubted?.item.key) void send(w);
    };
    const timer = setInterval(again, 8000);
    window.addEventListener("online", again);
    return () => {
      clearInterval(timer);
      window.removeEventListener("online", again);
    };
  });
  const item = d.items.find((i) => i.id === about.itemId);
  const laps = lapSeconds(watch);
  const keep = (seconds: number, lapList: readonly number[]) => {
    const pieces = about.pieces.trim() || String(Math.max(1, lapList.length));
    const w: Waiting = {
      key: crypto.randomUUID(),
      label: `${item?.name ?? ""}${about.part ? `, ${about.part}` : ""}: ${STAGE_WORDS[about.stage]}, ${printDuration(seconds as Seconds, r)} for ${pieces}`,
      body: {
        intent: "timing",
        handId: about.handId,
        itemId: about.itemId,
        part: about.part,
        stage: about.stage,
        pieces,
        seconds: `${seconds} s`,
        laps: JSON.stringify(lapList),
        madeOn: d.today,
        note: "",
        key: "",
        workshop,
      },
    };
    const ready = { ...w, body: { ...w.body, key: w.key } };
    setQueue((q) => [...q, ready]);
    setKept((k) => ({ watch: STOPPED, about: { ...k.about, typed: "", pieces: "" } }));
    void send(ready);
  };
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (
        e.target instanceof HTMLInputElement ||
        e.target instanceof HTMLSelectElement ||
        e.target instanceof HTMLButtonElement ||
        e.ctrlKey ||
        e.altKey ||
        e.metaKey
      )
        return;
      if (e.key === " ") {
        e.preventDefault();
        act(running ? pause : start);
      }
      if (e.key === "l" || e.key === "L") act(lap);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
  const total = elapsed(watch, Math.max(now, watch.since ?? 0));
  return (
    <Page>
      <PageHead>
        <h1>Time</h1>
      </PageHead>
      <HandNav />
      {d.items.length === 0 ? (
        <Empty>
          <h2>First an item</h2>
          <p>
            Minutes tell of your pace when the work is known. Make an item from its pattern, then time a stage
            of it.
          </p>
          <ButtonLink to="/items/new" $primary>
            Make an item
          </ButtonLink>
        </Empty>
      ) : (
        <Narrow>
          <Stack $gap={14}>
            <Sheet>
              <FieldGrid $min={150}>
                <Field label="Item" name="item">
                  {(b) => (
                    <Select
                      {...b}
                      value={about.itemId}
                      onChange={(e) => change({ itemId: e.target.value, part: "" })}
                    >
                      {d.items.map((i) => (
                        <option key={i.id} value={i.id}>
                          {i.name}
                        </option>
                      ))}
                    </Select>
                  )}
                </Field>
                <Field label="Part" name="part">
                  {(b) => (
                    <Select {...b} value={about.part} onChange={(e) => change({ part: e.target.value })}>
                      <option value="">whole piece</option>
                      {item?.parts.map((p) => (
                        <option key={p.name} value={p.name}>
                          {p.name}
                        </option>
                      ))}
                    </Select>
                  )}
                </Field>
                <Field label="Stage" name="stage">
                  {(b) => (
                    <Select
                      {...b}
                      value={about.stage}
                      onChange={(e) => change({ stage: e.target.value as Stage })}
                    >
                      {STAGES.map((s) => (
                        <option key={s} value={s}>
                          {STAGE_WORDS[s]}
                        </option>
                      ))}
                    </Select>
                  )}
                </Field>
                {d.hands.length > 1 ? (
                  <Field label="Whose hands" name="hand">
                    {(b) => (
                      <Select
                        {...b}
                        value={about.handId}
                        onChange={(e) => change({ handId: e.target.value })}
                      >
                        {d.hands.map((h) => (
                          <option key={h.id} value={h.id}>
                            {h.name}
                          </option>
                        ))}
                      </Select>
                    )}
                  </Field>
                ) : null}
              </FieldGrid>
            </Sheet>
            <Face aria-label="Stopwatch" data-running={running || undefined}>
              <Clock role="timer" aria-live="off">
                {clockText(total)}
              </Clock>
              {laps.length > 0 ? (
                <p>
                  {laps.length} {laps.length === 1 ? "piece" : "pieces"}:{" "}
                  {laps.map((s) => clockText(s * 1000)).join(" · ")}
                </p>
              ) : null}
              <Keys>
                <Big type="button" $primary onClick={() => act(running ? pause : start)}>
                  {running ? <Pause size={24} aria-hidden /> : <Play size={24} aria-hidden />}{" "}
                  {running ? "Pause" : total > 0 ? "Go on" : "Start"} <kbd>space</kbd>
                </Big>
                <Big type="button" onClick={() => act(lap)} disabled={total < 1000}>
                  <Flag size={22} aria-hidden /> One is done <kbd>L</kbd>
                </Big>
              </Keys>
              {total > 0 ? (
                <Row style={{ justifyContent: "center" }}>
                  <Button type="button" onClick={() => act((w, at) => cut(w, at, 60_000))}>
                    <Scissors size={16} aria-hidden /> Cut out 1 min
                  </Button>
                  <Button type="button" onClick={() => act((w, at) => cut(w, at, 300_000))}>
                    5 min
                  </Button>
                  <Button
                    type="button"
                    $quiet
                    onClick={() => {
                      if (!running) setKept((k) => ({ ...k, watch: STOPPED }));
                    }}
                    disabled={running}
                    aria-label="Throw this time away"
                  >
                    <Trash2 size={16} aria-hidden />
                  </Button>
                </Row>
              ) : null}
            </Face>
            <Sheet>
              <Row style={{ alignItems: "end" }}>
                <Field
                  label="How many were made"
                  name="pieces"
                  hint="Empty: as many as were marked, at least one."
                >
                  {(b) => (
                    <Input
                      {...b}
                      value={about.pieces}
                      inputMode="numeric"
                      style={{ width: 110 }}
                      autoComplete="off"
                      onChange={(e) => change({ pieces: e.target.value.replace(/[^\d]/g, "") })}
                    />
                  )}
                </Field>
                <Big
                  type="button"
                  $primary
                  disabled={running || total < 1000}
                  onClick={() => keep(Math.round(total / 1000), laps)}
                >
                  <Save size={20} aria-hidden /> Keep the timing
                </Big>
              </Row>
              <details style={{ marginTop: 10 }}>
                <summary>Or type how long it took</summary>
                <Row style={{ alignItems: "end", marginTop: 8 }}>
                  <Field label="Minutes" name="typed" hint="12, 1:20 (hours and minutes) or 90 s">
                    {(b) => (
                      <Input
                        {...b}
                        value={about.typed}
                        style={{ width: 110 }}
                        autoComplete="off"
                        onChange={(e) => change({ typed: e.target.value })}
                      />
                    )}
                  </Field>
                  <Button
                    type="button"
                    disabled={minutesOf(about.typed) === undefined}
                    onClick={() => keep(minutesOf(about.typed) ?? 0, [])}
                  >
                    Keep it
                  </Button>
                </Row>
              </details>
            </Sheet>
            {doubted ? (
              <Note role="alert">
                <p>{doubtText(doubted.doubt)}</p>
                <Row style={{ marginTop: 8 }}>
                  {doubted.doubt.code === "pause-in-lap" ? (
                    <Button type="button" $primary onClick={() => cutOut(doubted.item, doubted.doubt)}>
                      Cut it out: {printDuration(doubted.doubt.seconds as Seconds, r)} in all
                    </Button>
                  ) : null}
                  <Button
                    type="button"
                    $primary={doubted.doubt.code !== "pause-in-lap"}
                    onClick={() => void send(doubted.item, true)}
                  >
                    {doubted.doubt.code === "pause-in-lap" ? "It was work" : "Keep it as it is"}
                  </Button>
                  <Button
                    type="button"
                    onClick={() => {
                      setQueue((q) => q.filter((x) => x.key !== doubted.item.key));
                      setDoubted(undefined);
                    }}
                  >
                    Leave it out
                  </Button>
                </Row>
              </Note>
            ) : null}
            <div role="status">{told ? <Badge $tone={told.tone}>{told.text}</Badge> : null}</div>
            {queue.filter((w) => w.key !== doubted?.item.key).length > 0 ? (
              <Sheet aria-labelledby="wait-title">
                <SheetHead>
                  <h2 id="wait-title">Waiting to be sent</h2>
                </SheetHead>
                <ul>
                  {queue.map((w) => (
                    <li key={w.key}>{w.label}</li>
                  ))}
                </ul>
              </Sheet>
            ) : null}
            <Small>Long batches of tight crochet strain the hands: take a break each half hour.</Small>
          </Stack>
        </Narrow>
      )}
    </Page>
  );
}

/** "12", "1:20" or "90 s" as whole seconds: bare numbers are minutes. */
function minutesOf(text: string): number | undefined {
  const read = parseDuration(text);
  return read.ok && read.value >= 1 ? Math.round(read.value) : undefined;
}

const Narrow = styled.div`
  max-width: 620px;
`;
const Face = styled.section`
  display: grid;
  gap: 14px;
  justify-items: center;
  padding: 22px 18px;
  background: var(--mat);
  color: var(--mat-ink);
  border-radius: 6px;
  border-bottom: 8px solid var(--mat-soft);
  text-align: center;
  &[data-running] {
    border-bottom-color: var(--tape);
  }
`;
const Clock = styled.div`
  font-size: 64px;
  font-weight: 600;
  line-height: 1;
  font-variation-settings: "MONO" 1;
`;
const Keys = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  width: 100%;
`;
const Big = styled(Button)`
  min-height: 60px;
  font-size: 17px;
  flex-wrap: wrap;
  kbd {
    font: inherit;
    font-size: 12px;
    opacity: 0.75;
  }
  @media (pointer: coarse) {
    min-height: 72px;
    kbd {
      display: none;
    }
  }
`;
const Note = styled.div`
  padding: 10px 14px;
  background: var(--warn-ground);
  border-left: 5px solid var(--warn);
  border-radius: 0 4px 4px 0;
`;
