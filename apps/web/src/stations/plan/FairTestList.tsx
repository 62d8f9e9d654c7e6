import { type Finding } from '@bright-sprout/core/plan/fairTest/fairRule';
import { isReason } from '@bright-sprout/core/plan/fairTest/fairTest';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { type PartProps } from './partProps';

const WORDS = { stop: 'stops the test', mend: 'to mend', mind: 'to know' };

/** Every rule the plan breaks, with its fix; what is done knowingly stays with its reason. */
export function FairTestList({
  findings,
  holds,
  plan,
  change,
  readOnly,
}: {
  findings: readonly Finding[];
  /** What speaks for the test. */
  holds: readonly string[];
  readOnly: boolean;
} & Pick<PartProps, 'plan' | 'change'>) {
  const open = findings.filter((f) => f.declared === null);
  const declared = findings.filter((f) => f.declared !== null);
  return (
    <section className="section fair-test" aria-label="Fair-test check">
      <h2>Is it a fair test?</h2>
      {open.length === 0 && (
        <p className="mb-0">
          {declared.length > 0 ? 'Nothing else speaks against it.' : 'Nothing in the plan speaks against it.'}
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
          <h3>Done knowingly</h3>
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
                    take back
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

function Rule({ finding, change, readOnly }: { finding: Finding; readOnly: boolean } & Pick<PartProps, 'plan' | 'change'>) {
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
              We do it knowingly
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
            aria-label="Why is it done knowingly?"
            placeholder="The sill holds no more"
            value={reason}
            maxLength={200}
            onChange={(e) => setReason(e.target.value)}
          />
          <button type="submit" className="btn" disabled={!isReason(reason)}>
            Keep on record
          </button>
        </form>
      )}
    </li>
  );
}
