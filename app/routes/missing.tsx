import { data } from "react-router";

export function loader(): never {
  throw data(null, { status: 404 });
}

export default function Missing() {
  return null;
}
