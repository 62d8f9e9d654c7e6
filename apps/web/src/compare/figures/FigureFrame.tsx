import { type ReactNode, useRef } from 'react';
import { useWidth } from '../../page/useWidth';
import { FigureFoot } from './FigureFoot';
import { pngOf, svgText } from './takeAway';

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
  const make = (kind: 'png' | 'svg') => {
    const svg = holder.current!.querySelector('svg')!;
    return kind === 'png'
      ? pngOf(svg, summary)
      : svgText(svg, summary).then((text) => new Blob([text], { type: 'image/svg+xml' }));
  };
  return (
    <figure className="figure-frame mb-0">
      <div ref={holder} role="img" aria-label={summary} className="figure-drawing">
        {width > 40 && children(width)}
      </div>
      {caption && <figcaption className="second">{caption}</figcaption>}
      <FigureFoot table={table} name={name} make={make} />
    </figure>
  );
}
