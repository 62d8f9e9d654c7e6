import { say } from '@bright-sprout/words/say';
import { type BenchView as Bench } from '@bright-sprout/contracts/answers/checks';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type ReactNode } from 'react';
import { Link } from 'react-router';
import { EmblemMark } from '../../marks/EmblemMark';

/** Days for which a team is still offered the run sheet. */
const SOWING_IS_FRESH = 7;

/** Whose bench it is and which day is checked; its pots hang below. */
export function BenchHead({
  team,
  investigation,
  day,
  children,
}: {
  team: Bench['team'];
  investigation: InvestigationView;
  day: IsoDay;
  children: ReactNode;
}) {
  const dayNumber = daysBetween(investigation.sownOn, day);
  return (
    <header className="bench-head">
      <span className="bench-team">
        <EmblemMark emblem={team.emblem} size={34} />
        <h1>{team.nickname}</h1>
      </span>
      <span className="bench-when">
        {say('bench.checkDay', { speciesName: investigation.speciesName, dayNumber, day: formatDay(day) })}
        {dayNumber <= SOWING_IS_FRESH && investigation.runSheet.length > 0 && (
          <>
            {' · '}
            <Link to={`/bench/sow/${investigation.id}`}>{say('common.sowingDay')}</Link>
          </>
        )}
      </span>
      {children}
    </header>
  );
}
