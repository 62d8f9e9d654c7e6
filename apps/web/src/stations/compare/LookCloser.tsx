import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { leftOver } from '@bright-sprout/core/compare/causes/placeCause';
import { type Along, courseLines } from '@bright-sprout/core/compare/figures/courseLines';
import { teamStrip } from '@bright-sprout/core/compare/figures/teamStrip';
import { type Group, type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { isTime, type Question } from '@bright-sprout/core/compare/question';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Sureness } from '@bright-sprout/core/compare/sureness';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { useCallback, useMemo, useState } from 'react';
import { ChartFigure } from '../../compare/figures/ChartFigure';
import { FigureFrame } from '../../compare/figures/FigureFrame';
import { linesChart } from '../../compare/figures/linesChart';
import { Numbers } from '../../compare/figures/otherTables';
import { TeamStripFigure } from '../../compare/figures/TeamStripFigure';
import { TrayFigure } from '../../compare/figures/TrayFigure';
import { shownFor } from '../../compare/questionWords';
import { ExtremesPanel } from './panels/ExtremesPanel';
import { SeedlingsPanel } from './panels/SeedlingsPanel';
import { WorkingPanel } from './panels/WorkingPanel';

export interface CloserProps {
  records: InvestigationRecords;
  compared: GroupedRecords;
  question: Question;
  measure: Measure;
  groups: readonly Group[];
  shown: Shown;
  sureness: Sureness | null;
}

type Panel = 'course' | 'teams' | 'tray' | 'seedlings' | 'extremes' | 'working';
const NAMES: Record<Panel, string> = {
  course: 'Day by day',
  teams: 'Team by team',
  tray: 'On the tray',
  seedlings: 'Seedlings and pots',
  extremes: 'First and last, tallest and smallest',
  working: 'Show the working',
};

/** Further figures of the same question, one at a time. */
export function LookCloser(props: CloserProps) {
  const { records, question, groups, measure } = props;
  const { investigation } = records;
  const offered: Panel[] = [
    ...(!isTime(question) && question.follow !== 'share-up' && measure.choices.length === 0 ? (['course'] as const) : []),
    ...(investigation.teams.length > 1 && question.between !== 'teams' && teamStrip(groups).some((s) => s.teams.length > 1)
      ? (['teams'] as const)
      : []),
    ...(investigation.origin === 'planned' && leftOver({ groups, question }) ? (['tray'] as const) : []),
    ...(question.mark === 'plant' ? (['seedlings'] as const) : []),
    ...(measure.quantity === 'length' ? (['extremes'] as const) : []),
    ...(investigation.class.gradeBand === 'upper' ? (['working'] as const) : []),
  ];
  const [chosen, setChosen] = useState<Panel | null>(null);
  const open = chosen !== null && offered.includes(chosen) ? chosen : question.mark === 'plant' ? 'seedlings' : null;
  if (offered.length === 0) return null;
  return (
    <section className="section look-closer">
      <h2>Look closer</h2>
      <div className="look-closer-choices">
        {offered.map((panel) => (
          <button
            key={panel}
            type="button"
            className="btn"
            aria-pressed={open === panel}
            onClick={() => setChosen(open === panel ? null : panel)}
          >
            {NAMES[panel]}
          </button>
        ))}
      </div>
      {open === 'course' && <CoursePanel {...props} />}
      {open === 'teams' && <TeamsPanel {...props} />}
      {open === 'tray' && <TrayPanel {...props} />}
      {open === 'seedlings' && <SeedlingsPanel {...props} />}
      {open === 'extremes' && <ExtremesPanel {...props} />}
      {open === 'working' && <WorkingPanel {...props} />}
    </section>
  );
}

function CoursePanel({ records, compared, question, measure }: CloserProps) {
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
        <div className="look-closer-choices" role="group" aria-label="Along">
          {(['age', 'date'] as const).map((a) => (
            <button key={a} type="button" className="btn" aria-pressed={along === a} onClick={() => setAlong(a)}>
              {a === 'age' ? 'by age' : 'by date'}
            </button>
          ))}
        </div>
      )}
      <ChartFigure
        chart={chart}
        name={`${measure.code}-day-by-day`}
        summary={`${shown.name} over the days since sowing: ${courses.map((c) => `${c.label} ends at ${c.mean.y.length > 0 ? shown.words(c.mean.y[c.mean.y.length - 1]!) : 'nothing'}`).join('; ')}.`}
        caption={`Thin: each ${containerName}. Bold: the mean of those that had a value that day. Where nobody looked there is a gap. Days count from ${along === 'age' ? `each ${containerName}’s own sowing` : 'the first sowing'}.`}
        table={
          <Numbers heads={['Day', ...courses.map((c) => c.label)]}>
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

function TeamsPanel({ records, groups, shown }: CloserProps) {
  const { teams, treatments } = records.investigation;
  const strips = teamStrip(groups);
  const emblems = new Map(teams.map((t) => [t.nickname, t.emblem]));
  const control = treatments.find((t) => t.control)?.label ?? groups[0]?.label ?? '';
  const words = strips
    .map(
      (s) =>
        `${s.group.label}: ${s.teams.filter((t) => t.difference < 0).length} of ${s.teams.length} teams found less than with ${control}`,
    )
    .join('; ');
  return (
    <FigureFrame
      name="team-by-team"
      summary={`Each team’s own difference. ${words}.`}
      caption={`${words}. A team far from the rest is a question about measuring, not a culprit.`}
      table={
        <Numbers heads={['Team', ...strips.map((s) => s.group.label)]}>
          {teams.map((t) => (
            <tr key={t.id}>
              <th scope="row">{t.nickname}</th>
              {strips.map((s) => {
                const own = s.teams.find((o) => o.team === t.nickname);
                return <td key={s.group.key}>{own ? shown.signed(own.difference) : '–'}</td>;
              })}
            </tr>
          ))}
        </Numbers>
      }
    >
      {(width) => <TeamStripFigure width={width} strips={strips} shown={shown} emblems={emblems} />}
    </FigureFrame>
  );
}

function TrayPanel({ records, groups, question, shown }: CloserProps) {
  const { investigation } = records;
  const emblems = new Map(investigation.teams.map((t) => [t.nickname, t.emblem]));
  const left = leftOver({ groups, question }) ?? [];
  return (
    <FigureFrame
      name="on-the-tray"
      summary={`What treatment and team leave of each ${investigation.containerName}, where it stands on the tray.`}
      caption={`Each ${investigation.containerName} from above, where it stands: how far it lies above or below what its treatment and its team let expect. Look for a dark or a pale side.`}
      table={
        <details className="mt-2">
          <summary>Show the numbers</summary>
          <p>{left.map((l) => `${l.container.code} ${shown.signed(l.residual)}`).join(', ')}</p>
        </details>
      }
    >
      {(width) => (
        <TrayFigure
          width={width}
          pots={investigation.containers}
          groups={groups}
          question={question}
          shown={shown}
          emblems={emblems}
        />
      )}
    </FigureFrame>
  );
}
