import { useId, useState } from "react";
import styled from "styled-components";
import { tensionOf } from "@core/estimate";
import { EYE_SIZES } from "@core/fabric";
import { reachSize, roundsToReach } from "@core/figure";
import { parseLength, printLength, printTrimmed, type Mm } from "@core/units";
import { Small } from "../../ui/basics";
import { Input } from "../../ui/field";
import { useReading } from "../../ui/reading";
import { YarnDisc } from "../../ui/yarn-disc";
import { mainOf, specOfYarn, type ItemAnalysis, type YarnView } from "../items/analyse";

/** Hooks that a yarn may sensibly be worked with beside its own, mm. */
const HOOK_STEPS = [-0.5, 0, 0.5];
const SHOWN = 4;
/** Nearer than this no ruler tells the difference. */
const NEAR = 1;

/**
 * "Make it 50 mm tall": which yarn and hook comes nearest, and what it changes; or which even rounds to add.
 */
export function ReachPanel({
  analysis,
  height,
  yarns,
}: {
  analysis: ItemAnalysis;
  height: number;
  yarns: readonly YarnView[];
}) {
  const r = useReading();
  const id = useId();
  const [typed, setTyped] = useState("");
  const read =
    typed.trim() === "" ? undefined : parseLength(typed, r.locale, r.system === "imperial" ? "in" : "mm");
  const wanted = read?.ok && read.value >= 5 && read.value <= 2000 ? read.value : undefined;
  const main = mainOf(analysis.piece);
  const stitch = main?.fabric.stitch;
  const found = wanted === undefined || !stitch ? [] : nearestYarns(wanted, height, stitch.width, yarns);
  const eyes = analysis.piece.hardware.find((h) => h.kind === "eye")?.sizeMm;
  const rounds = wanted === undefined || !stitch ? 0 : roundsToReach(wanted, height, stitch.height);
  const nearest = (size: number) =>
    EYE_SIZES.reduce((best, s) => (Math.abs(s - size) < Math.abs(best - size) ? s : best), EYE_SIZES[0] ?? 6);
  return (
    <Box>
      <label htmlFor={id}>
        <b>Make it</b>
      </label>{" "}
      <Input
        id={id}
        value={typed}
        inputMode="decimal"
        autoComplete="off"
        placeholder={String(Math.round(height))}
        onChange={(e) => setTyped(e.target.value)}
        style={{ width: 90, display: "inline-block" }}
      />{" "}
      {r.system === "imperial" ? "in" : "mm"} tall
      {typed.trim() !== "" && wanted === undefined ? (
        <Small role="alert"> Write a height between 5 mm and 2 m.</Small>
      ) : null}
      {wanted === undefined ? null : (
        <>
          <ul>
            {found.map((x) => (
              <li key={x.key}>
                <YarnDisc colour={x.yarn.colour} name={x.yarn.name} size={18} />
                <span>
                  <b>
                    {x.yarn.name}, hook {printTrimmed(x.hook, 2, r.locale)} mm
                  </b>{" "}
                  comes to {printLength(x.height as Mm, r)}
                  {Math.abs(x.off) < NEAR
                    ? ""
                    : `, ${printLength(Math.abs(x.off) as Mm, r)} too ${x.off < 0 ? "small" : "large"}`}
                  <Small>
                    {" "}
                    yarn × {printTrimmed(x.ratio, 2, r.locale)} in length, filling ×{" "}
                    {printTrimmed(x.filling, 2, r.locale)}
                    {eyes === undefined ? "" : `, eyes of ${nearest(eyes * x.ratio)} mm`}
                  </Small>
                </span>
              </li>
            ))}
          </ul>
          {rounds !== 0 && main ? (
            <p>
              Or {rounds > 0 ? "add" : "take out"}{" "}
              <b>
                {Math.abs(rounds)} even {Math.abs(rounds) === 1 ? "round" : "rounds"}
              </b>{" "}
              {rounds > 0 ? "to" : "of"} the {main.part.name.toLowerCase()} where it is widest: its width
              stays. <Small>Look at the parts afterwards: what is placed by round number may move.</Small>
            </p>
          ) : null}
        </>
      )}
    </Box>
  );
}

/** Of each line of yarn the hook that comes nearest: shades of one line are alike. */
function nearestYarns(wanted: number, height: number, width: number, yarns: readonly YarnView[]) {
  const others = yarns
    .filter((y) => !y.deleted)
    .flatMap((y) =>
      HOOK_STEPS.map((step) => y.hookMm + step)
        .filter((hook) => hook >= 1)
        .map((hook) => ({ key: `${y.id} ${hook}`, width: tensionOf(specOfYarn(y, hook, 1)).gauge.width })),
    );
  const lines = new Set<string>();
  return reachSize(wanted, { height, width }, others)
    .flatMap((x) => {
      const [yarnId = "", hook = ""] = x.key.split(" ");
      const yarn = yarns.find((y) => y.id === yarnId);
      if (!yarn || lines.has(yarn.name)) return [];
      lines.add(yarn.name);
      return [{ ...x, yarn, hook: Number(hook), ratio: x.yarn }];
    })
    .slice(0, SHOWN);
}

const Box = styled.div`
  ul {
    list-style: none;
    margin: 8px 0;
    padding: 0;
    display: grid;
    gap: 6px;
  }
  li {
    display: flex;
    gap: 9px;
    align-items: flex-start;
  }
  p {
    margin: 4px 0;
  }
`;
