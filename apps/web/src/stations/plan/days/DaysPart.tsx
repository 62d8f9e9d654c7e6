import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { planCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { NotYet } from '../NotYet';
import { type PartProps } from '../partProps';
import { Agenda, Conflicts } from './Agenda';
import { DaysSentence } from './DaysSentence';
import { saveCalendar } from './saveCalendar';

/** The days in words beside the tape on which they are made, and everything that has its day. */
export function DaysPart(props: PartProps) {
  const { plan, out, problems, group, readOnly } = props;
  const days = out && planCalendar(plan, out, readOnly ? null : todayIn(group.timeZone));
  return (
    <>
      <DaysSentence {...props} />
      {problems.map((p) => (
        <div key={p.field + p.sentence} className="invalid-feedback d-block">
          {p.sentence}
        </div>
      ))}
      {days ? (
        <section className="section">
          <div className="d-flex flex-wrap justify-content-between gap-2">
            <h2>{say('planner.happensWhen')}</h2>
            <button type="button" className="btn no-print" onClick={() => saveCalendar(plan, days)}>
              {say('planner.takeCalendarIcs')}
            </button>
          </div>
          <Conflicts days={days} />
          <Agenda days={days} />
        </section>
      ) : (
        <NotYet />
      )}
    </>
  );
}
