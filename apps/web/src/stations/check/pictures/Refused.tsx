import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type FrameCounted } from '../../../workers/filmQuestion';
import { type FilmDay } from './filmDays';
import { notCounted } from './notCounted';

/** Says why a picture is not counted, and what can be done. */
export function Refused({
  day,
  found,
  onMend,
  onCorners,
}: {
  day: FilmDay;
  found: FrameCounted;
  onMend: () => void;
  onCorners: () => void;
}) {
  const why = notCounted(found);
  if (!why) return null;
  const ofColour = found.problem !== null && ['too-warm', 'too-cold'].includes(found.problem.code);
  return (
    <div className="film-refused" role="note">
      <svg width="30" height="30" viewBox="0 0 30 30" aria-hidden="true">
        <path d="M9 1h12l8 8v12l-8 8H9l-8-8V9z" fill="#b93a12" />
        <path d="M15 7v10M15 20v3" stroke="#fff" strokeWidth="3.4" />
      </svg>
      <div>
        <Say it="pictures.dayStaysFilmCounted" number={day.number} why={why} b={(inside) => <b>{inside}</b>} br={<br />} />
      </div>
      {ofColour && (
        <button type="button" className="btn" onClick={onMend}>
          {say('pictures.mendLight')}
        </button>
      )}
      {found.lined === 'unsure' && (
        <button type="button" className="btn" onClick={onCorners}>
          {say('pictures.putCornersRight')}
        </button>
      )}
    </div>
  );
}
