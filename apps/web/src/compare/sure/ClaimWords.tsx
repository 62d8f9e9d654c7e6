import { type Claim } from '@bright-sprout/core/claims/claimSentence';

/** What the numbers say, and from how many; how sure that is stands below it, but where there are only estimates. */
export function ClaimWords({ claim }: { claim: Claim }) {
  return (
    <section className="section claim" aria-live="polite">
      <p className="claim-finding">{claim.finding}</p>
      {claim.tooFew && <p className="mb-1">{claim.tooFew}</p>}
      {claim.evidence && <p className="second mb-0">{claim.evidence}</p>}
      {claim.limits.map((sentence) => (
        <p key={sentence} className="second mt-2 mb-0">
          {sentence}
        </p>
      ))}
    </section>
  );
}
