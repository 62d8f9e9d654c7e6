import { type Claim } from '@bright-sprout/core/claims/claimSentence';

/** What the numbers say, how sure that is, and from how many. */
export function ClaimWords({ claim }: { claim: Claim }) {
  return (
    <section className="section claim" aria-live="polite">
      <p className="claim-finding">{claim.finding}</p>
      {claim.certainty.map((sentence) => (
        <p key={sentence} className="mb-1">
          {sentence}
        </p>
      ))}
      <p className="second mb-0">{claim.evidence}</p>
    </section>
  );
}

/** What beside the treatments could have made the difference. */
export function OtherExplanations({ cautions, planned }: { cautions: readonly string[]; planned: boolean }) {
  return (
    <section className="section mt-3">
      <h2>What else could explain it?</h2>
      <ul className="mb-0">
        {cautions.map((c) => (
          <li key={c}>{c}</li>
        ))}
        <li>
          Light, warmth and hands differ along a sill; places were{' '}
          {planned ? 'drawn by lot within teams, so they should not favour one treatment' : 'not drawn by this application'}.
        </li>
      </ul>
    </section>
  );
}
