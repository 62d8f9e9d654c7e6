import { type TeamPrediction } from '@bright-sprout/contracts/predictions';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { EmblemMark } from '../marks/EmblemMark';

/** What each team expects, as a table. */
export function TeamPredictions({ predictions }: { predictions: readonly TeamPrediction[] }) {
  return (
    <table className="table">
      <thead>
        <tr>
          <th scope="col">Team</th>
          <th scope="col">First up on day</th>
          <th scope="col">Height</th>
          <th scope="col">Tallest</th>
        </tr>
      </thead>
      <tbody>
        {predictions.map((p) => (
          <tr key={p.team.id}>
            <td>
              <EmblemMark emblem={p.team.emblem} size={20} /> {p.team.nickname}
            </td>
            <td>{p.firstSproutDay ?? '–'}</td>
            <td>{p.heightMm === null ? '–' : formatLength(p.heightMm, 'mm')}</td>
            <td>{p.winner ?? '–'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
