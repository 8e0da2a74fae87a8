import type { ReactNode } from "react";
import styled from "styled-components";

/** A price hangs on a tag with a punched hole. */
export const Tag = styled.span<{ $large?: boolean }>`
  --cut: ${(p) => (p.$large ? "18px" : "9px")};
  position: relative; display: inline-grid; align-items: center; background: var(--tag); color: var(--tag-ink); font-weight: 640; white-space: nowrap;
  padding: ${(p) => (p.$large ? "14px 22px 14px 44px" : "3px 9px 3px 22px")}; font-size: ${(p) => (p.$large ? "30px" : "15px")}; line-height: 1.15;
  clip-path: polygon(var(--cut) 0, 100% 0, 100% 100%, var(--cut) 100%, 0 calc(100% - var(--cut)), 0 var(--cut));
  &::before {
    content: ""; position: absolute; left: ${(p) => (p.$large ? "17px" : "8px")}; top: 50%; width: ${(p) => (p.$large ? "12px" : "7px")}; aspect-ratio: 1; transform: translateY(-50%);
    border-radius: 50%; background: var(--sheet); box-shadow: 0 0 0 ${(p) => (p.$large ? "2px" : "1px")} var(--tag-edge);
  }
`;

export function SwingTag({ children, large }: { children: ReactNode; large?: boolean }) {
  return <Tag $large={large ?? false}>{children}</Tag>;
}
