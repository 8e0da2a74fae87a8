import styled from "styled-components";

/** A material's name, with its ball in front when it is yarn. */
export function MaterialName({
  label,
  colour,
  size = 22,
}: {
  label: string;
  colour: string | undefined;
  size?: number;
}) {
  return (
    <Labelled>
      {colour ? <YarnDisc colour={colour} name={label} size={size} /> : null}
      <span>{label}</span>
    </Labelled>
  );
}
const Labelled = styled.span`
  display: flex;
  gap: 9px;
  align-items: center;
`;

/** A wound ball seen from the side: hue and strand pattern both tell two yarns apart. */
export function YarnDisc({ colour, name, size = 26 }: { colour: string; name: string; size?: number }) {
  const kind = [...name].reduce((sum, ch) => (sum * 31 + ch.charCodeAt(0)) >>> 0, 7) % 5;
  const strand = luminance(colour) > 0.45 ? "rgb(0 0 0 / 0.42)" : "rgb(255 255 255 / 0.55)";
  const turn = kind * 37;
  return (
    <svg width={size} height={size} viewBox="0 0 26 26" role="img" aria-label={name} style={{ flex: "none" }}>
      <circle cx="13" cy="13" r="12" fill={colour} stroke="var(--edge)" strokeWidth="1" />
      <g
        fill="none"
        stroke={strand}
        strokeWidth="1.1"
        strokeLinecap="round"
        transform={`rotate(${turn} 13 13)`}
      >
        {STRANDS[kind]?.map((d) => (
          <path key={d} d={d} />
        ))}
      </g>
    </svg>
  );
}

const STRANDS: readonly (readonly string[])[] = [
  ["M3 10c6-5 14-5 20 0", "M2 14c7-6 15-6 22 0", "M4 18c6-5 12-5 18 0"],
  ["M5 6c2 5 2 10 0 15", "M10 3c3 7 3 14 0 20", "M16 3c3 7 3 14 0 20"],
  ["M3 11c7 0 13-3 17-8", "M2 15c9 0 16-4 21-10", "M6 20c2-6 8-10 16-12", "M11 23c1-6 5-9 12-10"],
  ["M13 3c-6 5-6 15 0 20", "M13 3c6 5 6 15 0 20", "M3 13h20"],
  ["M4 9c5 3 12 3 18-1", "M3 14c6 4 14 3 20-1", "M8 4c-2 6-2 12 1 18", "M18 4c2 6 2 12-1 18"],
];

/** Relative luminance, WCAG 2.2. */
export function luminance(hex: string): number {
  const channel = (i: number) => {
    const v = parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16) / 255;
    return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * channel(0) + 0.7152 * channel(1) + 0.0722 * channel(2);
}
