import styled from "styled-components";
import { FigurePicture, type PictureOf } from "./figure-picture";

/** What is made, with its picture in front: names line up where one has none, and a phone keeps its room. */
export function PicturedName({
  of,
  label,
  height = 46,
  note,
}: {
  of: PictureOf | undefined;
  label: string;
  height?: number;
  note?: string | undefined;
}) {
  return (
    <Named>
      <span className="pic">{of ? <FigurePicture of={of} name="" side={height} /> : null}</span>
      <span>
        <b>{label}</b>
        {note ? <small>{note}</small> : null}
      </span>
    </Named>
  );
}

const Named = styled.span`
  display: flex;
  align-items: center;
  gap: 10px;
  .pic {
    flex: none;
    min-width: 46px;
  }
  b {
    font-weight: 600;
  }
  small {
    display: block;
    color: var(--soft);
    font-size: 13px;
  }
  @media (max-width: 720px) {
    .pic {
      display: none;
    }
  }
`;
