import { type ReactNode, useRef, useState } from 'react';
import { useWidth } from '../../page/useWidth';
import { handOver, pngOf, svgText } from './takeAway';

/** A figure with its summary for those who cannot see it, its caption, its table, and the ways to take it along. */
export function FigureFrame({
  summary,
  caption,
  table,
  name,
  children,
}: {
  /** One sentence that says what the figure shows. */
  summary: string;
  caption?: ReactNode;
  table: ReactNode;
  /** Name of its files, without ending. */
  name: string;
  /** Draws an SVG of the width there is. */
  children: (width: number) => ReactNode;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 760);
  const [failed, setFailed] = useState(false);
  const take = (kind: 'png' | 'svg') => {
    const svg = holder.current?.querySelector('svg');
    if (!svg) return;
    setFailed(false);
    const file =
      kind === 'png' ? pngOf(svg, summary) : svgText(svg, summary).then((text) => new Blob([text], { type: 'image/svg+xml' }));
    file.then((content) => handOver(content, `${name}.${kind}`)).catch(() => setFailed(true));
  };
  return (
    <figure className="figure-frame mb-0">
      <div ref={holder} role="img" aria-label={summary} className="figure-drawing">
        {width > 40 && children(width)}
      </div>
      {caption && <figcaption className="second">{caption}</figcaption>}
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
    </figure>
  );
}
