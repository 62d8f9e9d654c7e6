import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type Dot, type Group } from '@bright-sprout/core/compare/compareOnDay';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { summaryUnit, summaryValue, summaryWords } from '@bright-sprout/core/measures/summaryWords';
import { type Data, type Image, type Layout, type Shape } from 'plotly.js';
import { markPolygon } from '../../drawing/markPolygon';
import { drawPlant, pathText } from '../../drawing/plant';
import { treatmentLook } from '../../theme/treatments';

const INK = '#2A1B2E';
const MARK = 16;

/** Where a group's parts stand about its place on the axis: bracket of the interval, dots, and its middle plant. */
const PLACE = { bracket: -0.4, dots: -0.12, spread: 0.2, plant: 0.33 };

/** Dots of one group side by side where their values are close, so that none hides another. */
export function beeswarm(dots: readonly Dot[], close: number): number[] {
  const order = dots.map((_, i) => i).sort((a, b) => dots[a]!.value - dots[b]!.value);
  const places = new Array<number>(dots.length).fill(0);
  order.forEach((i, rank) => {
    const near = order.slice(0, rank).filter((j) => Math.abs(dots[j]!.value - dots[i]!.value) < close);
    const taken = new Set(near.map((j) => places[j]!));
    const free = [0, 1, -1, 2, -2, 3, -3, 4, -4].find((p) => !taken.has(p));
    places[i] = free ?? 0;
  });
  return places;
}

/** The figure of a comparison: a silhouette per container, mean and bracket, and the middle plant beside each group. */
export function comparisonChart(
  groups: readonly Group[],
  measure: Measure,
  investigation: InvestigationView,
): { data: Data[]; layout: Partial<Layout> } {
  const { resolution } = investigation;
  const unit = summaryUnit(measure, resolution);
  const inUnit = (value: number) => summaryValue(measure, value, resolution);
  const drawsPlants = measure.drawn === 'height';
  const top =
    Math.max(
      drawsPlants ? 30 : 1e-9,
      ...groups.flatMap((g) => [...g.dots.map((d) => d.value), g.summary.ok ? (g.summary.interval?.high ?? 0) : 0]),
    ) * 1.08;
  const shapes: Partial<Shape>[] = [];
  const images: Partial<Image>[] = [];
  const hover: { x: number[]; y: number[]; text: string[] } = { x: [], y: [], text: [] };
  groups.forEach((group, place) => {
    const look = treatmentLook(group.treatment.code);
    if (group.summary.ok) shapes.push(...meanShapes(group.summary, place, look.colour, inUnit));
    const polygon = markPolygon(group.treatment.code, MARK);
    beeswarm(group.dots, top * 0.045).forEach((step, i) => {
      const dot = group.dots[i]!;
      const x = place + PLACE.dots + step * 0.072;
      shapes.push({
        type: 'path',
        path: polygon,
        xref: 'x',
        yref: 'y',
        xsizemode: 'pixel',
        ysizemode: 'pixel',
        xanchor: x,
        yanchor: inUnit(dot.value),
        fillcolor: look.open ? '#fff' : look.colour,
        fillrule: 'evenodd',
        line: { color: look.colour, width: look.open ? 2.2 : 0.5 },
        layer: 'above',
      } as Partial<Shape>);
      hover.x.push(x);
      hover.y.push(inUnit(dot.value));
      hover.text.push(
        `<b>${escapeText(dot.container.code)}</b>, ${escapeText(dot.container.block ?? 'no team')}: ${summaryWords(measure, dot.value, resolution)}`,
      );
    });
    const middle = middleDot(group.dots);
    if (drawsPlants && middle && middle.value > 0) images.push(plantImage(middle, investigation, place, inUnit));
  });
  shapes.push({
    type: 'line',
    xref: 'paper',
    x0: 0,
    x1: 1,
    yref: 'y',
    y0: 0,
    y1: 0,
    line: { color: '#6D5C63', width: 6 },
    layer: 'below',
  });
  return {
    data: [
      {
        type: 'scatter',
        mode: 'markers',
        x: hover.x,
        y: hover.y,
        text: hover.text,
        hoverinfo: 'text',
        marker: { size: 20, opacity: 0 },
        showlegend: false,
      },
    ],
    layout: {
      margin: { l: 64, r: 6, t: 12, b: 58 },
      paper_bgcolor: 'rgba(0,0,0,0)',
      plot_bgcolor: '#fff',
      dragmode: false,
      hovermode: 'closest',
      hoverlabel: { bgcolor: INK, bordercolor: INK, font: { color: '#fff', size: 15, family: 'Atkinson Hyperlegible Next' } },
      font: { family: 'Atkinson Hyperlegible Next, sans-serif', size: 15, color: INK },
      xaxis: {
        range: [-0.55, groups.length - 0.4],
        tickvals: groups.map((_, i) => i),
        ticktext: groups.map(
          (g) =>
            `<b>${g.treatment.code}</b>  ${escapeText(g.treatment.label)}<br>${g.dots.length} of ${g.dots.length + g.lost.length + g.notUp.length + g.notChecked.length}`,
        ),
        fixedrange: true,
        showgrid: false,
        zeroline: false,
        ticks: 'outside',
        ticklen: 7,
        tickcolor: INK,
      },
      yaxis: {
        range: [-inUnit(top) * 0.012, inUnit(top)],
        fixedrange: true,
        gridcolor: '#E3E2EA',
        zeroline: false,
        ticks: 'outside',
        ticklen: 9,
        tickcolor: INK,
        title: { text: unit ? `${measure.name}, ${unit}` : measure.name, standoff: 10 },
        ...rankTicks(measure),
        tickfont: { size: 17, family: 'Archivo' },
      },
      shapes: shapes as Layout['shapes'],
      images: images as Layout['images'],
    },
  };
}

