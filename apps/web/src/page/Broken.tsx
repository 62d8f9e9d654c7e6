import { Component, type ReactNode } from 'react';

/** Catches what should not have happened while drawing, says so, and lets the page be opened again. */
export class Broken extends Component<{ children: ReactNode }, { error: Error | null }> {
  override state: { error: Error | null } = { error: null };

  static getDerivedStateFromError(error: Error) {
    return { error };
  }

  override render() {
    if (!this.state.error) return this.props.children;
    return (
      <div className="page">
        <div className="notice" role="alert">
          <p className="notice-title">This page could not be drawn</p>
          <p>
            Nothing you saved is lost. Open the page again; if it stays like this, tell whoever looks after the server:{' '}
            {this.state.error.message}
          </p>
          <button type="button" className="btn mt-2" onClick={() => location.reload()}>
            Open it again
          </button>
        </div>
      </div>
    );
  }
}
