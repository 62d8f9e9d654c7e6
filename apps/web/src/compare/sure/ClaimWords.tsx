import { type Claim } from '@bright-sprout/core/claims/claimSentence';

/** What the numbers say, and from how many; how sure that is stands below it, but where there are only estimates. */
export function ClaimWords({ claim, estimatesOnly }: { claim: Claim; estimatesOnly: boolean }) {
  return (
    <section className="section claim" aria-live="polite">
      <p className="claim-finding">{claim.finding}</p>
      {(estimatesOnly ? claim.certainty : []).map((sentence) => (
        <p key={sentence} className="mb-1">
          {sentence}
        </p>
      ))}
      <p className="second mb-0">{claim.evidence}</p>
      {claim.limits.map((sentence) => (
        <p key={sentence} className="second mt-2 mb-0">
          {sentence}
        </p>
      ))}
    </section>
  );
}
