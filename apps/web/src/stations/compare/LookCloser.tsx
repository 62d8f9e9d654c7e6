import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { leftOver } from '@bright-sprout/core/compare/causes/placeCause';
import { teamStrip } from '@bright-sprout/core/compare/figures/teamStrip';
import { isTime } from '@bright-sprout/core/compare/question';
import { useState } from 'react';
import { type CloserProps } from './panels/closerProps';
import { CoursePanel } from './panels/CoursePanel';
import { ExtremesPanel, hasExtremes } from './panels/ExtremesPanel';
import { SeedlingsPanel } from './panels/SeedlingsPanel';
import { TeamsPanel } from './panels/TeamsPanel';
import { TrayPanel } from './panels/TrayPanel';
import { WorkingPanel } from './panels/WorkingPanel';

type Panel = 'course' | 'teams' | 'tray' | 'seedlings' | 'extremes' | 'working';
const NAMES: Record<Panel, string> = spoken({
  course: 'compare.dayByDay',
  teams: 'compare.teamTeam',
  tray: 'compare.onTheTray',
  seedlings: 'compare.seedlingsPots',
  extremes: 'compare.greatestSmallest',
  working: 'compare.showWorking',
});

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
    ...(hasExtremes(props) ? (['extremes'] as const) : []),
    ...(investigation.class.gradeBand === 'upper' ? (['working'] as const) : []),
  ];
  const [chosen, setChosen] = useState<Panel | null>(null);
  const open = chosen !== null && offered.includes(chosen) ? chosen : question.mark === 'plant' ? 'seedlings' : null;
  if (offered.length === 0) return null;
  return (
    <section className="section look-closer">
      <h2>{say('compare.lookCloser')}</h2>
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
