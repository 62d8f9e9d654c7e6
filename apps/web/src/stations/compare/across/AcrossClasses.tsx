import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { contrastName } from '@bright-sprout/core/claims/contrastWords';
import { type CourseGroup, courseLines } from '@bright-sprout/core/compare/figures/courseLines';
import { groupsOf } from '@bright-sprout/core/compare/groups';
import { matched, type Run } from '@bright-sprout/core/compare/pooled';
import { isTime, type Question } from '@bright-sprout/core/compare/question';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Contrast, surenessOf } from '@bright-sprout/core/compare/sureness';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { useCallback, useMemo } from 'react';
import { ChartFigure } from '../../../compare/figures/ChartFigure';
import { FigureFrame } from '../../../compare/figures/FigureFrame';
import { axisOver, INK, LINE } from '../../../compare/figures/figureKit';
import { linesChart } from '../../../compare/figures/linesChart';
import { Numbers } from '../../../compare/figures/otherTables';
import { MarkShape } from '../../../marks/TreatmentMark';
import { treatmentLook } from '../../../theme/treatments';

interface Props {
  runs: readonly Run[];
  question: Question;
  measure: Measure;
  shown: Shown;
  investigation: InvestigationView;
}

/** Deals enough for a strip: the answer of all classes together has its own. */
const DRAWS = 2000;

/** Each class's own answer as a strip, and the course of the other runs beside this one. */
export function AcrossClasses({ runs, question, measure, shown, investigation }: Props) {
  const answers = useMemo(
    () =>
      runs.map((run) => {
        const codes = matched(runs[0]!.records, run.records)!;
        const own = {
          ...run.records,
          treatments: runs[0]!.records.treatments,
          containers: run.records.containers.map((c) => ({ ...c, treatment: codes.get(c.treatment)! })),
        };
        const alone: Question = { ...question, between: 'treatments' };
        const sureness = surenessOf(groupsOf(own, measure, alone), alone, null, { seed: 1, draws: DRAWS });
        return { run, own, contrasts: sureness.ok ? sureness.contrasts : [], reason: sureness.ok ? null : sureness.reason };
      }),
    [runs, question, measure],
  );
  const keys = [...new Map(answers.flatMap((a) => a.contrasts.map((c) => [c.key, c] as const)))];
  const courses = useMemo(
    () =>
      answers.map((a) => ({
        name: a.run.name,
        courses: courseLines(a.own, measure, { ...question, follow: 'value', between: 'treatments' }),
      })),
    [answers, measure, question],
  );
  const chart = useCallback(
    (narrow: boolean) => linesChart(courses[0]!.courses, shown, narrow, { earlier: courses[1] ?? null }),
    [courses, shown],
  );
  return (
    <div className="across">
      <h3>{say('compare.classsOwnAnswer')}</h3>
      <FigureFrame
        name="class-by-class"
        summary={answers
          .map(
            (a) =>
              `${a.run.name}: ${a.contrasts.map((c) => `${contrastName(c)} ${shown.signed(c.estimate)}`).join(', ') || a.reason}`,
          )
          .join('; ')}
        caption={say('compare.thickEndMarksClasss')}
        table={<OwnAnswers answers={answers} keys={keys} shown={shown} />}
      >
        {(width) => <Strips width={width} answers={answers} keys={keys} shown={shown} />}
      </FigureFrame>
      {runs.length > 1 && question.follow === 'value' && !isTime(question) && measure.choices.length === 0 && (
        <ChartFigure
          chart={chart}
          name="beside-the-other-run"
          summary={say('compare.overDaysSinceSowing', {
            name: shown.name,
            group: investigation.class.name,
            other: runs[1]!.name,
          })}
          caption={say('compare.boldClassDottedBoth', { name: runs[1]!.name })}
          table={<Ends courses={courses} shown={shown} />}
        />
      )}
    </div>
  );
}

