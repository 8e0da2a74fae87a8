import { lazy, memo, useMemo, useState, useSyncExternalStore } from "react";
import {
  Label,
  Slider,
  SliderOutput,
  SliderThumb,
  SliderTrack,
  ToggleButton,
  ToggleButtonGroup,
} from "react-aria-components";
import styled from "styled-components";
import { layoutOf } from "@core/notation";
import { printLength, type Mm } from "@core/units";
import { Small } from "../../ui/basics";
import { Late } from "../../ui/late";
import { useReading } from "../../ui/reading";
import { type ItemAnalysis, shapeMesh, silhouetteOf } from "@core/item";
import { FaceNotes } from "./face-notes";
import { Silhouettes, type SlotColours } from "../figure/silhouette-view";

const ShapeGl = lazy(() => import("./shape-gl"));

type Firmness = "light" | "medium" | "firm";
type Light = { part: number; round: number } | undefined;
const DEGREES = 180 / Math.PI;

/** One part at a time, large, turned in the hand: the shape it takes when filled, to scale, with its eyes. */
export const ShapePanel = memo(function ShapePanel({
  analysis,
  colours,
  firmness,
  onFirmness,
  lit,
  onLight,
}: {
  analysis: ItemAnalysis;
  colours: SlotColours;
  firmness: Firmness;
  onFirmness: (f: Firmness) => void;
  lit: Light;
  onLight: (at: Light) => void;
}) {
  const r = useReading();
  const [chosen, setChosen] = useState(0);
  const [turn, setTurn] = useState(0);
  const [tilt, setTilt] = useState(0.22);
  const webGl = useSyncExternalStore(never, webGlHere, () => "none" as const);
  const [lost, setLost] = useState(false);
  const [view, setView] = useState<"round" | "drawn">();
  const flat = lost || webGl === "none" || (view ?? (webGl === "fast" ? "round" : "drawn")) === "drawn";
  const { parts } = analysis.piece;
  const index = Math.min(chosen, Math.max(0, parts.length - 1));
  const part = parts[index];
  // A new analysis mostly has the same shape: the solid is only made again when it differs.
  const signature = useMemo(
    () =>
      part
        ? JSON.stringify([
            part.part.name,
            part.fabric.shape?.rings,
            part.fabric.straight,
            part.part.rounds.map((x) => layoutOf(x).segments),
            part.part.events,
          ])
        : "",
    [part],
  );
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const mesh = useMemo(() => (part ? shapeMesh(part) : undefined), [signature]);
  if (!part)
    return <Small>No round is counted yet, so there is no shape. Write the first rounds of a part.</Small>;
  const degrees = Math.round(((((turn * DEGREES) % 360) + 540) % 360) - 180);
  const size = `${printLength(part.fabric.width, r)} wide, ${printLength(part.fabric.height, r)} tall${part.fabric.straight > 0 ? `, ${printLength(part.fabric.depth, r)} deep` : ""}`;
  const drawing = (
    <Silhouettes
      parts={[silhouetteOf(part, turn)]}
      colours={colours}
      height={300}
      scale
      label={`${part.part.name}: ${size}`}
      lit={lit?.part === index ? { part: 0, round: lit.round } : undefined}
    />
  );
  return (
    <Layout>
      <Stage>
        <View $drawn={!mesh || flat}>
          {mesh && !flat ? (
            <Late waits={drawing} lost={drawing}>
              <ShapeGl
                mesh={mesh}
                colours={colours}
                turn={turn}
                tilt={tilt}
                lit={lit?.part === index ? lit.round : undefined}
                label={`${part.part.name}, filled: ${size}. Arrow keys turn it.`}
                onTurn={(a, b) => {
                  setTurn(a);
                  setTilt(b);
                }}
                onRound={(round) => onLight(round === undefined ? undefined : { part: index, round })}
                onMissing={() => setLost(true)}
              />
            </Late>
          ) : (
            drawing
          )}
        </View>
        <Rule width={part.fabric.width} radius={mesh && !flat ? mesh.radius : undefined} />
        {mesh ? (
          <Turn
            value={degrees}
            minValue={-180}
            maxValue={180}
            step={5}
            onChange={(v) => setTurn((Array.isArray(v) ? (v[0] ?? 0) : v) / DEGREES)}
          >
            <Label>Turn it</Label>
            <SliderOutput>{({ state }) => `${state.values[0] ?? 0}°`}</SliderOutput>
            <SliderTrack>
              <SliderThumb />
            </SliderTrack>
          </Turn>
        ) : null}
        {mesh && webGl !== "none" && !lost ? (
          <Group
            aria-label="How it is shown"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[flat ? "drawn" : "round"]}
            onSelectionChange={(keys) => setView([...keys][0] as "round" | "drawn")}
            className="centred"
          >
            <ToggleButton id="round">Solid</ToggleButton>
            <ToggleButton id="drawn">Drawing</ToggleButton>
          </Group>
        ) : null}
      </Stage>
      <Facts>
        {parts.length > 1 ? (
          <div>
            <h3 id="shape-parts">Part</h3>
            <Group
              aria-labelledby="shape-parts"
              selectionMode="single"
              disallowEmptySelection
              selectedKeys={[String(index)]}
              onSelectionChange={(keys) => setChosen(Number([...keys][0] ?? 0))}
            >
              {parts.map((p, i) => (
                <ToggleButton key={i} id={String(i)}>
                  {p.part.name}
                </ToggleButton>
              ))}
            </Group>
          </div>
        ) : null}
        <div>
          <h3 id="shape-firm">Filling</h3>
          <Group
            aria-labelledby="shape-firm"
            selectionMode="single"
            disallowEmptySelection
            selectedKeys={[firmness]}
            onSelectionChange={(keys) => onFirmness(([...keys][0] ?? "medium") as Firmness)}
          >
            <ToggleButton id="light">Light</ToggleButton>
            <ToggleButton id="medium">Medium</ToggleButton>
            <ToggleButton id="firm">Firm</ToggleButton>
          </Group>
          {part.fabric.firmness !== firmness ? (
            <Small>The pattern itself says {part.fabric.firmness} for this part, and that goes first.</Small>
          ) : null}
        </div>
        <p>
          <b>{part.part.name}</b>: {size}.{" "}
          <Small>
            {part.fabric.form === "filled"
              ? `Filled ${part.fabric.firmness === "firm" ? "firmly" : part.fabric.firmness === "light" ? "lightly" : "to medium"}`
              : part.fabric.form === "hollow"
                ? "Not filled"
                : part.fabric.form === "cord"
                  ? "A cord"
                  : "Flat: only its outline"}
            : {part.fabric.because}.
          </Small>
        </p>
        <FaceNotes faces={analysis.faces} />
      </Facts>
    </Layout>
  );
});