function meanShapes(
  summary: { mean: number; interval: { low: number; high: number } | null },
  place: number,
  colour: string,
  inUnit: (mm: number) => number,
): Partial<Shape>[] {
  const line = (x0: number, x1: number, y0: number, y1: number, width: number): Partial<Shape> => ({
    type: 'line',
    xref: 'x',
    yref: 'y',
    x0,
    x1,
    y0,
    y1,
    line: { color: colour, width },
    layer: 'below',
  });
  const from = place + PLACE.bracket;
  const mean = inUnit(summary.mean);
  const shapes = [line(from, place + PLACE.dots + PLACE.spread, mean, mean, 3.5)];
  if (!summary.interval) return shapes;
  const [low, high] = [inUnit(Math.max(0, summary.interval.low)), inUnit(summary.interval.high)];
  return [
    ...shapes,
    line(from, from, low, high, 3),
    line(from, from + 0.07, low, low, 3),
    line(from, from + 0.07, high, high, 3),
  ];
}

/** Ranks of an ordered choice stand by their words. */
function rankTicks({ summedUp, choices }: Measure): Partial<Layout['yaxis']> {
  return summedUp === 'order' ? { tickvals: choices.map((_, i) => i + 1), ticktext: choices.map((c) => c.words) } : {};
}

/** The container whose value is nearest to the group's median. */
function middleDot(dots: readonly Dot[]): Dot | null {
  const sorted = [...dots].sort((a, b) => a.value - b.value);
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? null;
}

function plantImage(dot: Dot, { habit }: InvestigationView, place: number, inUnit: (mm: number) => number): Partial<Image> {
  const scale = 3;
  const h = dot.value * scale;
  const half = Math.max(40, Math.min(dot.value, 100) * scale * 0.45);
  const paths = drawPlant({ habit, heightMm: dot.value, leaves: null, face: dot.container.code }, scale)
    .map(
      (s) =>
        `<path d="${pathText(s)}" fill="${s.fill}" stroke="${s.stroke}" stroke-width="${s.width * 1.4}" stroke-linejoin="round"/>`,
    )
    .join('');
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${-half} ${-h} ${2 * half} ${h}" width="${2 * half}" height="${h}">${paths}</svg>`;
  return {
    source: `data:image/svg+xml,${encodeURIComponent(svg)}`,
    xref: 'x',
    yref: 'y',
    x: place + PLACE.plant,
    y: 0,
    sizex: 2,
    sizey: inUnit(dot.value),
    xanchor: 'center',
    yanchor: 'bottom',
    sizing: 'contain',
    layer: 'above',
  };
}

/** Labels come from people: markup in them is shown, not obeyed. */
function escapeText(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
}
