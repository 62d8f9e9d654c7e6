import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type ToFix } from '@bright-sprout/core/plan/fairTest/fairRule';
import { isReason } from '@bright-sprout/core/plan/fairTest/fairTest';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { type PartProps } from './partProps';

const WORDS = spoken({
  stop: 'planner.stopsTest',
  mend: 'planner.toMend',
  mind: 'planner.toKnow',
});

/** Every rule the plan breaks, with its fix; what is done knowingly stays with its reason. */
export function FairTestList({
  findings,
  holds,
  plan,
  change,
  readOnly,
}: {
  findings: readonly ToFix[];
  /** What speaks for the test. */
  holds: readonly string[];
  readOnly: boolean;
} & Pick<PartProps, 'plan' | 'change'>) {
  const open = findings.filter((f) => f.declared === null);
  const declared = findings.filter((f) => f.declared !== null);
  return (
    <section className="section fair-test" aria-label={say('planner.fairTestCheck')}>
      <h2>{say('planner.fairTest')}</h2>
      {open.length === 0 && (
        <p className="mb-0">
          {declared.length > 0 ? say('planner.nothingElseSpeaksAgainst') : say('planner.nothingPlanSpeaksAgainst')}
        </p>
      )}
      <ul>
        {open.map((f) => (
          <Rule key={f.rule} finding={f} plan={plan} change={change} readOnly={readOnly} />
        ))}
      </ul>
      <ul className="fair-holds">
        {holds.map((h) => (
          <li key={h}>
            <svg width="18" height="16" viewBox="0 0 18 16" aria-hidden="true">
              <path d="M2 9l5 5L16 2" fill="none" stroke="currentColor" strokeWidth="2.500" />
            </svg>
            {h}
          </li>
        ))}
      </ul>
      {declared.length > 0 && (
        <>
          <h3>{say('planner.doneKnowingly')}</h3>
          <ul>
            {declared.map((f) => (
              <li key={f.rule}>
                {f.what} <i>{f.declared}</i>{' '}
                {!readOnly && (
                  <button
                    type="button"
                    className="btn btn-plain"
                    onClick={() => change((p) => ({ ...p, exceptions: p.exceptions.filter((e) => e.rule !== f.rule) }))}
                  >
                    {say('common.takeBackLower')}
                  </button>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function Rule({ finding, change, readOnly }: { finding: ToFix; readOnly: boolean } & Pick<PartProps, 'plan' | 'change'>) {
  const [reason, setReason] = useState<string | null>(null);
  const { fix, rule } = finding;
  return (
    <li className={`finding finding-${finding.severity}`}>
      <span className="finding-grade">{WORDS[finding.severity]}</span> <b>{finding.what}</b> {finding.why}
      {!readOnly && (
        <span className="finding-ways">
          {fix && (
            <button type="button" className="btn" onClick={() => change(fix.apply)}>
              {fix.label}
            </button>
          )}
          {finding.severity !== 'mind' && reason === null && (
            <button type="button" className="btn btn-plain" onClick={() => setReason('')}>
              {say('planner.weDoItKnowingly')}
            </button>
          )}
        </span>
      )}
      {reason !== null && (
        <form
          className="finding-reason"
          onSubmit={(e) => {
            e.preventDefault();
            if (isReason(reason))
              change((p) => ({
                ...p,
                exceptions: [...p.exceptions.filter((x) => x.rule !== rule), { rule, reason: reason.trim() }],
              }));
          }}
        >
          <Form.Control
            autoFocus
            aria-label={say('planner.whyDoneKnowingly')}
            placeholder={say('planner.sillHoldsMore')}
            value={reason}
            maxLength={200}
            onChange={(e) => setReason(e.target.value)}
          />
          <button type="submit" className="btn" disabled={!isReason(reason)}>
            {say('planner.keepRecord')}
          </button>
        </form>
      )}
    </li>
  );
}
