import { planCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { ChoiceField, DayField, setting, TextField } from '../planFields';
import { type PartProps } from '../partProps';
import { saveCalendar } from './saveCalendar';
import { SchoolDays } from './SchoolDays';
import { Outside } from './Outside';
import { BackFromLesson } from './BackFromLesson';
import { Cadence } from './Cadence';
import { RoomTemperature } from './RoomTemperature';
import { Conflicts, Agenda } from './Agenda';

/** School days, sowing, checks, the room, and everything that has its day. */
export function DaysPart({ group, plan, change, problems, out }: PartProps) {
  const days = out && planCalendar(plan, out);
  return (
    <>
      <section className="section">
        <h2>From sowing to the end</h2>
        <div className="planner-columns">
          <DayField
            label="Sown on"
            field="sowOn"
            problems={problems}
            value={plan.sowOn}
            onChange={(sowOn) => change(setting({ sowOn }))}
          />
          <DayField
            label="Last look"
            field="endOn"
            problems={problems}
            value={plan.endOn}
            onChange={(endOn) => change(setting({ endOn }))}
          />
          <TextField
            label="Period"
            field="period"
            problems={problems}
            value={plan.period}
            placeholder="10:15–11:00"
            onChange={(period) => change(setting({ period }))}
          />
        </div>
        <BackFromLesson plan={plan} change={change} problems={problems} />
        <Cadence plan={plan} change={change} problems={problems} />
        <div className="planner-columns">
          <ChoiceField
            label="While nobody is at school"
            field="whileAway"
            problems={problems}
            value={plan.whileAway}
            choices={[
              { value: 'nothing', name: 'they live on what they hold' },
              { value: 'reservoir', name: 'they stand on a wick or in a saucer' },
              { value: 'somebody', name: 'somebody comes in to water' },
            ]}
            onChange={(whileAway) => change(setting({ whileAway }))}
          />
        </div>
        <Outside plan={plan} change={change} problems={problems} />
      </section>
      <SchoolDays plan={plan} change={change} problems={problems} />
      <RoomTemperature group={group} plan={plan} change={change} problems={problems} />
      {days && out && (
        <section className="section">
          <div className="d-flex flex-wrap justify-content-between gap-2">
            <h2>What happens when</h2>
            <button type="button" className="btn no-print" onClick={() => saveCalendar(plan, days)}>
              Take it into a calendar (.ics)
            </button>
          </div>
          <Conflicts days={days} />
          <Agenda days={days} />
        </section>
      )}
    </>
  );
}
