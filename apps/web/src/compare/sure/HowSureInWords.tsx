import { contrastName } from '@bright-sprout/core/claims/contrastWords';
import { luckWords } from '@bright-sprout/core/claims/luckWords';
import { type Sureness } from '@bright-sprout/core/compare/sureness';

/** For the youngest: no ruler and no number, only whether luck could have done it. */
export function HowSureInWords({ sureness }: { sureness: Sureness }) {
  return (
    <ul className="how-sure-list">
      {sureness.contrasts.map((c) => (
        <li key={c.key}>
          <b>{contrastName(c)}</b>: {luckWords(c, sureness, 'early')}
        </li>
      ))}
    </ul>
  );
}
