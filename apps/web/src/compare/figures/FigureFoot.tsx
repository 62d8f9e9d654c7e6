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
          Take it along:{' '}
          <button type="button" className="btn btn-plain" onClick={() => take('png')}>
            as a picture (PNG)
          </button>
          <button type="button" className="btn btn-plain" onClick={() => take('svg')}>
            as a drawing (SVG)
          </button>
        </span>
      </div>
      {failed && <p role="alert">The file could not be made here. A screenshot of the page serves too.</p>}
    </>
  );
}