function Strips({
  width,
  answers,
  keys,
  shown,
}: {
  width: number;
  answers: readonly { run: Run; contrasts: readonly Contrast[] }[];
  keys: readonly (readonly [string, Contrast])[];
  shown: Shown;
}) {
  const line = 30;
  const block = 30 + answers.length * line;
  const ends = answers.flatMap((a) =>
    a.contrasts.flatMap((c) => [c.estimate, ...(c.interval ? [c.interval.low, c.interval.high] : [])].map(shown.inUnit)),
  );
  const left = width < 520 ? 110 : 150;
  const [low, high] = [Math.min(0, ...ends), Math.max(0, ...ends)];
  const room = (high - low) * 0.06 || 1;
  const axis = axisOver(low - room, high + room, left, width - 14, width < 520 ? 4 : 8);
  const base = keys.length * block;
  return (
    <svg width={width} height={base + 48} viewBox={`0 0 ${width} ${base + 48}`} aria-hidden="true" className="figure">
      <path d={`M${axis.at(0)} 0V${base}`} stroke={INK} strokeDasharray="4 4" strokeWidth="1.4" />
      {keys.map(([key, first], i) => {
        const code = first.asked.kind === 'difference' ? first.asked.code : 'A';
        return (
          <g key={key} transform={`translate(0 ${i * block})`}>
            <g transform="translate(14 16)">
              <MarkShape code={code} size={15} />
              <text x="16" y="6" className="figure-code">
                {contrastName(first)}
              </text>
            </g>
            {answers.map(({ run, contrasts }, k) => {
              const c = contrasts.find((o) => o.key === key);
              const y = 38 + k * line;
              return (
                <g key={run.id}>
                  <text x="6" y={y + 5} className="figure-word">
                    {run.name}
                  </text>
                  {c?.interval && (
                    <path
                      d={`M${axis.at(shown.inUnit(c.interval.low))} ${y - 7}v14m0-7H${axis.at(shown.inUnit(c.interval.high))}m0-7v14`}
                      stroke={treatmentLook(code).colour}
                      strokeWidth="2.6"
                      fill="none"
                    />
                  )}
                  {c && (
                    <g transform={`translate(${axis.at(shown.inUnit(c.estimate))} ${y})`}>
                      <MarkShape code={code} size={13} inked />
                    </g>
                  )}
                </g>
              );
            })}
            <path d={`M4 ${block - 2}H${width - 10}`} stroke={LINE} />
          </g>
        );
      })}
      {axis.major.map((v) => (
        <g key={v}>
          <path d={`M${axis.at(v)} ${base}v8`} stroke={INK} />
          <text x={axis.at(v)} y={base + 27} textAnchor="middle" className="figure-number">
            {v > 0 ? '+' : ''}
            {axis.label(v)}
          </text>
        </g>
      ))}
      <text x={width - 12} y={base + 45} textAnchor="end" className="figure-word second-ink">
        {shown.unit}
      </text>
    </svg>
  );
}

function OwnAnswers({
  answers,
  keys,
  shown,
}: {
  answers: readonly { run: Run; contrasts: readonly Contrast[] }[];
  keys: readonly (readonly [string, Contrast])[];
  shown: Shown;
}) {
  return (
    <Numbers heads={[say('compare.class'), ...keys.map(([, c]) => contrastName(c))]}>
      {answers.map(({ run, contrasts }) => (
        <tr key={run.id}>
          <th scope="row">{run.name}</th>
          {keys.map(([key]) => {
            const c = contrasts.find((o) => o.key === key);
            if (!c) return <td key={key}>–</td>;
            const estimate = shown.signed(c.estimate);
            return (
              <td key={key}>
                {c.interval
                  ? say('compare.estimateAndRange', {
                      estimate,
                      low: shown.signed(c.interval.low),
                      high: shown.signed(c.interval.high),
                    })
                  : estimate}
              </td>
            );
          })}
        </tr>
      ))}
    </Numbers>
  );
}

/** Where the mean of each group stood at the last look of each run. */
function Ends({ courses, shown }: { courses: readonly { name: string; courses: readonly CourseGroup[] }[]; shown: Shown }) {
  return (
    <Numbers heads={[say('compare.class'), ...(courses[0]?.courses.map((c) => c.label) ?? [])]}>
      {courses.map(({ name, courses: groups }) => (
        <tr key={name}>
          <th scope="row">{name}</th>
          {groups.map(({ key, mean }) => {
            const last = mean.x.length - 1;
            return (
              <td key={key}>{last < 0 ? '–' : say('compare.dayAndValue', { x: mean.x[last], y: shown.words(mean.y[last]!) })}</td>
            );
          })}
        </tr>
      ))}
    </Numbers>
  );
}
