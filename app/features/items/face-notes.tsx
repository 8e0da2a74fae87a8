import { ClipboardCopy } from "lucide-react";
import { useState } from "react";
import styled from "styled-components";
import { LEAST_EYE_OPENING } from "@core/notation";
import type { FacePlacement } from "@core/fabric";
import { printLength, printTrimmed, type Reading } from "@core/units";
import { Badge, Button, Small } from "../../ui/basics";
import { useReading } from "../../ui/reading";
import type { ItemAnalysis } from "@core/item";

const plural = (f: FacePlacement) =>
  f.what === "nose" ? (f.count === 1 ? "nose" : "noses") : f.count === 1 ? "eye" : "eyes";

/** The note that keeps a series alike: one sentence she can print or copy. */
export function positionNote(part: string, f: FacePlacement, r: Reading): string {
  const size = f.sizeMm === undefined ? "" : `${printTrimmed(f.sizeMm, 1, r.locale)} mm `;
  const where =
    f.rounds[0] === f.rounds[1]
      ? `in round ${f.rounds[0]}`
      : `between rounds ${f.rounds[0]} and ${f.rounds[1]}`;
  const apart =
    f.count > 1 && f.apart !== undefined
      ? `, ${f.apart} stitches apart: ${printLength(f.straight, r)} from middle to middle, ${printLength(f.along, r)} along the fabric`
      : "";
  const before = f.lastSafe
    ? ` Press them on by the end of round ${f.lastSafe.round}, while ${f.lastSafe.stitches} stitches are open.`
    : "";
  return `${part}: ${["no", "one", "two", "three", "four"][f.count] ?? `${f.count} ×`} ${size}${plural(f)} ${where}${apart}.${before}`;
}

/** Eyes in millimetres, degrees and as a share of the face, with the opening they need. */
export function FaceNotes({ faces }: { faces: ItemAnalysis["faces"] }) {
  const r = useReading();
  const [copied, setCopied] = useState(false);
  if (faces.length === 0)
    return (
      <Small>
        No eyes are placed yet. Write a line such as “Insert 6 mm eyes between rounds 5 and 6, 4 sts apart”
        and their distance shows here.
      </Small>
    );
  const notes = faces.map(({ part, face }) => positionNote(part, face, r));
  return (
    <div>
      <h3>Eyes and features</h3>
      {faces.map(({ part, face }, i) => (
        <Face key={i}>
          <dl>
            <dt>{part}</dt>
            <dd>
              {face.count} {plural(face)}, rounds {face.rounds[0]}–{face.rounds[1]}
            </dd>
            {face.count > 1 ? (
              <>
                <dt>Middle to middle</dt>
                <dd>
                  {printLength(face.straight, r)}{" "}
                  <Small>straight; {printLength(face.along, r)} on the tape</Small>
                </dd>
                <dt>Seen from above</dt>
                <dd>
                  {Math.round(face.degrees)}°{" "}
                  <Small>
                    {face.apart} of {face.around} stitches
                  </Small>
                </dd>
                <dt>Share of the face</dt>
                <dd>{Math.round(face.share * 100)} % of its width</dd>
              </>
            ) : null}
            <dt>Size</dt>
            <dd>
              {face.sizeMm === undefined ? "not said" : `${printTrimmed(face.sizeMm, 1, r.locale)} mm`}{" "}
              <Small>about {printTrimmed(face.suggestedMm, 1, r.locale)} mm suits this width</Small>
            </dd>
            <dt>Opening then</dt>
            <dd>
              {face.opening === undefined ? "not said when" : `${face.opening} stitches`}{" "}
              {face.opening !== undefined && face.opening < LEAST_EYE_OPENING ? (
                <Badge $tone="warn">too tight for a washer</Badge>
              ) : null}
              {face.lastSafe ? (
                <Small>
                  {" "}
                  {LEAST_EYE_OPENING} at the least: round {face.lastSafe.round} is the last
                </Small>
              ) : null}
            </dd>
          </dl>
        </Face>
      ))}
      <Note>
        <b>Position note for the series</b>
        {notes.map((n) => (
          <p key={n}>{n}</p>
        ))}
        <Button
          type="button"
          onClick={() => {
            void navigator.clipboard.writeText(notes.join("\n")).then(
              () => setCopied(true),
              () => setCopied(false),
            );
          }}
        >
          <ClipboardCopy size={16} aria-hidden /> {copied ? "Copied" : "Copy the note"}
        </Button>
        <Small>
          Eyes with washers are small parts: not for children under three. Look at the position before you
          press; a washer does not come off again.
        </Small>
      </Note>
    </div>
  );
}

const Face = styled.div`
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 3px 14px;
    margin: 0 0 8px;
  }
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
  }
`;
const Note = styled.div`
  display: grid;
  gap: 7px;
  justify-items: start;
  padding: 11px 14px;
  background: var(--tag);
  color: var(--tag-ink);
  border-radius: 4px;
  ${Small} {
    color: inherit;
  }
`;
