import { ClipboardCopy, Download } from "lucide-react";
import { memo, useMemo, useState } from "react";
import styled from "styled-components";
import { PLAIN_STYLE, printPattern, type CheckedPattern, type HouseStyle } from "@core/notation";
import { Button, Row, Small } from "../../ui/basics";
import { Select } from "../../ui/field";

const KEY = "lapka-house-style";
const CHOICES = {
  terms: [
    ["us", "US terms"],
    ["uk", "UK terms"],
  ],
  label: [
    ["Rnd", "Rnd 3:"],
    ["Round", "Round 3:"],
    ["R", "R3:"],
  ],
  brackets: [
    ["round", "(sc, inc) × 6"],
    ["square", "[sc, inc] × 6"],
    ["stars", "*sc, inc* repeat 6 times"],
  ],
  total: [
    ["round", "total as (18)"],
    ["square", "total as [18]"],
    ["equals", "total as = 18"],
    ["words", "total as 18 sts."],
    ["none", "no totals"],
  ],
  format: [
    ["text", "plain text"],
    ["markdown", "Markdown"],
  ],
} as const;
type Choice = keyof typeof CHOICES;
const NAMES: Readonly<Record<Choice, string>> = {
  terms: "Terms",
  label: "Round label",
  brackets: "Repeats",
  total: "Totals",
  format: "Format",
};

function keptStyle(): HouseStyle {
  try {
    const raw = JSON.parse(window.localStorage.getItem(KEY) ?? "{}") as Partial<Record<Choice, string>>;
    const known = (Object.keys(CHOICES) as Choice[]).filter((k) => CHOICES[k].some(([v]) => v === raw[k]));
    return { ...PLAIN_STYLE, ...Object.fromEntries(known.map((k) => [k, raw[k]])) };
  } catch {
    return PLAIN_STYLE;
  }
}

/** The checked pattern written out in the house style, to copy or to save as a file. */
export const WrittenPanel = memo(function WrittenPanel({
  pattern,
  text,
  name,
  terms,
}: {
  pattern: CheckedPattern;
  text: string;
  name: string;
  terms: "us" | "uk";
}) {
  const [style, setStyle] = useState<HouseStyle>(() => ({
    ...keptStyle(),
    ...(window.localStorage.getItem(KEY) ? {} : { terms }),
  }));
  const [copied, setCopied] = useState(false);
  const written = useMemo(() => printPattern(pattern, text, style), [pattern, text, style]);
  const change = (key: Choice, value: string) => {
    const next = { ...style, [key]: value } as HouseStyle;
    setStyle(next);
    setCopied(false);
    try {
      window.localStorage.setItem(KEY, JSON.stringify(next));
    } catch {
      // A forbidden store only means that the choice is asked for again.
    }
  };
  if (pattern.parts.length === 0)
    return <Small>Nothing is counted yet, so there is nothing to write out.</Small>;
  const errors = pattern.problems.filter((p) => p.severity === "error").length;
  return (
    <div>
      <Choices>
        {(Object.keys(CHOICES) as Choice[]).map((key) => (
          <Select
            key={key}
            aria-label={NAMES[key]}
            value={style[key]}
            onChange={(e) => change(key, e.target.value)}
          >
            {CHOICES[key].map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </Select>
        ))}
        <label>
          <input
            type="checkbox"
            checked={style.saysSpiral}
            onChange={(e) => setStyle({ ...style, saysSpiral: e.target.checked })}
          />{" "}
          say how rounds are joined
        </label>
      </Choices>
      {errors > 0 ? (
        <Small>
          {errors === 1 ? "One round has" : `${errors} rounds have`} a slip and stand here as they were typed.
        </Small>
      ) : null}
      <Paper tabIndex={0} aria-label="The pattern in your style">
        {written}
      </Paper>
      <Row>
        <Button
          type="button"
          $primary
          onClick={() =>
            void navigator.clipboard.writeText(written).then(
              () => setCopied(true),
              () => setCopied(false),
            )
          }
        >
          <ClipboardCopy size={16} aria-hidden /> {copied ? "Copied" : "Copy"}
        </Button>
        <Button
          type="button"
          onClick={() => save(written, `${fileName(name)}.${style.format === "markdown" ? "md" : "txt"}`)}
        >
          <Download size={16} aria-hidden /> Save as a file
        </Button>
        <span role="status">
          <Small>
            {copied
              ? "The pattern is on the clipboard."
              : "Counted rounds are written anew; every other line stays as you typed it."}
          </Small>
        </span>
      </Row>
    </div>
  );
});

const fileName = (name: string) =>
  name
    .toLowerCase()
    .normalize("NFKD")
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-|-$/g, "") || "pattern";
function save(text: string, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([text], { type: "text/plain;charset=utf-8" }));
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}

const Choices = styled(Row)`
  select {
    width: auto;
  }
  label {
    display: inline-flex;
    gap: 6px;
    align-items: center;
  }
`;
const Paper = styled.pre`
  margin: 12px 0;
  padding: 16px 18px;
  max-height: 480px;
  overflow: auto;
  background: var(--ground);
  border: 1px solid var(--line);
  border-radius: 4px;
  white-space: pre-wrap;
  font: inherit;
  font-size: 14px;
  font-variation-settings: "MONO" 1;
`;
