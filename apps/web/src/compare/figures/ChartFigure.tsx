import { type Data, type Layout } from 'plotly.js';
import { type ReactNode, useMemo, useRef, useState } from 'react';
import { pictureOf, PlotlyChart } from '../../charts/PlotlyChart';
import { useWidth } from '../../page/useWidth';
import { handOver } from './takeAway';

/** A chart of the charting library with its summary, caption, table, and the ways to take it along. */
export function ChartFigure({
  chart,
  summary,
  caption,
  table,
  name,
  height = 400,
}: {
  chart: (narrow: boolean) => { data: Data[]; layout: Partial<Layout> };
  summary: string;
  caption?: ReactNode;
  table: ReactNode;
  name: string;
  height?: number;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const narrow = useWidth(holder, 760) < 560;
  const [failed, setFailed] = useState(false);
  const { data, layout } = useMemo(() => chart(narrow), [chart, narrow]);
  const take = (kind: 'png' | 'svg') => {
    setFailed(false);
    pictureOf(holder.current!.querySelector<HTMLElement>('.chart')!, kind)
      .then((content) => handOver(content, `${name}.${kind}`))
      .catch(() => setFailed(true));
  };
  return (
    <figure className="figure-frame mb-0">
      <div ref={holder} className="figure-drawing">
        <PlotlyChart data={data} layout={layout} summary={summary} height={height} />
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
