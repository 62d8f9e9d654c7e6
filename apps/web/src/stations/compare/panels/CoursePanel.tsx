import { say } from '@bright-sprout/words/say';
import { type Along, courseLines } from '@bright-sprout/core/compare/figures/courseLines';
import { type Question } from '@bright-sprout/core/compare/question';
import { useCallback, useMemo, useState } from 'react';
import { ChartFigure } from '../../../compare/figures/ChartFigure';
import { linesChart } from '../../../compare/figures/linesChart';
import { Numbers } from '../../../compare/figures/otherTables';
import { shownFor } from '../../../compare/questionWords';
import { type CloserProps } from './closerProps';

/** How it went day by day: each container thin, each group bold. */
export function CoursePanel({ records, compared, question, measure }: CloserProps) {
  const { investigation } = records;
  const value = useMemo((): Question => ({ ...question, follow: 'value' }), [question]);
  const shown = useMemo(() => shownFor(value, measure, investigation, compared), [value, measure, investigation, compared]);
  const [along, setAlong] = useState<Along>('age');
  const courses = useMemo(() => courseLines(compared, measure, value, along), [compared, measure, value, along]);
  const staggered = new Set(compared.containers.map((c) => c.sownOn)).size > 1;
  const chart = useCallback((narrow: boolean) => linesChart(courses, shown, narrow, { along }), [courses, shown, along]);
  const { containerName } = investigation;
  return (
    <>
      {staggered && (
        <div className="look-closer-choices" role="group" aria-label={say('compare.along')}>
          {(['age', 'date'] as const).map((a) => (
            <button key={a} type="button" className="btn" aria-pressed={along === a} onClick={() => setAlong(a)}>
              {a === 'age' ? say('compare.byAge') : say('compare.byDate')}
            </button>
          ))}
        </div>
      )}
      <ChartFigure
        chart={chart}
        name={`${measure.code}-day-by-day`}
        summary={say('compare.coursesOverDays', {
          name: shown.name,
          courses: courses
            .map((c) =>
              say('compare.endsAt', {
                label: c.label,
                y: c.mean.y.length > 0 ? shown.words(c.mean.y[c.mean.y.length - 1]!) : 'nothing',
              }),
            )
            .join('; '),
        })}
        caption={say('compare.thinBoldMeanValue', { containerName, along })}
        table={
          <Numbers heads={[say('common.dayHead'), ...courses.map((c) => c.label)]}>
            {[...new Set(courses.flatMap((c) => c.mean.x))]
              .sort((a, b) => a - b)
              .map((day) => (
                <tr key={day}>
                  <th scope="row">{day}</th>
                  {courses.map((c) => {
                    const i = c.mean.x.indexOf(day);
                    return <td key={c.key}>{i < 0 ? '–' : `${shown.words(c.mean.y[i]!)} (${c.counts[i]})`}</td>;
                  })}
                </tr>
              ))}
          </Numbers>
        }
      />
    </>
  );
}
