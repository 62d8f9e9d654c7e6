import { addDays, formatDay, weekday } from '@bright-sprout/core/calendar/days';
import { eventWords } from '@bright-sprout/core/plan/calendar/eventWords';
import { type PlanCalendar, planCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { sowForLesson } from '@bright-sprout/core/seeds/backPlanning';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { roomFromRecord } from '@bright-sprout/core/room/roomRecord';
import { Form } from 'react-bootstrap';
import { useRoom } from '../../../api/queries';
import { ChoiceField, DayField, NumberField, setting, TextField } from '../planFields';
import { type PartProps } from '../partProps';
import { saveCalendar } from './saveCalendar';
import { SchoolDays } from './SchoolDays';
import { MONDAY_FIRST, WEEKDAY_NAMES } from './weekdays';
import { Outside } from './Outside';

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
      <Room group={group} plan={plan} change={change} problems={problems} />
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

function BackFromLesson({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const species = speciesById(plan.speciesId);
  const planned =
    plan.lessonOn && plan.kind !== 'age-ladder' && species && problems.length === 0
      ? sowForLesson(species, { lesson: plan.lessonOn, seeds: plan.containersEach * plan.seedsEach }, plan.room, plan.calendar)
      : null;
  return (
    <div className="planner-columns">
      <DayField
        label={plan.kind === 'age-ladder' ? 'The lesson on which every age is seen' : 'Or: a lesson for which half should be up'}
        field="lessonOn"
        problems={problems}
        hint={planned && !planned.ok ? planned.reason : undefined}
        value={plan.lessonOn}
        onChange={(lessonOn) => change(setting({ lessonOn }))}
      />
      {planned?.ok && (
        <p className="planner-advice">
          Sow by <b>{formatDay(planned.sowOn)}</b>: the chance of being late is{' '}
          {Math.max(1, Math.round(100 * planned.chanceLate))} in 100.{' '}
          <button
            type="button"
            className="btn"
            disabled={plan.sowOn === planned.sowOn}
            onClick={() => change(setting({ sowOn: planned.sowOn }))}
          >
            Sow on that day
          </button>
        </p>
      )}
    </div>
  );
}

function Cadence({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const { cadence } = plan;
  const chosen = cadence.kind === 'weekdays' ? cadence.weekdays : [];
  return (
    <fieldset className="planner-cadence">
      <legend>Checks</legend>
      <Form.Check
        type="radio"
        id="cadence-all"
        name="cadence"
        label="on every school day"
        checked={cadence.kind === 'school-days'}
        onChange={() => change(setting({ cadence: { kind: 'school-days' } }))}
      />
      <Form.Check
        type="radio"
        id="cadence-weekdays"
        name="cadence"
        label="on these weekdays"
        checked={cadence.kind === 'weekdays'}
        onChange={() => change(setting({ cadence: { kind: 'weekdays', weekdays: [1, 3, 5] } }))}
      />
      {cadence.kind === 'weekdays' && (
        <span className="planner-weekdays">
          {MONDAY_FIRST.map((d) => (
            <Form.Check
              key={d}
              type="checkbox"
              id={`check-${d}`}
              label={WEEKDAY_NAMES[d]}
              checked={chosen.includes(d)}
              onChange={(e) =>
                change(
                  setting({
                    cadence: {
                      kind: 'weekdays',
                      weekdays: MONDAY_FIRST.filter((x) => (x === d ? e.target.checked : chosen.includes(x))),
                    },
                  }),
                )
              }
            />
          ))}
        </span>
      )}
      <Form.Check
        type="radio"
        id="cadence-every"
        name="cadence"
        label="every few days"
        checked={cadence.kind === 'every'}
        onChange={() => change(setting({ cadence: { kind: 'every', days: 3 } }))}
      />
      {cadence.kind === 'every' && (
        <NumberField
          label="Days from one check to the next"
          field="cadence"
          problems={problems}
          value={cadence.days}
          onChange={(n) => change(setting({ cadence: { kind: 'every', days: Math.max(0, Math.round(n)) } }))}
        />
      )}
    </fieldset>
  );
}

function Room({ group, plan, change, problems }: Pick<PartProps, 'group' | 'plan' | 'change' | 'problems'>) {
  const record = useRoom(group.id);
  const measured = roomFromRecord(record.data?.readings ?? [], group.timeZone, plan.calendar, plan.room.dayHours);
  const { room } = plan;
  const setRoom = (part: Partial<typeof room>) => change((p) => ({ ...p, room: { ...p.room, ...part } }));
  return (
    <section className="section">
      <h2>How warm it is at the seed</h2>
      <div className="planner-columns">
        <NumberField
          label="By day"
          unit="°C"
          field="room.day"
          problems={problems}
          value={room.day}
          onChange={(day) => setRoom({ day })}
        />
        <NumberField
          label="By night"
          unit="°C"
          field="room.night"
          problems={problems}
          value={room.night}
          onChange={(night) => setRoom({ night })}
        />
        {room.weekend && (
          <NumberField
            label="Without heating"
            unit="°C"
            field="room.weekend"
            problems={problems}
            value={room.weekend.day}
            onChange={(v) => setRoom({ weekend: { day: v, night: v - 3 } })}
          />
        )}
      </div>
      <Form.Check
        type="checkbox"
        id="unheated"
        label="The heating is off when there is no school"
        checked={room.weekend !== null}
        onChange={(e) => setRoom({ weekend: e.target.checked ? { day: room.night - 2, night: room.night - 5 } : null })}
      />
      {measured.ok && (
        <p className="mt-2 mb-0">
          Read in the room: {measured.room.day} °C by day, {measured.room.night} °C by night
          {measured.room.weekend && `, ${measured.room.weekend.day} °C without school`}.{' '}
          <button type="button" className="btn" onClick={() => change(setting({ room: measured.room }))}>
            Plan with that
          </button>
        </p>
      )}
    </section>
  );
}

function Conflicts({ days }: { days: PlanCalendar }) {
  if (days.conflicts.length === 0) return null;
  return (
    <ul className="planner-missing">
      {days.conflicts.map((c) => (
        <li key={c.what}>
          {c.what} {c.wayOut}
        </li>
      ))}
    </ul>
  );
}

/** One line a day that has something, weeks apart. */
function Agenda({ days }: { days: PlanCalendar }) {
  const dates = [...new Set(days.events.map((e) => e.day))];
  return (
    <ol className="agenda">
      {dates.map((day, i) => {
        const newWeek = i > 0 && addDays(dates[i - 1]!, 7 - ((weekday(dates[i - 1]!) + 6) % 7)) <= day;
        return (
          <li key={day} className={newWeek ? 'agenda-week' : undefined}>
            <span className="agenda-day">{formatDay(day, 'short')}</span>
            <span>
              {days.events
                .filter((e) => e.day === day)
                .map((e) => ({ kind: e.kind, ...eventWords(e) }))
                .map(({ kind, title, note }) => (
                  <span key={kind + title} className={`agenda-event agenda-${kind}`}>
                    <b>{title}</b> {kind !== 'check' && note}
                  </span>
                ))}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
