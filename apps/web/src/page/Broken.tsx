import { say } from '@bright-sprout/words/say';
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
          <p className="notice-title">{say('page.pageDrawn')}</p>
          <p>{say('page.nothingSavedLostOpen', { message: this.state.error.message })}</p>
          <button type="button" className="btn mt-2" onClick={() => location.reload()}>
            {say('page.openAgain')}
          </button>
        </div>
      </div>
    );
  }
}
