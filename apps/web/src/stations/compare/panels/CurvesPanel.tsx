import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { type CourseGroup, courseLines } from '@bright-sprout/core/compare/figures/courseLines';
import { type Question } from '@bright-sprout/core/compare/question';
import { type CurveIntervals } from '@bright-sprout/core/growth/curveIntervals';
import { type CurveName } from '@bright-sprout/core/growth/curves';
import { groupRelativeRate } from '@bright-sprout/core/growth/rates';
import { counted } from '@bright-sprout/core/words/plural';
import { type Interval } from '@bright-sprout/core/statistics/descriptives';
import { useMemo, useState } from 'react';
import { Waiting } from '../../../page/Notices';
import { shownFor } from '../../../compare/questionWords';
import { useCurves } from '../../../workers/useCurves';
import { type CloserProps } from './closerProps';

const CURVES: CurveName[] = ['logistic', 'gompertz', 'monomolecular', 'richards'];

/** Relative growth rates, and a growth curve of each group with its parameters and intervals. */
export function CurvesPanel({ records, compared, question, measure }: CloserProps) {
  const [curve, setCurve] = useState<CurveName | null>(null);
  const value = useMemo(
    (): Question => ({ ...question, follow: 'value', beforeSprouting: 'exclude', afterLoss: 'exclude' }),
    [question],
  );
  const courses = useMemo(() => courseLines(compared, measure, value), [compared, measure, value]);
  const shown = useMemo(
    () => shownFor(value, measure, records.investigation, compared),
    [value, measure, records.investigation, compared],
  );
  const series = useMemo(
    () =>
      courses.map((c) => ({
        key: c.key,
        containers: c.containers.map(({ x, y }) => {
          const kept = x
            .map((t, i) => ({ t, h: y[i] }))
            .filter((p): p is { t: number; h: number } => p.h !== null && p.h! > 0 && p.t > 0);
          return { t: kept.map((p) => p.t), h: kept.map((p) => p.h) };
        }),
      })),
    [courses],
  );
  const fits = useCurves(curve, series);
  const range = (i: Interval | null, digits = 1, inWords: (v: number) => string = (v) => decimal(v, digits)) =>
    i ? say('common.fromTo', { low: inWords(i.low), high: inWords(i.high) }) : say('compare.notEnough');
  return (
    <>
      <h3>{say('compare.growthRatesCurves')}</h3>
      <ul>
        {courses.map((c) => (
          <li key={c.key}>
            <b>{c.label}</b>: {rateWords(c, records.investigation.containerName)}
          </li>
        ))}
      </ul>
      <div className="look-closer-choices" role="group" aria-label={say('compare.growthCurve')}>
        {CURVES.map((name) => (
          <button
            key={name}
            type="button"
            className="btn"
            aria-pressed={curve === name}
            onClick={() => setCurve(curve === name ? null : name)}
          >
            {name}
          </button>
        ))}
      </div>
      {curve !== null && !fits && <Waiting>{say('compare.fittingDrawingWholeContainers')}</Waiting>}
      {fits && (
        <div className="table-responsive">
          <table className="table">
            <thead>
              <tr>
                <th scope="col">{say('compare.group')}</th>
                <th scope="col">{say('compare.levelsOff')}</th>
                <th scope="col">{say('compare.greatestGrowthDay')}</th>
                <th scope="col">{say('compare.dayGreatestGrowth')}</th>
                <th scope="col">{say('compare.aicc')}</th>
              </tr>
            </thead>
            <tbody>
              {courses.map((c) => {
                const found = fits.find((f) => f.key === c.key)?.found;
                if (!found?.ok)
                  return (
                    <tr key={c.key}>
                      <th scope="row">{c.label}</th>
                      <td colSpan={4}>{found?.reason ?? '–'}</td>
                    </tr>
                  );
                const { fit } = found as CurveIntervals;
                return (
                  <tr key={c.key}>
                    <th scope="row">{c.label}</th>
                    <td>
                      {fit.asymptote === null ? '–' : shown.words(fit.asymptote)} ({range(found.asymptote, 1, shown.number)})
                      {fit.beyondTheData && ` – ${say('compare.beyondData')}`}
                    </td>
                    <td>
                      {fit.inflection ? `${shown.words(fit.inflection.rate)}` : '–'} ({range(found.greatestRate, 1, shown.number)}
                      )
                    </td>
                    <td>
                      {fit.inflection ? decimal(fit.inflection.t, 1) : '–'} ({range(found.inflectionTime)})
                    </td>
                    <td>{fit.aicc === null ? '–' : decimal(fit.aicc, 1)}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
    </>
  );
}

/** Relative growth rate of a group between the middle and the end of its course. */
function rateWords(course: CourseGroup, container: string): string {
  const days = course.mean.x;
  if (days.length < 2) return say('compare.tooFewDays');
  const [from, to] = [days[Math.floor((days.length - 1) / 2)]!, days[days.length - 1]!];
  const pairs = course.containers.flatMap(({ x, y }) => {
    const [a, b] = [y[x.indexOf(from)], y[x.indexOf(to)]];
    return a && b && a > 0 && b > 0 ? [[a, b] as const] : [];
  });
  const found = groupRelativeRate(
    pairs.map(([a]) => a),
    pairs.map(([, b]) => b),
    to - from,
  );
  if (!found.ok) return found.reason;
  const { seSamePlants, doublingTime } = found;
  return say('compare.relativeGrowthRateDay', {
    rate: decimal(100 * found.rate, 1),
    hasSe: seSamePlants !== null,
    se: seSamePlants !== null && decimal(100 * seSamePlants, 1),
    from,
    to,
    countPairs: counted(pairs.length, container),
    doubles: doublingTime !== null,
    doublingTime: doublingTime !== null && decimal(doublingTime, 0),
  });
}
