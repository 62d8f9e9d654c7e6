import { say } from '@bright-sprout/words/say';
import { formatDay, weekdayNames } from '@bright-sprout/core/calendar/days';
import { type SchoolCalendar } from '@bright-sprout/core/calendar/schoolCalendar';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';
import { DayInput } from '../../../entry/DayInput';
import { type PartProps } from '../partProps';
import { MONDAY_FIRST } from './weekdays';

/** The days of the week with school, days off, and days that end at noon. */
export function SchoolDays({ group, plan, change, problems }: Pick<PartProps, 'group' | 'plan' | 'change' | 'problems'>) {
  const [name, setName] = useState('');
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const { calendar } = plan;
  const wrong = problems.filter((p) => p.field === 'calendar');
  const setCalendar = (part: Partial<typeof calendar>) => change((p) => ({ ...p, calendar: { ...p.calendar, ...part } }));
  return (
    <section>
      <h3>{say('planner.schoolDaysHolidays')}</h3>
      <span className="planner-weekdays">
        {MONDAY_FIRST.map((d) => (
          <Form.Check
            key={d}
            type="checkbox"
            id={`school-${d}`}
            label={weekdayNames()[d]}
            checked={calendar.weekdays[d] === true}
            onChange={(e) => setCalendar({ weekdays: calendar.weekdays.map((on, i) => (i === d ? e.target.checked : on)) })}
          />
        ))}
      </span>
      {wrong.map((p) => (
        <div key={p.sentence} className="invalid-feedback d-block">
          {p.sentence}
        </div>
      ))}
      <ul className="planner-holidays">
        {calendar.holidays.map((h, i) => (
          <li key={`${h.from}${h.name}`}>
            {say('planner.namedFromTo', { name: h.name || say('planner.daysOff'), from: formatDay(h.from), to: formatDay(h.to) })}{' '}
            <button
              type="button"
              className="btn btn-plain"
              onClick={() => setCalendar({ holidays: calendar.holidays.filter((_, k) => k !== i) })}
            >
              {say('common.remove')}
            </button>
          </li>
        ))}
      </ul>
      <div className="planner-holiday">
        <Form.Control
          aria-label={say('planner.nameHoliday')}
          placeholder={say('planner.springBreak')}
          value={name}
          maxLength={60}
          onChange={(e) => setName(e.target.value)}
        />
        <DayInput aria-label={say('planner.firstDayOff')} value={from} onChange={setFrom} />
        <DayInput aria-label={say('planner.lastDayOff')} value={to} onChange={setTo} />
        <button
          type="button"
          className="btn"
          disabled={!from || !to}
          onClick={() => {
            setCalendar({ holidays: [...calendar.holidays, { name, from, to }] });
            setName('');
            setFrom('');
            setTo('');
          }}
        >
          {say('planner.addDaysOff')}
        </button>
      </div>
      <ForAllPlans group={group} calendar={calendar} onTake={(year) => change((p) => ({ ...p, calendar: year }))} />
      <HalfDays days={calendar.halfDays ?? []} onChange={(halfDays) => setCalendar({ halfDays })} />
    </section>
  );
}

/** The class's school year: typed once, and taken by all its plans. */
function ForAllPlans({
  group,
  calendar,
  onTake,
}: {
  group: PartProps['group'];
  calendar: SchoolCalendar;
  onTake: (year: SchoolCalendar) => void;
}) {
  const keep = useWrite(() => request('PUT', `/classes/${group.id}/school-year`, calendar), 'classes');
  const year = group.schoolYear;
  if (year && JSON.stringify(year) === JSON.stringify(calendar))
    return <p className="second">{say('planner.schoolDaysNewPlans', { name: group.name })}</p>;
  return (
    <div className="d-flex flex-wrap gap-2 mb-3">
      <button type="button" className="btn" disabled={keep.isPending} onClick={() => keep.mutate(undefined)}>
        {say('planner.keepDaysPlans', { name: group.name })}
      </button>
      {year && (
        <button type="button" className="btn btn-plain" onClick={() => onTake(year)}>
          {say('planner.takeDaysInstead', { name: group.name })}
        </button>
      )}
      {keep.error && <ProblemNotice error={keep.error} />}
    </div>
  );
}

function HalfDays({ days, onChange }: { days: readonly string[]; onChange: (days: string[]) => void }) {
  const [day, setDay] = useState('');
  return (
    <>
      <ul className="planner-holidays">
        {days.map((d) => (
          <li key={d}>
            {say('planner.halfDay', { d: formatDay(d) })}{' '}
            <button type="button" className="btn btn-plain" onClick={() => onChange(days.filter((x) => x !== d))}>
              {say('common.remove')}
            </button>
          </li>
        ))}
      </ul>
      <div className="planner-holiday">
        <DayInput aria-label={say('planner.halfDayChoice')} value={day} onChange={setDay} />
        <button
          type="button"
          className="btn"
          disabled={!day || days.includes(day)}
          onClick={() => {
            onChange([...days, day].sort());
            setDay('');
          }}
        >
          {say('planner.addHalfDay')}
        </button>
        <span className="second">{say('planner.schoolEndsNoonAfternoon')}</span>
      </div>
    </>
  );
}
