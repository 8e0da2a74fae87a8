import { Download, Plus, Ruler, Scale, SquarePen } from "lucide-react";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import styled from "styled-components";
import type { Route } from "./+types/materials";
import { listHands } from "@db/queries/hands";
import { handOptions } from "../features/hand/choices.server";
import {
  printLength,
  printMass,
  printMoney,
  printTrimmed,
  printYarnLength,
  type Metres,
  milligramsToGrams,
  micrometresToMm,
} from "@core/units";
import { CLASS_GAUGE, type WeightClass } from "@core/fabric";
import { swatchLabel } from "../features/items/load.server";
import { group } from "d3-array";
import { materialAction } from "../features/materials/actions.server";
import { BallRack, rackOf } from "../features/materials/balls";
import { amountText, notionDefaults, yarnDefaults } from "../features/materials/defaults";
import {
  CountForm,
  FillingForm,
  NotionForm,
  SwatchForm,
  useForms,
  YarnForm,
} from "../features/materials/forms-later";
import type { Counted } from "../features/materials/forms";
import { ballsByYarn, loadCupboard } from "../features/materials/load.server";
import { MaterialsNav } from "../features/materials/nav";
import { NOTION_LABELS } from "../features/materials/kinds";
import { FILE_FORM, once, openForm } from "../server/form.server";
import { keep } from "../server/kept";
import { openWorkshop, todayOf } from "../server/scope.server";
import { keepPage } from "../ui/away";
import {
  Badge,
  Button,
  ButtonLink,
  Empty,
  Page,
  PageHead,
  Row as Line,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { DataTable, type Column } from "../ui/data-table";
import { ListFigure } from "../ui/figure";
import { Modal } from "../ui/modal";
import { pack, unpack, type RowOf } from "../ui/packed";
import { useReading } from "../ui/reading";
import { YarnDisc } from "../ui/yarn-disc";
import { allSwatches } from "../server/rows.server";

export const meta: Route.MetaFunction = () => [{ title: "Materials · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, reading } = await openWorkshop(request, context);
  const [cupboard, balls, swatches, hands] = await Promise.all([
    loadCupboard(scope),
    ballsByYarn(scope),
    allSwatches(scope),
    listHands(scope),
  ]);
  const ofYarn = group(swatches, (x) => x.yarnId);
  const stock = (id: string) => ({
    onHand: cupboard.onHand.get(id) ?? 0,
    reserved: cupboard.reserved.get(id) ?? 0,
    onOrder: cupboard.onOrder.get(id) ?? 0,
    runningLow: cupboard.low.get(id)?.low ?? false,
  });
  const list = await keep(scope, "yarn list", ["materials"], async () => ({
    ids: cupboard.yarns.map((y) => y.id),
    packed: pack(cupboard.yarns.map(({ workshopId: _w, createdAt: _c, deletedAt: _d, ...y }) => y)),
  }));
  const inDrawer = list.ids.map((yarn) => ({
    ...stock(yarn),
    swatch: swatchLabel(ofYarn.get(yarn) ?? [], reading),
    ...rackOf(balls.get(yarn) ?? []),
  }));
  return {
    today: todayOf(scope),
    hands: handOptions(hands),
    yarns: list.packed,
    inDrawer: pack(inDrawer),
    notions: cupboard.notions.map(({ workshopId: _w, createdAt: _c, deletedAt: _d, ...n }) => ({
      ...n,
      ...stock(n.id),
    })),
    suppliers: cupboard.suppliers
      .filter((x) => x.deletedAt === null)
      .map((x) => ({ value: x.id, label: x.name })),
  };
}

export async function action(args: Route.ActionArgs) {
  // A swatch may bring its picture along.
  const { form, opened } = await openForm(args, FILE_FORM);
  return once(opened, form, (o) => materialAction(form, o));
}

type LoaderData = Awaited<ReturnType<typeof loader>>;
type YarnRow = RowOf<LoaderData["yarns"]> & RowOf<LoaderData["inDrawer"]>;
type NotionRow = LoaderData["notions"][number];
type Open =
  | { form: "yarn" | "notion" | "filling"; defaults: Record<string, string> }
  | { form: "swatch"; yarn: YarnRow }
  | { form: "count"; of: Counted; name: string };

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Materials({ loaderData }: Route.ComponentProps) {
  useForms();
  const r = useReading();
  const yarns = useMemo(() => {
    const inDrawer = unpack(loaderData.inDrawer);
    return unpack(loaderData.yarns).map((y, i) => Object.assign(y, inDrawer[i])) as YarnRow[];
  }, [loaderData.yarns, loaderData.inDrawer]);
  const [open, setOpen] = useState<Open>();
  const close = () => setOpen(undefined);
  const stock = (
    x: { id: string; onHand: number; reserved: number; onOrder: number; runningLow: boolean },
    unit: "mass" | "pieces",
  ) => (
    <Stock data-short={x.reserved > x.onHand || undefined}>
      <b>
        <ListFigure url={`/materials/${x.id}/reasons`} name="onHand">
          {amountText(x.onHand, unit, r)}
        </ListFigure>
      </b>
      {x.onHand < 0 ? (
        <Badge $tone="bad">{unit === "mass" ? "weigh it" : "count them"}</Badge>
      ) : x.runningLow ? (
        <Badge $tone="warn">running low</Badge>
      ) : null}
      {x.reserved > 0 ? <span>{amountText(x.reserved, unit, r)} promised</span> : null}
      {x.onOrder > 0 ? <span>{amountText(x.onOrder, unit, r)} on its way</span> : null}
    </Stock>
  );
  const yarnColumns: readonly Column<YarnRow>[] = [
    {
      id: "yarn",
      header: "Yarn",
      value: (y) => `${y.name} ${y.shade} ${y.fibre}`,
      cell: (y) => (
        <Named>
          <YarnDisc colour={y.colour} name={`${y.name} ${y.shade}`} size={34} />
          <span>
            <Link to={`/materials/${y.id}`}>
              <b>{y.shade}</b>
            </Link>{" "}
            <Small>
              {y.name} · {y.fibre}
            </Small>
          </span>
        </Named>
      ),
    },
    {
      id: "class",
      header: "Class",
      minor: true,
      value: (y) => y.weightClass,
      cell: (y) => (
        <>
          {y.weightClass} <Small>{CLASS_GAUGE[y.weightClass as WeightClass].name.us}</Small>
        </>
      ),
    },
    {
      id: "length",
      header: r.system === "metric" ? "m per 100 g" : "yd per 100 g",
      numeric: true,
      minor: true,
      value: (y) => y.mmPer100g,
      cell: (y) => (
        <>
          {printYarnLength((y.mmPer100g / 1000) as Metres, r)}
          {y.lengthSigmaBp > 0 ? (
            <Small> ± {printTrimmed((1.645 * y.lengthSigmaBp) / 100, 0, r.locale)} %</Small>
          ) : null}
        </>
      ),
    },
    {
      id: "price",
      header: "A ball",
      numeric: true,
      minor: true,
      value: (y) => y.ballPrice,
      cell: (y) => `${printMass(milligramsToGrams(y.ballMg), r)} · ${printMoney(y.ballPrice, r)}`,
    },
    {
      id: "tension",
      header: "Tension",
      minor: true,
      value: (y) => (y.swatch ? 1 : 0),
      cell: (y) =>
        y.swatch ? <Badge $tone="good">{y.swatch.replace("your ", "")}</Badge> : <Small>trade average</Small>,
    },
    {
      id: "balls",
      header: "Balls",
      minor: true,
      value: (y) => y.balls,
      cell: (y) => (
        <BallRack rack={y} colour={y.colour} name={`${y.name} ${y.shade}`} to={`/materials/${y.id}`} />
      ),
    },
    { id: "onhand", header: "On hand", numeric: true, value: (y) => y.onHand, cell: (y) => stock(y, "mass") },
    {
      id: "do",
      header: "",
      minor: true,
      value: () => undefined,
      cell: (y) => (
        <Tools>
          <ButtonLink
            to={`/materials/${y.id}`}
            aria-label={`Weigh ${y.name}, ${y.shade}`}
            title={`Weigh ${y.name}, ${y.shade}`}
            $quiet
          >
            <Scale size={17} aria-hidden />
          </ButtonLink>
          <Tool
            label={`Add a swatch of ${y.name}, ${y.shade}`}
            onClick={() => setOpen({ form: "swatch", yarn: y })}
          >
            <Ruler size={17} aria-hidden />
          </Tool>
          <Tool
            label={`Change ${y.name}, ${y.shade}`}
            onClick={() => setOpen({ form: "yarn", defaults: yarnDefaults(y, r) })}
          >
            <SquarePen size={17} aria-hidden />
          </Tool>
        </Tools>
      ),
    },
  ];
  const notionColumns: readonly Column<NotionRow>[] = [
    {
      id: "name",
      header: "Notion",
      value: (n) => `${n.name} ${NOTION_LABELS[n.kind]}`,
      cell: (n) => (
        <Named>
          {n.colour && (n.kind === "eye" || n.kind === "nose" || n.kind === "bead") ? (
            <Bead style={{ background: n.colour }} aria-hidden />
          ) : null}
          <span>
            <Link to={`/materials/${n.id}`}>
              <b>{n.name}</b>
            </Link>{" "}
            <Small>
              {NOTION_LABELS[n.kind]}
              {n.sizeUm === null
                ? ""
                : ` · ${printLength(micrometresToMm(n.sizeUm), r, r.system === "metric" ? 1 : 2)}`}
              {n.place ? ` · ${n.place}` : ""}
            </Small>
          </span>
        </Named>
      ),
    },
    {
      id: "pack",
      header: "A pack",
      numeric: true,
      minor: true,
      value: (n) => n.packPrice,
      cell: (n) =>
        `${amountText(n.packSize, n.kind === "filling" ? "mass" : "pieces", r)}${n.spares ? ` + ${n.spares}` : ""} · ${printMoney(n.packPrice, r)}`,
    },
    {
      id: "onhand",
      header: "On hand",
      numeric: true,
      value: (n) => n.onHand,
      cell: (n) => stock(n, n.kind === "filling" ? "mass" : "pieces"),
    },
    {
      id: "do",
      header: "",
      minor: true,
      value: () => undefined,
      cell: (n) => {
        const unit = n.kind === "filling" ? ("mass" as const) : ("pieces" as const);
        return (
          <Tools>
            <Tool
              label={`${unit === "mass" ? "Weigh" : "Count"} ${n.name}`}
              onClick={() =>
                setOpen({
                  form: "count",
                  of: { kind: "notion", id: n.id, unit, now: amountText(n.onHand, unit, r) },
                  name: n.name,
                })
              }
            >
              <Scale size={17} aria-hidden />
            </Tool>
            <Tool
              label={`Change ${n.name}`}
              onClick={() =>
                setOpen({ form: n.kind === "filling" ? "filling" : "notion", defaults: notionDefaults(n, r) })
              }
            >
              <SquarePen size={17} aria-hidden />
            </Tool>
          </Tools>
        );
      },
    },
  ];
  const add = (form: "yarn" | "notion" | "filling", defaults: Record<string, string> = {}) => (
    <Button type="button" onClick={() => setOpen({ form, defaults })}>
      <Plus size={16} aria-hidden />{" "}
      {form === "yarn" ? "Yarn" : form === "filling" ? "Filling" : "Eyes, rings, packaging"}
    </Button>
  );
  const nothing = yarns.length === 0 && loaderData.notions.length === 0;
  const { suppliers } = loaderData;
  return (
    <Page>
      <PageHead>
        <h1>Materials</h1>
        {nothing ? null : (
          <ButtonLink to="/materials.csv" reloadDocument>
            <Download size={17} aria-hidden /> CSV
          </ButtonLink>
        )}
      </PageHead>
      <MaterialsNav />
      {nothing ? (
        <Empty>
          <h2>Begin with one yarn and one pack of eyes</h2>
          <p>
            From the ball band Lapka knows the length of 100 g, the class and the hook; from the price it
            knows what each piece costs. Weigh all balls of a shade together: that is your stock. A list you
            already keep can be brought in from a CSV file.
          </p>
          <Line>
            {add("yarn")}
            {add("notion")}
            {add("filling")}
            <ButtonLink to="/materials/import">From a CSV file</ButtonLink>
          </Line>
        </Empty>
      ) : (
        <Stack $gap={20}>
          <Sheet $pad={false} aria-label="Yarns">
            <TableHead>
              <h2>Yarn</h2>
              {add("yarn")}
            </TableHead>
            <DataTable
              rows={yarns}
              columns={yarnColumns}
              rowId={(y) => y.id}
              label="Yarns"
              search="Find a yarn"
              empty="No yarn yet."
            />
          </Sheet>
          <Sheet $pad={false} aria-label="Notions">
            <TableHead>
              <h2>Eyes, rings, filling, packaging</h2>
              {add("notion")}
              {add("filling")}
            </TableHead>
            <DataTable
              rows={loaderData.notions}
              columns={notionColumns}
              rowId={(n) => n.id}
              label="Notions"
              search="Find eyes, rings, packaging"
              empty="Nothing yet."
            />
          </Sheet>
        </Stack>
      )}
      <Modal title={titleOf(open)} open={open !== undefined} onClose={close}>
        {open?.form === "yarn" ? (
          <YarnForm
            suppliers={suppliers}
            defaults={{ colour: "#5d6f78", weightClass: "3", ...open.defaults }}
            onDone={close}
          />
        ) : null}
        {open?.form === "notion" ? (
          <NotionForm
            suppliers={suppliers}
            washers={loaderData.notions
              .filter((n) => n.kind === "washer")
              .map((n) => ({ value: n.id, label: n.name }))}
            defaults={{ kind: "eye", ...open.defaults }}
            onDone={close}
          />
        ) : null}
        {open?.form === "filling" ? (
          <FillingForm suppliers={suppliers} defaults={open.defaults} onDone={close} />
        ) : null}
        {open?.form === "swatch" ? (
          <SwatchForm
            yarnId={open.yarn.id}
            hands={loaderData.hands}
            defaults={{
              madeOn: loaderData.today,
              hookUm: printTrimmed(open.yarn.hookUm / 1000, 2, r.locale),
            }}
            onDone={close}
          />
        ) : null}
        {open?.form === "count" ? <CountForm of={open.of} onDone={close} /> : null}
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
      return `${open.of.unit === "mass" ? "Weigh" : "Count"} ${open.name}`;
  }
}

function Tool({
  label,
  onClick,
  children,
}: {
  label: string;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <Button type="button" $quiet aria-label={label} title={label} onClick={onClick}>
      {children}
    </Button>
  );
}

const Bead = styled.i`
  width: 14px;
  height: 14px;
  border-radius: 50%;
  border: 1px solid var(--edge);
  flex: none;
`;
const Named = styled.span`
  display: flex;
  gap: 11px;
  align-items: center;
  > span {
    display: grid;
    justify-items: start;
  }
`;
const Stock = styled.span`
  display: grid;
  justify-items: end;
  b {
    font-weight: 600;
  }
  span {
    font-size: 13px;
    color: var(--soft);
  }
  &[data-short] span {
    color: var(--bad);
    font-weight: 560;
  }
`;
const Tools = styled.span`
  display: inline-flex;
  justify-content: flex-end;
  gap: 2px;
`;
const TableHead = styled(SheetHead)`
  padding: 12px 12px 0;
  margin: 0;
  align-items: center;
`;
