import { say } from '@bright-sprout/words/say';
import { type ReactNode, useState } from 'react';
import { handOver } from './takeAway';

/** Under a figure: its table, and the ways to take it along. */
export function FigureFoot({
  table,
  name,
  make,
}: {
  table: ReactNode;
  /** Name of its files, without ending. */
  name: string;
  make: (kind: 'png' | 'svg') => Promise<Blob>;
}) {
  const [failed, setFailed] = useState(false);
  const take = (kind: 'png' | 'svg') => {
    setFailed(false);
    make(kind)
      .then((content) => handOver(content, `${name}.${kind}`))
      .catch(() => setFailed(true));
  };
  return (
    <>
      <div className="figure-foot">
        {table}
        <span className="figure-take">
          {say('compare.takeAlong')}{' '}
          <button type="button" className="btn btn-plain" onClick={() => take('png')}>
            {say('compare.picturePng')}
          </button>
          <button type="button" className="btn btn-plain" onClick={() => take('svg')}>
            {say('compare.drawingSvg')}
          </button>
        </span>
      </div>
      {failed && <p role="alert">{say('compare.fileMadeScreenshotPage')}</p>}
    </>
  );
}
