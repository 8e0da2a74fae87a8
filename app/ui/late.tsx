import { Component, Suspense, type ReactNode } from "react";
import { Small } from "./basics";

interface Props {
  readonly children: ReactNode;
  /** Stands until what is fetched is there. */
  readonly waits?: ReactNode;
  /** Stands where it cannot be fetched; else a line that says so. */
  readonly lost?: ReactNode;
}

/**
 * What is fetched behind the page. Where it cannot be, since the net is gone or a newer Lapka has taken its place, the
 * page around it stands with all that was typed.
 */
export class Late extends Component<Props, { failed: boolean }> {
  override state = { failed: false };
  static getDerivedStateFromError() {
    return { failed: true };
  }
  override render() {
    const { children, waits, lost } = this.props;
    if (!this.state.failed) return <Suspense fallback={waits}>{children}</Suspense>;
    return lost === undefined ? (
      <p role="status">
        <Small>This part could not be fetched. Load the page anew when the net is back.</Small>
      </p>
    ) : (
      lost
    );
  }
}
