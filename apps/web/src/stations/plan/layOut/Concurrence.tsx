import { say } from '@bright-sprout/words/say';
import { concurrence } from '@bright-sprout/core/plan/layout/concurrence';
import { type LaidContainer } from '@bright-sprout/core/plan/layout/layOut';
import { TreatmentMark } from '../../../marks/TreatmentMark';

/** In how many teams two treatments meet: what an uneven split can compare most surely. */
export function Concurrence({ treatments, containers }: { treatments: string[]; containers: readonly LaidContainer[] }) {
  const matrix = concurrence(treatments, containers);
  return (
    <section className="section">
      <h2>{say('layOut.meetsWhom')}</h2>
      <p className="second">{say('layOut.teamsBothSlantTeams')}</p>
      <table className="table concurrence">
        <thead>
          <tr>
            <td />
            {treatments.map((t) => (
              <th key={t} scope="col">
                <TreatmentMark code={t} size={16} /> {t}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {treatments.map((t, i) => (
            <tr key={t}>
              <th scope="row">
                <TreatmentMark code={t} size={16} /> {t}
              </th>
              {matrix[i]!.map((n, j) => (
                <td key={treatments[j]} className={`numeral${i === j ? ' second' : ''}`}>
                  {n}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
