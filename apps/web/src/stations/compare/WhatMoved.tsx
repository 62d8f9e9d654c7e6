import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { contrastName, toldSize } from '@bright-sprout/core/claims/contrastWords';
import { type Question } from '@bright-sprout/core/compare/question';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Contrast, isClear } from '@bright-sprout/core/compare/sureness';

/** What a question said before a policy of it was switched. */
export interface Before {
  question: Question;
  contrasts: readonly Contrast[];
}

/** What moved when a policy was switched, difference by difference, and the way back. */
export function WhatMoved({
  before,
  now,
  shown,
  onBack,
}: {
  before: Before;
  now: readonly Contrast[];
  shown: Shown;
  onBack: () => void;
}) {
  const rows = now.flatMap((c) => {
    const was = before.contrasts.find((b) => b.key === c.key);
    return was ? [{ c, was }] : [];
  });
  const shownOf = (c: Contrast) => {
    const estimate = shown.signed(c.estimate * toldSize(c));
    return isClear(c) ? estimate : say('compare.cannotTell', { estimate });
  };
  const moved = rows.filter(({ c, was }) => shownOf(c) !== shownOf(was));
  return (
    <section className="what-moved" role="status">
      <h3>{say('compare.whatThatMoved')}</h3>
      {moved.length === 0 ? (
        <p>{say('compare.nothingShowsDigits')}</p>
      ) : (
        <ul>
          {moved.map(({ c, was }) => (
            <li key={c.key}>
              <Say
                it="compare.beforeNow"
                contrastName={contrastName(c)}
                b={(inside) => <b>{inside}</b>}
                before={shownOf(was)}
                now={shownOf(c)}
              />
            </li>
          ))}
        </ul>
      )}
      <button type="button" className="btn btn-plain" onClick={onBack}>
        {say('compare.asItWas')}
      </button>
    </section>
  );
}
