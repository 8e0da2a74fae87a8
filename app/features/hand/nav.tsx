import { useLocation } from "react-router";
import { Drawers } from "../../ui/drawers";

const PAGES = [
  { to: "/hand", label: "What is known" },
  { to: "/hand/weigh", label: "Weigh" },
  { to: "/hand/time", label: "Time" },
  { to: "/hand/bring", label: "Bring in, take out" },
] as const;

export function HandNav() {
  return <Drawers label="Hand" pages={PAGES} here={useLocation().pathname} />;
}
