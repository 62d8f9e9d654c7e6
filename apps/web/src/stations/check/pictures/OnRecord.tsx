import { say } from '@bright-sprout/words/say';
import { type FilmView, type FrameView } from '@bright-sprout/contracts/answers/films';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { counted as countedWords } from '@bright-sprout/core/words/plural';
import { ProblemNotice } from '../../../page/Notices';
import { type FilmBeside } from '../../../workers/useFilm';
import { useKeepNumbers } from './useKeepNumbers';

/** How many numbers are not on record, and the press that keeps them. */
export function OnRecord({
  records,
  film,
  frames,
  beside,
}: {
  records: InvestigationRecords;
  film: FilmView;
  frames: readonly FrameView[];
  beside: FilmBeside;
}) {
  const { numbers, keep } = useKeepNumbers(film, frames, beside.counted, records.readings);
  if (!beside.counted) return null;
  const recounts = beside.progress !== null;
  return (
    <div className="film-record">
      {numbers === 0 && !recounts ? (
        <p className="second mb-0">{say('pictures.numbersRecordGreenCover')}</p>
      ) : (
        <>
          <button type="button" className="btn" disabled={keep.isPending || recounts} onClick={() => keep.mutate(undefined)}>
            {keep.isPending
              ? say('pictures.keeping')
              : say('pictures.keepCounted', { countedWords: countedWords(numbers, 'number') })}
          </button>
          <span className="second">{say('pictures.greenCoverWallLog')}</span>
        </>
      )}
      {keep.error && <ProblemNotice error={keep.error} />}
    </div>
  );
}
