import { say } from '@bright-sprout/words/say';
import { type ClaimSubject } from '@bright-sprout/core/claims/claimSubject';
import { type ClaimParts } from '@bright-sprout/core/conclude/claim/claimParts';
import { type ReachFacts } from '@bright-sprout/core/conclude/claim/reachFacts';
import { reachWords } from '@bright-sprout/core/conclude/claim/reachWords';
import { type AskedQuestion } from './useClaimAnswer';

/** One friendly question with ways to go on; it can be left, and what was written stays. */
export function ReachAsk({
  question,
  facts,
  subject,
  parts,
  onChange,
  onKeep,
}: {
  question: AskedQuestion;
  facts: ReachFacts;
  subject: ClaimSubject;
  /** The claim as it stands: what would leave it as it is, is not offered. */
  parts: ClaimParts;
  /** Null where the words were typed: then the offers are only words to try. */
  onChange: ((change: Partial<ClaimParts>) => void) | null;
  onKeep: () => void;
}) {
  const { asks, offers } = reachWords(question, facts, subject);
  const changes = ({ change }: (typeof offers)[number]) => {
    const keys = Object.keys(change) as (keyof ClaimParts)[];
    return onChange === null || keys.length === 0 || keys.some((k) => change[k] !== parts[k]);
  };
  return (
    <div className="reach-ask" role="status">
      <p>{asks}</p>
      <div className="reach-offers">
        {offers.filter(changes).map((o) =>
          onChange && Object.keys(o.change).length > 0 ? (
            <button key={o.words} type="button" className="btn" onClick={() => onChange(o.change)}>
              {o.words}
            </button>
          ) : (
            <span key={o.words} className="reach-hint">
              {say('conclude.tryThis', { thing: o.words })}
            </span>
          ),
        )}
        <button type="button" className="btn" onClick={onKeep}>
          {say('conclude.keepSayWhy')}
        </button>
      </div>
    </div>
  );
}
