import styled from "styled-components";
import { FigurePicture } from "../figure/figure-picture";
import type { Ware } from "./wares.server";

/** What a list needs of a ware to show it. */
export type WareShown = Pick<Ware, "key" | "label"> & { readonly picture: Ware["picture"] | undefined };
export const shown = ({ key, label, picture }: Ware): WareShown => ({ key, label, picture });

export function WareName({ ware, height = 46, note }: { ware: WareShown; height?: number; note?: string }) {
  return (
    <Named>
      <span className="pic">
        {ware.picture ? <FigurePicture of={ware.picture} name="" side={height} /> : null}
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
