import styled from "styled-components";
import { Silhouettes } from "../items/silhouette-view";
import type { Ware } from "./wares.server";

/** What a list needs of a ware to show it. */
export type WareShown = Pick<Ware, "key" | "label" | "shapes" | "colours">;
export const shown = ({ key, label, shapes, colours }: Ware): WareShown => ({ key, label, shapes, colours });

export function WareName({ ware, height = 34, note }: { ware: WareShown; height?: number; note?: string }) {
  return (
    <Named>
      <span className="pic">
        <Silhouettes
          parts={ware.shapes}
          colours={ware.colours}
          height={height}
          label={`Parts of ${ware.label}`}
        />
      </span>
      <span>
        <b>{ware.label}</b>
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
    width: 84px;
    overflow: hidden;
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
