import { say } from '@bright-sprout/words/say';
import { type ReactNode } from 'react';
import { Link } from 'react-router';
import './pageHead.scss';

export function Logo() {
  return (
    <svg width="34" height="36" viewBox="0 0 34 36" aria-hidden="true">
      <path
        d="M17 30V14M17 20C10 20 5 17 3 8c8 0 13 4 14 12zm0-4c0-7 5-11 13-11 0 7-5 11-13 11z"
        fill="#fff"
        stroke="currentColor"
        strokeWidth="2.2"
        strokeLinejoin="round"
      />
      <path d="M4 31h26M6 31v4m5.500-4v2.500M17 31v4m5.500-4v2.500M28 31v4" stroke="currentColor" strokeWidth="2.2" />
    </svg>
  );
}

/** The top of every teacher's page: where you are, what it is about, and the one next step. */
export function PageHead({ tag, title, aside, next }: { tag: ReactNode; title: ReactNode; aside?: ReactNode; next?: ReactNode }) {
  return (
    <header className="page-head">
      <Link to="/" className="page-head-logo" aria-label={say('page.brightSproutToday')}>
        <Logo />
      </Link>
      {tag}
      <h1>{title}</h1>
      <div className="page-head-aside">{aside}</div>
      {next}
    </header>
  );
}
