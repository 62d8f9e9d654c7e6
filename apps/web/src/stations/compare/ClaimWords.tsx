import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type Claim } from '@bright-sprout/core/claims/claimSentence';
import { placesWords } from '@bright-sprout/core/plan/layout/splitWords';

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
export function OtherExplanations({
  cautions,
  investigation: { origin, split, containerName },
}: {
  cautions: readonly string[];
  investigation: Pick<InvestigationView, 'origin' | 'split' | 'containerName'>;
}) {
  const places = placesWords(split, containerName);
  return (
    <section className="section mt-3">
      <h2>What else could explain it?</h2>
      <ul className="mb-0">
        {cautions.map((c) => (
          <li key={c}>{c}</li>
        ))}
        <li>
          Light, warmth and hands differ along a sill; places were{' '}
          {origin === 'imported'
            ? 'not drawn by this application'
            : places === 'drawn by lot'
              ? 'drawn by lot within teams, so they should not favour one treatment'
              : `${places}: look whether that favours a treatment`}
          .
        </li>
      </ul>
    </section>
  );
}
