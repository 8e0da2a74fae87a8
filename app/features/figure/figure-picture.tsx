import { useState } from "react";
import styled from "styled-components";

export interface PictureOf {
  readonly itemId: string;
  /** What the picture shows, in short: see `pictureMark`. */
  readonly mark: string;
  readonly colourwayId?: string | undefined;
}

export const pictureUrl = (p: PictureOf, view: string, side: number, as: "png" | "svg" = "png"): string =>
  `/items/${p.itemId}/figure.${as}?view=${view}&w=${side}${p.colourwayId ? `&c=${p.colourwayId}` : ""}&v=${p.mark}`;

/** An item's picture, put together; nothing where there is none, or none can be had. `side` in CSS pixels. */
export function FigurePicture({
  of,
  name,
  side,
  view = "turned",
}: {
  of: PictureOf;
  name: string;
  side: number;
  view?: string;
}) {
  const url = pictureUrl(of, view, side * 2);
  const [missing, setMissing] = useState("");
  return missing === url ? (
    <Blank style={{ width: side, height: side }} aria-hidden />
  ) : (
    <Shown
      src={url}
      alt={name === "" ? "" : `${name}, put together`}
      width={side}
      height={side}
      loading="lazy"
      decoding="async"
      onError={() => setMissing(url)}
    />
  );
}

const Shown = styled.img`
  display: block;
  object-fit: contain;
`;
const Blank = styled.span`
  display: block;
`;
