import { say } from '@bright-sprout/words/say';
import { type RoomReadingView } from '@bright-sprout/contracts/answers/room';
import {
  addDays,
  clockInZone,
  dayInZone,
  daysBetween,
  formatDay,
  type IsoDay,
  isWeekend,
} from '@bright-sprout/core/calendar/days';
import { type Data, type Layout, type LayoutAxis, type Shape } from 'plotly.js';
import { useMemo } from 'react';
import { PlotlyChart } from '../../../charts/PlotlyChart';

/** Hours that the clock in the room showed, as the chart's axis wants them. */
const onTheClock = (at: string, timeZone: string) =>
  `${dayInZone(new Date(at), timeZone)} ${clockInZone(new Date(at), timeZone)}`;

/** At most so many days are named below the curve. */
const MOST_NAMED = 8;

/** Days below the curve, in words of our own: the chart library knows only English ones. */
function namedDays(days: readonly IsoDay[]): Partial<LayoutAxis> {
  const step = Math.ceil(days.length / MOST_NAMED);
  const named = days.filter((_, i) => i % step === 0);
  return { type: 'date', tickvals: named, ticktext: named.map((day) => formatDay(day, 'short')) };
}

/** A flat band over each weekend: it is then that a room is left to itself. */
function weekendBands(days: readonly IsoDay[]): Partial<Shape>[] {
  return days.filter(isWeekend).map((day) => ({
    type: 'rect',
    layer: 'below',
    xref: 'x',
    yref: 'paper',
    x0: day,
    x1: addDays(day, 1),
    y0: 0,
    y1: 1,
    fillcolor: '#E9E7EF',
    line: { width: 0 },
  }));
}

/** One kind of reading over the days, weekends shaded. */
export function RoomCurve({
  readings,
  name,
  unit,
  timeZone,
}: {
  readings: RoomReadingView[];
  name: string;
  unit: string;
  timeZone: string;
}) {
  const [data, layout] = useMemo((): [Data[], Partial<Layout>] => {
    const x = readings.map((r) => onTheClock(r.at, timeZone));
    const seen = x.map((at) => at.slice(0, 10)).sort();
    const days = Array.from({ length: daysBetween(seen[0]!, seen.at(-1)!) + 1 }, (_, i) => addDays(seen[0]!, i));
    const points: Data = {
      x,
      y: readings.map((r) => r.value),
      mode: readings.length > 60 ? 'lines' : 'lines+markers',
      line: { color: '#2A1B2E', width: 2 },
      marker: { color: '#2A1B2E', size: 6 },
      text: x.map((at) => `${formatDay(at.slice(0, 10), 'short')}, ${at.slice(11)}`),
      hovertemplate: `%{y} ${unit}<br>%{text}<extra></extra>`,
    };
    return [
      [points],
      {
        margin: { t: 8, r: 8, b: 40, l: 56 },
        paper_bgcolor: 'rgba(0,0,0,0)',
        plot_bgcolor: '#fff',
        font: { family: 'Atkinson Hyperlegible Next, Verdana, sans-serif', size: 15, color: '#2A1B2E' },
        xaxis: { ...namedDays(days), gridcolor: '#E3E2EA' },
        shapes: weekendBands(days),
        yaxis: { title: { text: unit ? `${name}, ${unit}` : name }, gridcolor: '#E3E2EA' },
        showlegend: false,
      },
    ];
  }, [readings, name, unit, timeZone]);
  const values = readings.map((r) => r.value);
  return (
    <PlotlyChart
      data={data}
      layout={layout}
      height={320}
      summary={say('room.fromToReadings', {
        name,
        lowest: Math.min(...values),
        highest: Math.max(...values),
        unit,
        readings: readings.length,
      })}
    />
  );
}
