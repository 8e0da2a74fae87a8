import { Download } from "lucide-react";
import styled from "styled-components";
import { Sheet, SheetHead, Small } from "../../ui/basics";

type File = readonly [path: string, kind: string];

/** What an item can be kept as, so that any other program opens it. Paths stand below the item's own. */
const FILES: readonly { readonly what: string; readonly about: string; readonly files: readonly File[] }[] = [
  {
    what: "Pattern",
    about: "typed, counted, reckoned",
    files: [
      ["pattern.txt", "Text"],
      ["pattern.md", "Markdown"],
      ["item.json", "JSON"],
    ],
  },
  {
    what: "Rounds",
    about: "the ladder of every part",
    files: [
      ["ladder.svg", "SVG"],
      ["ladder.png", "PNG"],
    ],
  },
  {
    what: "Parts",
    about: "side by side, to one scale, with a rule",
    files: [
      ["shape.svg", "SVG"],
      ["shape.png", "PNG"],
    ],
  },
  ...(["front", "side", "back"] as const).map((view) => ({
    what: `Figure, ${view}`,
    about: "put together, in its yarns",
    files: [
      [`figure.svg?view=${view}&w=1200`, "SVG"],
      [`figure.png?view=${view}&w=1200`, "PNG"],
    ] as const,
  })),
];

/** Drawings are of the colours that are chosen; a pattern has none. */
const addressOf = (itemId: string, path: string, colourway: string): string => {
  const drawn = /\.(?:svg|png)\b/.test(path);
  const of = drawn && colourway !== "" ? `${path.includes("?") ? "&" : "?"}c=${colourway}` : "";
  return `/items/${itemId}/${path}${of}`;
};

/** Files to keep or to hand on, one by one; the ZIP at the head of the page has them all. */
export const OpenFiles = ({ itemId, colourway }: { itemId: string; colourway: string }) => (
  <Sheet aria-labelledby="files-title">
    <SheetHead>
      <h2 id="files-title">Files that open anywhere</h2>
    </SheetHead>
    <List>
      {FILES.map(({ what, about, files }) => (
        <li key={what}>
          <span>
            <b>{what}</b> <Small>{about}</Small>
          </span>
          <span className="links">
            {files.map(([path, kind]) => (
              <a
                key={path}
                href={addressOf(itemId, path, colourway)}
                download
                aria-label={`${what} as ${kind}`}
              >
                <Download size={15} aria-hidden /> {kind}
              </a>
            ))}
          </span>
        </li>
      ))}
    </List>
  </Sheet>
);

const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 2px 16px;
    padding: 5px 0;
    border-top: 1px solid var(--line);
  }
  li:first-child {
    border-top: 0;
  }
  .links {
    display: flex;
    gap: 14px;
  }
  a {
    display: inline-flex;
    align-items: center;
    gap: 5px;
    min-height: 28px;
  }
`;
