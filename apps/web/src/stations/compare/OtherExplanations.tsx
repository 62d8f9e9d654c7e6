import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../words/Say';
import { causeWords } from '@bright-sprout/core/claims/causeWords';
import { type ClaimSubject } from '@bright-sprout/core/claims/claimSubject';
import { type Cause } from '@bright-sprout/core/compare/causes/cause';
import { type Question } from '@bright-sprout/core/compare/question';

const SIGN: Record<Cause['verdict'], string> = { fine: 'M2 8l5 5L15 3', ask: 'M2 2h12v9l-6 5-6-5z', unknown: 'M2 8h12' };
const HEARD: Record<Cause['verdict'], string> = spoken({
  fine: 'compare.nothingStands',
  ask: 'compare.worthQuestion',
  unknown: 'compare.notKnown',
});

/** What beside the treatments could have made the difference, each looked up in the records; one press shows what a policy moves. */
export function OtherExplanations({
  causes,
  subject,
  onAsk,
}: {
  causes: readonly Cause[];
  subject: ClaimSubject;
  onAsk: (change: Partial<Question>) => void;
}) {
  return (
    <section className="section causes">
      <h2>
        <Say it="compare.elseExplainRecordsSay" span={(inside) => <span className="second">{inside}</span>} />
      </h2>
      <ul>
        {causes.map((cause, i) => {
          const { asks, says, press } = causeWords(cause, subject);
          return (
            <li key={`${cause.code} ${i}`} className={`cause ${cause.verdict}`}>
              <svg width="17" height="18" viewBox="0 0 16 17" role="img" aria-label={HEARD[cause.verdict]}>
                <path
                  d={SIGN[cause.verdict]}
                  fill={cause.verdict === 'ask' ? '#2A1B2E' : 'none'}
                  stroke={cause.verdict === 'fine' ? '#0A6C6E' : '#2A1B2E'}
                  strokeWidth="2.4"
                />
                {cause.verdict === 'ask' && (
                  <path d="M6 5.500q2-2 4 0q0 1.500-2 2.500M8 10v1.600" stroke="#fff" strokeWidth="1.500" fill="none" />
                )}
              </svg>
              <h3>{asks}</h3>
              <p>{says}</p>
              {press && cause.change && (
                <button type="button" className="btn btn-plain" onClick={() => onAsk(cause.change!)}>
                  {press}
                </button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
