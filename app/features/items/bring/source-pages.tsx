import type { TextPlace } from "@core/page";
import { useEffect, useRef } from "react";
import styled from "styled-components";
import type { SourcePicture } from "./source";

const part = (a: number, of: number) => `${((100 * a) / of).toFixed(3)}%`;

/** The pages as they came, with the words to look at outlined on them. */
export function SourcePages({
  pictures,
  unsure,
  at,
}: {
  pictures: readonly SourcePicture[];
  unsure: readonly TextPlace[];
  at: TextPlace | undefined;
}) {
  const current = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    current.current?.scrollIntoView({ block: "center", inline: "nearest" });
  }, [at]);
  return pictures.map((picture, n) => (
    <Sheet key={picture.url}>
      <img src={picture.url} alt={`Page ${n + 1} as it came`} width={picture.width} height={picture.height} />
      {unsure
        .filter((p) => p.page === n)
        .map((p) => (
          <Mark
            key={p.from}
            ref={p === at ? current : undefined}
            $at={p === at}
            style={{
              left: part(p.box.x, picture.width),
              top: part(p.box.y, picture.height),
              width: part(p.box.width, picture.width),
              height: part(p.box.height, picture.height),
            }}
          />
        ))}
    </Sheet>
  ));
}

/** One word of the source, large. */
export function WordPicture({ place, picture }: { place: TextPlace; picture: SourcePicture | undefined }) {
  if (!picture) return null;
  const high = 30;
  const scale = high / Math.max(place.box.height, 1);
  const room = 0.5 * place.box.height;
  const width = Math.min(260, (place.box.width + 2 * room) * scale);
  return (
    <Crop style={{ width, height: high + 2 * room * scale * 0.5 }}>
      <img
        src={picture.url}
        alt=""
        style={{
          width: picture.width * scale,
          height: picture.height * scale,
          transform: `translate(${-(place.box.x - room) * scale}px, ${-(place.box.y - room * 0.5) * scale}px)`,
        }}
      />
    </Crop>
  );
}

const Sheet = styled.div`
  position: relative;
  & + & {
    margin-top: 10px;
  }
  img {
    display: block;
    width: 100%;
    height: auto;
    background: #fff;
  }
`;
const Mark = styled.span<{ $at: boolean }>`
  position: absolute;
  box-sizing: content-box;
  margin: -3px;
  padding: 3px;
  border-radius: 3px;
  outline: ${(p) => (p.$at ? "3px solid var(--act)" : "2px dotted #b45309")};
  background: ${(p) => (p.$at ? "rgb(20 120 130 / 0.12)" : "transparent")};
`;
const Crop = styled.span`
  display: inline-block;
  overflow: hidden;
  border: 1px solid var(--edge);
  border-radius: 3px;
  background: #fff;
  vertical-align: middle;
  img {
    display: block;
    max-width: none;
    transform-origin: 0 0;
  }
`;