/**
 * Asked before the large view is loaded, so that a browser without WebGL loads nothing and logs nothing.
 * Where only the processor draws it, turning would stutter: there the drawing comes first and the solid on
 * demand.
 */
let known: "fast" | "slow" | "none" | undefined;
function webGlHere(): "fast" | "slow" | "none" {
  known ??= canDraw({ failIfMajorPerformanceCaveat: true }) ? "fast" : canDraw({}) ? "slow" : "none";
  return known;
}
function canDraw(attributes: WebGLContextAttributes): boolean {
  const context = document.createElement("canvas").getContext("webgl2", attributes);
  context?.getExtension("WEBGL_lose_context")?.loseContext();
  return context !== null;
}
const never = () => () => undefined;

/** A measuring tape under the shape, as long as the shape is wide on screen. */
function Rule({ width, radius }: { width: number; radius: number | undefined }) {
  const r = useReading();
  if (radius === undefined) return null;
  // The camera takes in 2.5 radii over the height of the view (300 px).
  const px = 300 / (2.5 * radius);
  const step = r.system === "imperial" ? 25.4 / 4 : 5;
  const count = Math.max(2, Math.round(width / step));
  return (
    <svg
      width={Math.ceil(count * step * px) + 70}
      height={24}
      aria-hidden
      style={{ display: "block", margin: "0 auto" }}
    >
      <g stroke="var(--ink)" fill="var(--ink)">
        <path d={`M1 8H${1 + count * step * px}`} strokeWidth={1} />
        {Array.from({ length: count + 1 }, (_, i) => (
          <path key={i} d={`M${1 + i * step * px} 8v${i % 2 === 0 ? -7 : -4}`} strokeWidth={1} />
        ))}
        <text x={8 + count * step * px} y={12} stroke="none" fontSize={13}>
          {printLength((count * step) as Mm, r)}
        </text>
      </g>
    </svg>
  );
}

const Layout = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 18px 28px;
  @container (max-width: 760px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Stage = styled.div`
  display: grid;
  gap: 8px;
  align-content: start;
  min-width: 0;
`;
const View = styled.div<{ $drawn: boolean }>`
  height: 300px;
  display: ${(p) => (p.$drawn ? "grid" : "block")};
  place-items: center;
  & > svg {
    max-height: 100%;
  }
`;
const Facts = styled.div`
  display: grid;
  gap: 14px;
  align-content: start;
  min-width: 0;
  h3 {
    margin-bottom: 6px;
  }
`;
const Group = styled(ToggleButtonGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  &.centred {
    justify-content: center;
  }
  button {
    border: 1px solid var(--edge);
    background: transparent;
    border-radius: 4px;
    padding: 6px 12px;
    min-height: 34px;
    cursor: pointer;
  }
  button[data-selected] {
    background: var(--act);
    color: var(--act-ink);
    border-color: var(--act);
  }
`;
const Turn = styled(Slider)`
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 4px 12px;
  align-items: center;
  max-width: 420px;
  width: 100%;
  margin: 0 auto;
  font-size: 14px;
  .react-aria-SliderTrack {
    grid-column: 2;
    grid-row: 1;
    height: 30px;
    position: relative;
    &::before {
      content: "";
      position: absolute;
      left: 0;
      right: 0;
      top: 50%;
      height: 2px;
      background: var(--edge);
    }
  }
  .react-aria-SliderOutput {
    grid-column: 3;
    grid-row: 1;
    min-width: 4ch;
    text-align: right;
  }
  .react-aria-SliderThumb {
    width: 22px;
    height: 22px;
    border-radius: 50%;
    background: var(--act);
    top: 50%;
    &[data-focus-visible] {
      outline: 3px solid var(--focus);
      outline-offset: 2px;
    }
  }
`;
