import { say } from '@bright-sprout/words/say';
import { type Along, type CourseGroup } from '@bright-sprout/core/compare/figures/courseLines';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Data, type Layout } from 'plotly.js';
import { treatmentLook } from '../../theme/treatments';
import { HAIR, INK } from './figureKit';

const DASH = ['solid', 'dash', 'dot', 'dashdot', 'longdash', 'solid', 'dash', 'dot'] as const;

/** Plotly's layout in the hand of the page. */
export function chartLayout(part: Partial<Layout>, narrow: boolean): Partial<Layout> {
  return {
    margin: { l: narrow ? 52 : 64, r: 10, t: 12, b: 52 },
    paper_bgcolor: '#fff',
    plot_bgcolor: '#fff',
    dragmode: false,
    hovermode: 'closest',
    showlegend: false,
    hoverlabel: {
      bgcolor: INK,
      bordercolor: INK,
      font: { color: '#fff', size: 15, family: 'Atkinson Hyperlegible Next' },
    },
    font: { family: 'Atkinson Hyperlegible Next, sans-serif', size: narrow ? 16 : 15, color: INK },
    ...part,
  };
}

export const axisLook = {
  fixedrange: true,
  gridcolor: HAIR,
  zeroline: false,
  ticks: 'outside' as const,
  ticklen: 8,
  tickcolor: INK,
  tickangle: 0,
  linecolor: INK,
  linewidth: 1.5,
  showline: true,
  tickfont: {
    size: 17,
    family: 'Archivo',
  },
};

/** Thin lines of containers and bold ones of groups over the days since sowing; a gap stays a gap. An earlier run is pale beside them. */
export function linesChart(
  courses: readonly CourseGroup[],
  shown: Shown,
  narrow: boolean,
  { earlier = null, along = 'age' }: { earlier?: { name: string; courses: readonly CourseGroup[] } | null; along?: Along } = {},
): { data: Data[]; layout: Partial<Layout> } {
  const y = (values: readonly (number | null)[]) => values.map((v) => (v === null ? null : shown.inUnit(v)));
  const many = courses.reduce((sum, c) => sum + c.containers.length, 0) > 200;
  const thin = many
    ? []
    : courses.flatMap((g) =>
        g.containers.map((c): Data => ({
          type: 'scatter',
          mode: 'lines',
          x: c.x,
          y: y(c.y),
          connectgaps: false,
          line: { color: treatmentLook(g.code).colour, width: 1 },
          opacity: 0.38,
          hoverinfo: 'text',
          text: c.code,
        })),
      );
  const bold = (groups: readonly CourseGroup[], pale: string | null) =>
    groups.map((g, i): Data => ({
      type: 'scatter',
      mode: 'text+lines+markers',
      x: g.mean.x,
      y: y(g.mean.y),
      line: { color: treatmentLook(g.code).colour, width: pale ? 2 : 4, dash: pale ? 'dot' : DASH[i % DASH.length]! },
      marker: { size: pale ? 4 : 7, color: treatmentLook(g.code).colour },
      opacity: pale ? 0.75 : 1,
      text: g.mean.x.map((_, k) =>
        k === g.mean.x.length - 1 ? `  ${[g.key.length === 1 ? g.key : g.label, pale].filter(Boolean).join(' ')}` : '',
      ),
      textposition: 'middle right',
      textfont: { size: 17, family: 'Archivo', color: INK },
      hoverinfo: 'text',
      hovertext: g.mean.x.map((x, k) =>
        say('compare.dayCounted', {
          label: g.label,
          mark: pale ? `, ${pale}` : '',
          x,
          y: shown.words(g.mean.y[k]!),
          counts: g.counts[k],
        }),
      ),
      cliponaxis: false,
    }));
  return {
    data: [...thin, ...(earlier ? bold(earlier.courses, earlier.name) : []), ...bold(courses, null)],
    layout: chartLayout(
      {
        margin: { l: narrow ? 52 : 64, r: earlier ? 120 : narrow ? 34 : 60, t: 12, b: 52 },
        xaxis: {
          ...axisLook,
          title: { text: along === 'age' ? say('compare.daysSinceSowing') : say('compare.daysSinceFirstSowing'), standoff: 8 },
          rangemode: 'tozero',
          dtick: narrow ? 7 : undefined,
        },
        yaxis: {
          ...axisLook,
          title: narrow ? undefined : { text: shown.unit || shown.name, standoff: 8 },
          rangemode: shown.fromZero ? 'tozero' : 'normal',
        },
      },
      narrow,
    ),
  };
}

/** What block and treatment leave of each value, over what they let expect. */
export function residualsChart(
  points: readonly { fitted: number; residual: number; code: string; treatment: string }[],
  shown: Shown,
  narrow: boolean,
): { data: Data[]; layout: Partial<Layout> } {
  const groups = [...new Set(points.map((p) => p.treatment))];
  return {
    data: groups.map((treatment): Data => {
      const own = points.filter((p) => p.treatment === treatment);
      return {
        type: 'scatter',
        mode: 'markers',
        x: own.map((p) => shown.inUnit(p.fitted)),
        y: own.map((p) => shown.inUnit(p.residual)),
        text: own.map((p) => p.code),
        hoverinfo: 'text',
        marker: { size: 10, color: treatmentLook(treatment).colour, line: { color: INK, width: 0.8 } },
      };
    }),
    layout: chartLayout(
      {
        xaxis: {
          ...axisLook,
          title: { text: say('compare.expectedTreatmentTeam', { unit: shown.unit && `, ${shown.unit}` }), standoff: 8 },
        },
        yaxis: {
          ...axisLook,
          title: narrow ? undefined : { text: say('compare.whatIsLeft'), standoff: 8 },
          zeroline: true,
          zerolinecolor: INK,
        },
      },
      narrow,
    ),
  };
}
