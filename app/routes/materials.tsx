import { parseWithZod } from "@conform-to/zod/v4";
import { Download, Plus, Ruler, Scale, SquarePen, Trash2 } from "lucide-react";
import { useState } from "react";
import { data, Form, redirect } from "react-router";
import styled from "styled-components";
import type { z } from "zod";
import type { Route } from "./+types/materials";
import { listNotions, listSwatches, listYarns, saveNotion, saveSwatch, saveYarn, setNotionDeleted, setYarnDeleted } from "@db/queries/materials";
import { listRuns, reservedBy } from "@db/queries/runs";
import { balances, postCount, postMoves } from "@db/queries/stock";
import { minorDigits, printLength, printMass, printMoney, printNumber, printTrimmed, printYarnLength, GRAMS_PER_OUNCE, METRES_PER_YARD, type Grams, type Metres, type Minor, type Mm, type Reading } from "@core/units";
import { CLASS_GAUGE } from "@core/fabric";
import { notionView, yarnView } from "../features/items/load.server";
import { CountForm, FillingForm, NotionForm, SwatchForm, YarnForm, type FormReply } from "../features/materials/forms";
import { materialSchemas, NOTION_LABELS } from "../features/materials/schema";
import { openWorkshop, todayOf } from "../server/scope.server";
import { Badge, Button, ButtonLink, Empty, Page, PageHead, Row as Line, Sheet, SheetHead, Small, Stack } from "../ui/basics";
import { DataTable, type Column } from "../ui/data-table";
import { ListFigure } from "../ui/figure";
import { Modal } from "../ui/modal";
import { useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";

export const meta: Route.MetaFunction = () => [{ title: "Materials · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, reading } = await openWorkshop(request, context);
  const [yarns, notions, swatches, onHand, runs] = await Promise.all([listYarns(scope), listNotions(scope), listSwatches(scope), balances(scope), listRuns(scope)]);
  const reserved = reservedBy(runs);
  return {
    today: todayOf(scope.now),
    yarns: yarns.map((y) => ({ ...yarnView(y, swatches, reading), onHand: onHand.get(y.id) ?? 0, reserved: reserved.get(y.id) ?? 0 })),
    notions: notions.map((n) => ({ ...notionView(n), onHand: onHand.get(n.id) ?? 0, reserved: reserved.get(n.id) ?? 0 })),
  };
}

export async function action({ request, context }: Route.ActionArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const form = await request.formData();
  const s = materialSchemas(workshop.locale, workshop.currency, workshop.units);
  const read = <T extends z.ZodType>(schema: T) => parseWithZod(form, { schema });
  const refuse = (submission: { reply: () => FormReply["reply"] }) => data<FormReply>({ reply: submission.reply() }, { status: 400 });
  switch (form.get("intent")) {
    case "yarn": {
      const got = read(s.yarn);
      if (got.status !== "success") return refuse(got);
      const { intent: _intent, id, onHand, ...values } = got.value;
      const made = await saveYarn(scope, values, id);
      if (!id && onHand) await postMoves(scope, [{ kind: "weighed", materialKind: "yarn", materialId: made, quantity: onHand, note: "first entry" }]);
      return data<FormReply>({ done: made });
    }
    case "notion": {
      const got = read(s.notion);
      if (got.status !== "success") return refuse(got);
      const { intent: _intent, id, onHand, sizeUm, ...values } = got.value;
      const made = await saveNotion(scope, { ...values, sizeUm: sizeUm ?? null, colour: null }, id);
      if (!id && onHand) await postMoves(scope, [{ kind: "counted", materialKind: "notion", materialId: made, quantity: onHand, note: "first entry" }]);
      return data<FormReply>({ done: made });
    }
    case "filling": {
      const got = read(s.filling);
      if (got.status !== "success") return refuse(got);
      const { intent: _intent, id, onHand, ...values } = got.value;
      const made = await saveNotion(scope, { ...values, kind: "filling", sizeUm: null, colour: null }, id);
      if (!id && onHand) await postMoves(scope, [{ kind: "weighed", materialKind: "notion", materialId: made, quantity: onHand, note: "first entry" }]);
      return data<FormReply>({ done: made });
    }
    case "swatch": {
      const got = read(s.swatch);
      if (got.status !== "success") return refuse(got);
      const { intent: _intent, ...v } = got.value;
      const made = await saveSwatch(scope, { yarnId: v.yarnId, madeOn: v.madeOn, hookUm: v.hookUm, stitches: v.stitches ?? null, overMm: v.overMm ?? null, rounds: v.rounds ?? null, roundsOverMm: v.roundsOverMm ?? null, sampleStitches: v.sampleStitches ?? null, sampleMm: v.sampleMm ?? null });
      return data<FormReply>({ done: made });
    }
    case "count": {
      const got = read(form.get("unit") === "mass" ? s.countMass : s.countPieces);
      if (got.status !== "success") return refuse(got);
      const { kind, id, onHand, key, note } = got.value;
      await postCount(scope, { materialKind: kind, materialId: id, onHand, kind: form.get("unit") === "mass" ? "weighed" : "counted", note: note ?? "", key });
      return data<FormReply>({ done: key });
    }
    case "delete": {
      const got = read(s.remove);
      if (got.status !== "success") throw data(null, { status: 400 });
      const { kind, id } = got.value;
      await (kind === "yarn" ? setYarnDeleted : setNotionDeleted)(scope, id, true);
      const label = form.get("label");
      return redirect(`/materials?deleted=${kind}:${id}&label=${encodeURIComponent(typeof label === "string" ? label.slice(0, 120) : "It")}`);
    }
    default:
      throw data(null, { status: 400 });
  }
}

type LoaderData = Awaited<ReturnType<typeof loader>>;
type YarnRow = LoaderData["yarns"][number];
type NotionRow = LoaderData["notions"][number];
type Open = { form: "yarn" | "notion" | "filling"; defaults: Record<string, string> } | { form: "swatch"; yarn: YarnRow } | { form: "count"; kind: "yarn" | "notion"; id: string; name: string; unit: "mass" | "pieces"; now: string };

const amount = (quantity: number, unit: "mass" | "pieces", r: Reading) => (unit === "mass" ? printMass((quantity / 1000) as Grams, r) : printTrimmed(quantity, 0, r.locale));
const moneyText = (n: number, r: Reading) => printNumber(n / 10 ** minorDigits(r.currency), minorDigits(r.currency), r.locale);
const massText = (mg: number, r: Reading) => printTrimmed(r.system === "metric" ? mg / 1000 : mg / 1000 / GRAMS_PER_OUNCE, 2, r.locale);

export default function Materials({ loaderData }: Route.ComponentProps) {
  const r = useReading();
  const [open, setOpen] = useState<Open>();
  const close = () => setOpen(undefined);
  const stock = (id: string, onHand: number, reserved: number, unit: "mass" | "pieces") => (
    <Stock data-short={reserved > onHand || undefined}>
      <b><ListFigure url={`/materials/${id}/reasons`} name="onHand">{amount(onHand, unit, r)}</ListFigure></b>
      {onHand < 0 ? <Badge $tone="bad">{unit === "mass" ? "weigh it" : "count them"}</Badge> : null}
      {reserved > 0 ? <span>{amount(reserved, unit, r)} promised</span> : null}
    </Stock>
  );
  const yarnDefaults = (y: YarnRow): Record<string, string> => ({ id: y.id, name: y.name, shade: y.shade, colour: y.colour, fibre: y.fibre, weightClass: String(y.weightClass), hookUm: printTrimmed(y.hookMm, 2, r.locale), mmPer100g: printTrimmed(r.system === "metric" ? y.metresPer100g : y.metresPer100g / METRES_PER_YARD, 1, r.locale), ballMg: massText(y.ballMg, r), ballPrice: moneyText(y.ballPrice, r) });
  const notionDefaults = (n: NotionRow): Record<string, string> => ({ id: n.id, kind: n.kind, name: n.name, sizeUm: n.sizeMm === undefined ? "" : printTrimmed(n.sizeMm, 2, r.locale), packSize: n.kind === "filling" ? massText(n.packSize, r) : String(n.packSize), packPrice: moneyText(n.packPrice, r) });
  const yarnColumns: readonly Column<YarnRow>[] = [
    { id: "yarn", header: "Yarn", value: (y) => `${y.name} ${y.shade} ${y.fibre}`, cell: (y) => (
      <Named>
        <YarnDisc colour={y.colour} name={`${y.name} ${y.shade}`} size={34} />
        <span>
          <b>{y.shade}</b> <Small>{y.name} · {y.fibre}</Small>
        </span>
      </Named>
    ) },
    { id: "class", header: "Class", minor: true, value: (y) => y.weightClass, cell: (y) => <>{y.weightClass} <Small>{CLASS_GAUGE[y.weightClass].name.us}</Small></> },
    { id: "length", header: r.system === "metric" ? "m per 100 g" : "yd per 100 g", numeric: true, minor: true, value: (y) => y.metresPer100g, cell: (y) => printYarnLength(y.metresPer100g as Metres, r) },
    { id: "price", header: "A ball", numeric: true, minor: true, value: (y) => y.ballPrice, cell: (y) => `${printMass((y.ballMg / 1000) as Grams, r)} · ${printMoney(y.ballPrice as Minor, r)}` },
    { id: "tension", header: "Tension", minor: true, value: (y) => (y.swatch ? 1 : 0), cell: (y) => (y.swatch ? <Badge $tone="good">{y.swatch.label.replace("your ", "")}</Badge> : <Small>trade average</Small>) },
    { id: "onhand", header: "On hand", numeric: true, value: (y) => y.onHand, cell: (y) => stock(y.id, y.onHand, y.reserved, "mass") },
    { id: "do", header: "", value: () => undefined, cell: (y) => (
      <Tools>
        <Tool label={`Weigh ${y.name}, ${y.shade}`} onClick={() => setOpen({ form: "count", kind: "yarn", id: y.id, name: `${y.name}, ${y.shade}`, unit: "mass", now: amount(y.onHand, "mass", r) })}><Scale size={17} aria-hidden /></Tool>
        <Tool label={`Add a swatch of ${y.name}, ${y.shade}`} onClick={() => setOpen({ form: "swatch", yarn: y })}><Ruler size={17} aria-hidden /></Tool>
        <Tool label={`Change ${y.name}, ${y.shade}`} onClick={() => setOpen({ form: "yarn", defaults: yarnDefaults(y) })}><SquarePen size={17} aria-hidden /></Tool>
        <Delete kind="yarn" id={y.id} label={`${y.name}, ${y.shade}`} />
      </Tools>
    ) },
  ];
  const notionColumns: readonly Column<NotionRow>[] = [
    { id: "name", header: "Notion", value: (n) => `${n.name} ${NOTION_LABELS[n.kind]}`, cell: (n) => <><b>{n.name}</b> <Small>{NOTION_LABELS[n.kind]}{n.sizeMm === undefined ? "" : ` · ${printLength(n.sizeMm as Mm, r, r.system === "metric" ? 1 : 2)}`}</Small></> },
    { id: "pack", header: "A pack", numeric: true, minor: true, value: (n) => n.packPrice, cell: (n) => `${amount(n.packSize, n.kind === "filling" ? "mass" : "pieces", r)} · ${printMoney(n.packPrice as Minor, r)}` },
    { id: "onhand", header: "On hand", numeric: true, value: (n) => n.onHand, cell: (n) => stock(n.id, n.onHand, n.reserved, n.kind === "filling" ? "mass" : "pieces") },
    { id: "do", header: "", value: () => undefined, cell: (n) => {
      const unit = n.kind === "filling" ? ("mass" as const) : ("pieces" as const);
      return (
        <Tools>
          <Tool label={`${unit === "mass" ? "Weigh" : "Count"} ${n.name}`} onClick={() => setOpen({ form: "count", kind: "notion", id: n.id, name: n.name, unit, now: amount(n.onHand, unit, r) })}><Scale size={17} aria-hidden /></Tool>
          <Tool label={`Change ${n.name}`} onClick={() => setOpen({ form: n.kind === "filling" ? "filling" : "notion", defaults: notionDefaults(n) })}><SquarePen size={17} aria-hidden /></Tool>
          <Delete kind="notion" id={n.id} label={n.name} />
        </Tools>
      );
    } },
  ];
  const add = (form: "yarn" | "notion" | "filling", defaults: Record<string, string> = {}) => <Button type="button" onClick={() => setOpen({ form, defaults })}><Plus size={16} aria-hidden /> {form === "yarn" ? "Yarn" : form === "filling" ? "Filling" : "Eyes, rings, packaging"}</Button>;
  const nothing = loaderData.yarns.length === 0 && loaderData.notions.length === 0;
  return (
    <Page>
      <PageHead>
        <h1>Materials</h1>
        {nothing ? null : <ButtonLink to="/materials.csv" reloadDocument><Download size={17} aria-hidden /> CSV</ButtonLink>}
      </PageHead>
      {nothing ? (
        <Empty>
          <h2>Begin with one yarn and one pack of eyes</h2>
          <p>From the ball band Lapka knows the length of 100 g, the class and the hook; from the price it knows what each piece costs. Weigh all balls of a shade together: that is your stock.</p>
          <Line>{add("yarn")}{add("notion")}{add("filling")}</Line>
        </Empty>
      ) : (
        <Stack $gap={20}>
          <Sheet $pad={false} aria-label="Yarns">
            <TableHead><h2>Yarn</h2>{add("yarn")}</TableHead>
            <DataTable rows={loaderData.yarns} columns={yarnColumns} rowId={(y) => y.id} label="Yarns" search="Find a yarn" empty="No yarn yet." />
          </Sheet>
          <Sheet $pad={false} aria-label="Notions">
            <TableHead><h2>Eyes, rings, filling, packaging</h2>{add("notion")}{add("filling")}</TableHead>
            <DataTable rows={loaderData.notions} columns={notionColumns} rowId={(n) => n.id} label="Notions" search="Find eyes, rings, packaging" empty="Nothing yet." />
          </Sheet>
        </Stack>
      )}
      <Modal title={titleOf(open)} open={open !== undefined} onClose={close}>
        {open?.form === "yarn" ? <YarnForm defaults={{ colour: "#5d6f78", weightClass: "3", ...open.defaults }} onDone={close} /> : null}
        {open?.form === "notion" ? <NotionForm defaults={{ kind: "eye", ...open.defaults }} onDone={close} /> : null}
        {open?.form === "filling" ? <FillingForm defaults={open.defaults} onDone={close} /> : null}
        {open?.form === "swatch" ? <SwatchForm yarnId={open.yarn.id} defaults={{ madeOn: loaderData.today, hookUm: printTrimmed(open.yarn.swatch?.hookMm ?? open.yarn.hookMm, 2, r.locale) }} onDone={close} /> : null}
        {open?.form === "count" ? <CountForm kind={open.kind} id={open.id} unit={open.unit} now={open.now} onDone={close} /> : null}
      </Modal>
    </Page>
  );
}

function titleOf(open: Open | undefined): string {
  if (!open) return "";
  switch (open.form) {
    case "yarn":
      return open.defaults.id ? "Change a yarn" : "Add a yarn";
    case "notion":
      return open.defaults.id ? "Change it" : "Add eyes, rings or packaging";
    case "filling":
      return open.defaults.id ? "Change the filling" : "Add a filling";
    case "swatch":
      return `Swatch of ${open.yarn.name}, ${open.yarn.shade}`;
    case "count":
      return `${open.unit === "mass" ? "Weigh" : "Count"} ${open.name}`;
  }
}

function Tool({ label, onClick, children }: { label: string; onClick: () => void; children: React.ReactNode }) {
  return (
    <Button type="button" $quiet aria-label={label} title={label} onClick={onClick}>
      {children}
    </Button>
  );
}

function Delete({ kind, id, label }: { kind: "yarn" | "notion"; id: string; label: string }) {
  return (
    <Form method="post">
      <input type="hidden" name="intent" value="delete" />
      <input type="hidden" name="kind" value={kind} />
      <input type="hidden" name="id" value={id} />
      <input type="hidden" name="label" value={label} />
      <Button type="submit" $quiet aria-label={`Delete ${label}`} title={`Delete ${label}`}>
        <Trash2 size={17} aria-hidden />
      </Button>
    </Form>
  );
}

const Named = styled.span`display: flex; gap: 11px; align-items: center; > span { display: grid; }`;
const Stock = styled.span`display: grid; b { font-weight: 600; } span { font-size: 13px; color: var(--soft); } &[data-short] span { color: var(--bad); font-weight: 560; }`;
const Tools = styled.span`display: inline-flex; justify-content: flex-end; gap: 2px;`;
const TableHead = styled(SheetHead)`padding: 12px 12px 0; margin: 0; align-items: center;`;
