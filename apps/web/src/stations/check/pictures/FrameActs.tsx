import { inOneLine } from '@bright-sprout/core/words/inOneLine';
import { say } from '@bright-sprout/words/say';
import { type FrameView } from '@bright-sprout/contracts/answers/films';
import { counted as countedWords } from '@bright-sprout/core/words/plural';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';
import { type FrameCounted } from '../../../workers/filmQuestion';
import { notCounted } from './notCounted';

/** What can be done with the picture that is looked at. */
export function FrameActs({
  frame,
  found,
  onBrush,
  onCorners,
  ruler,
}: {
  frame: Pick<FrameView, 'id' | 'mendings'>;
  found: FrameCounted | null;
  onBrush: () => void;
  onCorners: () => void;
  ruler: string | null;
}) {
  const [asking, setAsking] = useState(false);
  const takeBack = useWrite(() => request('DELETE', `/frames/${frame.id}`), 'films');
  const strokes = frame.mendings.filter((m) => m.kind === 'brush').length;
  useEffect(() => setAsking(false), [frame.id]);
  return (
    <div className="frame-acts">
      <button type="button" className="btn" disabled={!found || notCounted(found) !== null} onClick={onBrush}>
        {say('pictures.mendHand')}
      </button>
      <button type="button" className="btn" onClick={onCorners}>
        {say('pictures.itsCorners')}
      </button>
      {ruler && (
        <Link className="btn" to={ruler}>
          {say('pictures.rulerOnIt')}
        </Link>
      )}
      {asking ? (
        <span className="frame-back" role="alert">
          {say('pictures.fileGoesEveryDevice')}{' '}
          <button type="button" className="btn" disabled={takeBack.isPending} onClick={() => takeBack.mutate(undefined)}>
            {say('common.takeBack')}
          </button>{' '}
          <button type="button" className="btn btn-plain" onClick={() => setAsking(false)}>
            {say('common.leaveIt')}
          </button>
        </span>
      ) : (
        <button type="button" className="btn btn-plain" onClick={() => setAsking(true)}>
          {say('pictures.takePictureBack')}
        </button>
      )}
      <span className="second frame-facts">
        {inOneLine(
          strokes > 0 ? say('pictures.mendedHand', { countedWords: countedWords(strokes, 'stroke') }) : '',
          found?.lined === 'found' ? say('pictures.linedItselfLookWhether') : '',
          found?.tilt === null || found?.tilt === undefined
            ? ''
            : say('pictures.cameraLeantAbout', { degrees: Math.round(found.tilt) }),
        )}
      </span>
      {takeBack.error && <ProblemNotice error={takeBack.error} />}
    </div>
  );
}
