import { say } from '@bright-sprout/words/say';
import type * as plotlyTypes from 'plotly.js';
import { type Config, type Data, type Layout } from 'plotly.js';
import { useEffect, useRef, useState } from 'react';

import './plotlyChart.scss';

type Plotly = typeof plotlyTypes;

/**
 * The charting library, fetched when the first chart is drawn. It finds a mark that its style rules are here already (in
 * plotlyChart.scss), because the content security policy lets no script write a style sheet.
 */
const library = () => {
  if (!document.getElementById('plotly.js-style-global')) {
    const mark = document.createElement('meta');
    mark.id = 'plotly.js-style-global';
    mark.className = 'no-inline-styles';
    document.head.append(mark);
  }
  return import('plotly.js-cartesian-dist-min') as unknown as Promise<{ default: Plotly }>;
};

const CONFIG: Partial<Config> = { displayModeBar: false, responsive: true, scrollZoom: false };

/** A chart with its one-sentence summary for those who cannot see it; its table stands beside it. */
export function PlotlyChart({
  data,
  layout,
  summary,
  height,
}: {
  data: Data[];
  layout: Partial<Layout>;
  summary: string;
  height: number;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    let gone = false;
    const element = holder.current!;
    library()
      .then(({ default: plotly }) => (gone ? undefined : plotly.react(element, data, layout, CONFIG)))
      .catch(() => setFailed(true));
    return () => void (gone = true);
  }, [data, layout]);
  useEffect(() => {
    const element = holder.current!;
    return () => void library().then(({ default: plotly }) => plotly.purge(element));
  }, []);
  return (
    <>
      <div ref={holder} role="img" aria-label={summary} style={{ height }} className="chart" />
      {failed && <p className="second">{say('charts.chartFetchedTableNumbers')}</p>}
    </>
  );
}

/** A drawn chart as a file. */
export async function pictureOf(chart: HTMLElement, format: 'png' | 'svg'): Promise<Blob> {
  const { default: plotly } = await library();
  const { width, height } = chart.getBoundingClientRect();
  const url = await plotly.toImage(chart, { format, width, height, scale: format === 'png' ? 2 : 1 });
  const [head, body] = [url.slice(0, url.indexOf(',')), url.slice(url.indexOf(',') + 1)];
  const type = format === 'png' ? 'image/png' : 'image/svg+xml';
  if (!head.includes('base64')) return new Blob([decodeURIComponent(body)], { type });
  return new Blob([Uint8Array.from(atob(body), (c) => c.charCodeAt(0))], { type });
}
