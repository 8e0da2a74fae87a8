import { data } from "react-router";

/** Where the gate leads whoever asked for a page that is not open to them. */
export function loader() {
  throw data(null, { status: 403 });
}

export default function NotYours() {
  return null;
}
