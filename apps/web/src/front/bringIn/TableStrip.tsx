import { say } from '@bright-sprout/words/say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { type Strip } from '@bright-sprout/core/formats/table/tableOutlook';
import { valueNumber, shownUnit } from '@bright-sprout/core/measures/findingWords';
import { type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { MarkShape, TreatmentMark } from '../../marks/TreatmentMark';

const [WIDTH, HEIGHT, LEFT, TOP] = [276, 250, 40, 18];
const SHOWN = { resolution: 'mm' } as const;

/** One mark a container, treatment beside treatment: a first sight of what will be drawn of the table. */
export function TableStrip({ strip, own }: { strip: Strip; own: readonly OwnMeasure[] }) {
  const measure = measureOf(strip.measure, own)!;
  const values = strip.groups.flatMap((g) => g.values);
  // Plants stand on the soil.
  const standing = measure.drawn === 'height';
  const { low, high, ticks } = scaleOf(standing ? 0 : Math.min(...values), Math.max(...values));
  const y = (v: number) => TOP + ((high - v) / (high - low || 1)) * (HEIGHT - TOP - 8);
  const column = (WIDTH - LEFT) / strip.groups.length;
  const words = (v: number) => valueNumber(measure, v, SHOWN);
  const summary = strip.groups
    .filter((g) => g.containers > 0)
    .map((g) => `${g.label} ${words(g.mean)} ${shownUnit(measure, SHOWN)} (${g.containers})`)
    .join(', ');
  return (
    <section className="section">
      <h2>{say('bringIn.whatWillBeDrawn')}</h2>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="table-strip"
        role="img"
        aria-label={say('bringIn.meanNumberContainers', { name: measure.name, summary })}
      >
        <rect x={LEFT} y={TOP - 8} width={WIDTH - LEFT} height={HEIGHT - TOP + 2} fill="#fff" />
        {ticks.map((t) => (
          <g key={t}>
            <path d={`M${LEFT - 6} ${y(t)}H${WIDTH}`} stroke="#E3E2EA" />
            <text x={LEFT - 10} y={y(t) + 5} textAnchor="end" className="table-strip-number">
              {String(measure.quantity === 'length' && measure.byRuler ? t / 10 : t)}
            </text>
          </g>
        ))}
        <path d={`M${LEFT} ${TOP - 8}V${HEIGHT - 6}`} stroke="#2A1B2E" strokeWidth="1.5" />
        <path d={`M${LEFT} ${HEIGHT - 6}H${WIDTH}`} stroke={standing ? '#6D5C63' : '#2A1B2E'} strokeWidth={standing ? 3 : 1.5} />
        {strip.groups.map((g, k) => (
          <g key={g.code} transform={`translate(${LEFT + column * (k + 0.5)} 0)`}>
            {g.values.map((v, i) => (
              <g key={i} transform={`translate(${spread(i, g.values.length, column)} ${y(v)})`}>
                <MarkShape code={g.code} size={9} />
              </g>
            ))}
            {g.containers > 0 && <path d={`M${-column * 0.32} ${y(g.mean)}h${column * 0.64}`} stroke="#2A1B2E" strokeWidth="3" />}
          </g>
        ))}
      </svg>
      <p className="table-strip-under">
        {measure.name}
        {shownUnit(measure, SHOWN) && `, ${shownUnit(measure, SHOWN)}`}, {formatDay(strip.day)}
      </p>
      <ul className="table-strip-key">
        {strip.groups.map((g) => (
          <li key={g.code}>
            <TreatmentMark code={g.code} size={15} /> <b>{g.code}</b> {g.label} <span className="second">{g.containers}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Marks stand a little aside from each other, the same way every time. */
function spread(i: number, count: number, column: number): number {
  return count === 1 ? 0 : (((i * 7) % 11) / 10 - 0.5) * Math.min(column * 0.6, 44);
}

/** From nought where that is near, in steps of 1, 2 or 5. */
function scaleOf(least: number, most: number): { low: number; high: number; ticks: number[] } {
  const from = least >= 0 && least < most / 2 ? 0 : least;
  const rough = (most - from || Math.abs(most) || 1) / 4;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((n) => n * power).find((n) => n >= rough)!;
  const first = Math.floor(from / step);
  const last = Math.ceil((most + step * 0.05) / step);
  const ticks = Array.from({ length: last - first + 1 }, (_, i) => Number(((first + i) * step).toPrecision(12)));
  return { low: ticks[0]!, high: ticks[ticks.length - 1]!, ticks };
}
