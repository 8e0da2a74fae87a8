import { useLocation } from "react-router";
import { useRole } from "../../ui/form";
import { Drawers } from "../../ui/drawers";

const PAGES = [
  { to: "/hand", label: "What is known" },
  { to: "/hand/weigh", label: "Weigh" },
  { to: "/hand/time", label: "Time" },
  { to: "/hand/bring", label: "Bring in, take out" },
] as const;

export function HandNav() {
  const pages = useRole() === "helper" ? PAGES.filter((p) => p.to !== "/hand/bring") : PAGES;
  return <Drawers label="Hand" pages={pages} here={useLocation().pathname} />;
}
