import { type Data, type Layout } from 'plotly.js';
import { type ReactNode, useMemo, useRef } from 'react';
import { pictureOf, PlotlyChart } from '../../charts/PlotlyChart';
import { useWidth } from '../../page/useWidth';
import { FigureFoot } from './FigureFoot';

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
  const { data, layout } = useMemo(() => chart(narrow), [chart, narrow]);
  const make = (kind: 'png' | 'svg') => pictureOf(holder.current!.querySelector<HTMLElement>('.chart')!, kind);
  return (
    <figure className="figure-frame mb-0">
      <div ref={holder} className="figure-drawing">
        <PlotlyChart data={data} layout={layout} summary={summary} height={height} />
      </div>
      {caption && <figcaption className="second">{caption}</figcaption>}
      <FigureFoot table={table} name={name} make={make} />
    </figure>
  );
}
