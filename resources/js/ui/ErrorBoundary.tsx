import { Component, type ReactNode } from "react";

/** Catches what must never happen while drawing a room: says so and offers the way back, instead of an empty page. */
export class ErrorBoundary extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError(): { failed: boolean } {
    return { failed: true };
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <div className="empty" role="alert">
        <h1>This room could not be drawn.</h1>
        <p>Nothing you typed is lost: it is kept in this browser and on the server. Load the page again to go on.</p>
        <button type="button" className="primary" onClick={() => window.location.reload()}>
          Load again
        </button>
      </div>
    );
  }
}
