import { say } from '@bright-sprout/words/say';
import { type TeamPrediction } from '@bright-sprout/contracts/answers/predictions';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { EmblemMark } from '../marks/EmblemMark';

/** What each team expects, as a table. */
export function TeamPredictions({ predictions }: { predictions: readonly TeamPrediction[] }) {
  return (
    <div className="table-scroll">
      {' '}
      <table className="table">
        <thead>
          <tr>
            <th scope="col">{say('common.team')}</th>
            <th scope="col">{say('sowing.firstDay')}</th>
            <th scope="col">{say('sowing.height')}</th>
            <th scope="col">{say('sowing.tallest')}</th>
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
    </div>
  );
}
