import { say } from '@bright-sprout/words/say';
import { type InvestigationView, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { growthLines } from '@bright-sprout/core/compare/growthLines';
import { recordedDays, standingsOn } from '@bright-sprout/core/readings/standing';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { mainMeasure } from '@bright-sprout/core/measures/registry';
import { summaryUnit, summaryValue, summaryWords } from '@bright-sprout/core/measures/summaryWords';
import { useMemo, useRef } from 'react';
import { LineUp, wallTop } from '../../wall/LineUp';
import { MarkShape } from '../../marks/TreatmentMark';
import { useWidth } from '../../page/useWidth';
import { treatmentLook } from '../../theme/treatments';

/** The team's own wall as last checked, and how its plants grew as lines. */
export function OwnProgress({ investigation, readings }: { investigation: InvestigationView; readings: ReadingView[] }) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 800);
  const days = recordedDays(readings);
  const day = days[days.length - 1];
  const before = days[days.length - 2] ?? null;
  const { containers } = investigation;
  const shown = useMemo(() => {
    const ids = containers.map((c) => c.id);
    return day === undefined
      ? null
      : { standings: standingsOn(ids, readings, day), earlier: before === null ? null : standingsOn(ids, readings, before) };
  }, [containers, readings, day, before]);
  const group = useMemo(
    () => [{ key: 'own', title: '', detail: '', look: null, emblem: null, summary: null, peg: null, containers }],
    [containers],
  );
  if (!shown || day === undefined) return null;
  return (
    <section className="section" ref={holder}>
      <h2>{say('notebook.ourPlantsOn', { day: formatDay(day) })}</h2>
      <LineUp
        investigation={investigation}
        groups={group}
        standings={shown.standings}
        earlier={shown.earlier}
        day={day}
        beforeDay={before}
        width={width}
        topMm={wallTop(readings, [], investigation.resolution === 'quarter-in')}
        plantHeight={Math.min(300, 0.6 * width)}
        chosen={null}
        onChoose={(id) => document.getElementById(`page-${id}`)?.scrollIntoView({ block: 'start' })}
      />
      <Lines investigation={investigation} readings={readings} measure={mainMeasure(investigation.bench)} width={width} />
    </section>
  );
}

const CHART = { height: 260, left: 66, right: 54, top: 14, bottom: 34 };

/** One line for each container: days since sowing along, the measure up. */
function Lines({
  investigation,
  readings,
  measure,
  width,
}: {
  investigation: InvestigationView;
  readings: ReadingView[];
  measure: Measure;
  width: number;
}) {
  const lines = growthLines(investigation.containers, readings, measure);
  const points = lines.flatMap((l) => l.points);
  if (points.length < 2) return null;
  const { resolution } = investigation;
  const unit = summaryUnit(measure, resolution);
  // Values are drawn in the unit in which the class speaks of them.
  const perUnit = 1 / summaryValue(measure, 1, resolution);
  const last = Math.max(...points.map((p) => p.dayNumber));
  const most = Math.max(...points.map((p) => p.value)) / perUnit;
  const step = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20].find((s) => most / s <= 7) ?? 50;
  const every = last > 16 ? 7 : last > 8 ? 4 : 2;
  const top = Math.ceil((most * 1.05) / step) * step;
  const x = (dayNumber: number) => CHART.left + (dayNumber / Math.max(1, last)) * (width - CHART.left - CHART.right);
  const y = (mm: number) => CHART.height - CHART.bottom - (mm / (top * perUnit)) * (CHART.height - CHART.bottom - CHART.top);
  const ends = spread(lines.map((l) => y(l.points[l.points.length - 1]!.value)));
  const container = (id: string) => investigation.containers.find((c) => c.id === id)!;
  const words = lines
    .map((l) =>
      say('notebook.summaryOnDay', {
        code: container(l.containerId).code,
        summary: summaryWords(measure, l.points[l.points.length - 1]!.value, resolution),
        dayNumber: l.points[l.points.length - 1]!.dayNumber,
      }),
    )
    .join(', ');
  return (
    <svg
      className="notebook-lines"
      width={width}
      height={CHART.height}
      role="img"
      aria-label={say('notebook.plantsGrew', { name: measure.name, words })}
    >
      {Array.from({ length: Math.round(top / step) + 1 }, (_, i) => Number((i * step).toFixed(6))).map((n) => (
        <g key={n}>
          <path d={`M${CHART.left} ${y(n * perUnit)}H${width - CHART.right}`} stroke="#E3E2EA" />
          <text x={CHART.left - 8} y={y(n * perUnit) + 5} textAnchor="end">
            {n}
            {Math.abs(n - top) < 1e-6 && unit ? ` ${unit}` : ''}
          </text>
        </g>
      ))}
      {Array.from({ length: Math.floor(last / every) + 1 }, (_, i) => i * every).map((n) => (
        <text key={n} x={x(n)} y={CHART.height - 10} textAnchor="middle">
          {n === 0 ? say('notebook.dayZero') : n}
        </text>
      ))}
      <path d={`M${CHART.left} ${y(0)}H${width - CHART.right}`} stroke="#2A1B2E" strokeWidth="2" />
      {lines.map((line, i) => {
        const { code, treatment } = container(line.containerId);
        const end = line.points[line.points.length - 1]!;
        return (
          <g key={line.containerId}>
            <path
              d={line.points.map((p, k) => `${k === 0 ? 'M' : 'L'}${x(p.dayNumber)} ${y(p.value)}`).join('')}
              fill="none"
              stroke={treatmentLook(treatment).colour}
              strokeWidth="2.5"
              strokeLinejoin="round"
            />
            {line.points.map((p) => (
              <g key={p.dayNumber} transform={`translate(${x(p.dayNumber)} ${y(p.value)})`}>
                <MarkShape code={treatment} size={10} />
              </g>
            ))}
            <text x={x(end.dayNumber) + 10} y={ends[i]! + 5} className="notebook-code">
              {code}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

const LINE = 17;

/** Heights for the labels so that none covers another: pushed apart from the top down. */
function spread(ys: readonly number[]): number[] {
  const order = ys.map((_, i) => i).sort((a, b) => ys[a]! - ys[b]!);
  const placed = [...ys];
  order.forEach((i, k) => {
    if (k > 0) placed[i] = Math.max(placed[i]!, placed[order[k - 1]!]! + LINE);
  });
  return placed;
}
