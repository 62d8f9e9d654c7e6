import { contrastName } from '@bright-sprout/core/claims/claimFinding';
import { isClear, type Sureness } from '@bright-sprout/core/compare/sureness';

/** For the youngest: no ruler and no number, only whether luck could have done it. */
export function HowSureInWords({ sureness }: { sureness: Sureness }) {
  return (
    <ul className="how-sure-list">
      {sureness.contrasts.map((c) => (
        <li key={c.key}>
          <b>{contrastName(c)}</b>: {isClear(c) ? 'luck alone hardly does that.' : 'luck could have done that.'}
        </li>
      ))}
    </ul>
  );
}
