import { say } from '@bright-sprout/words/say';
import { weekdayNames } from '@bright-sprout/core/calendar/days';
import { Form } from 'react-bootstrap';
import { NumberField, setting } from '../planFields';
import { type PartProps } from '../partProps';
import { MONDAY_FIRST } from './weekdays';

/** On which days plants are looked at. */
export function Cadence({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const { cadence } = plan;
  const chosen = cadence.kind === 'weekdays' ? cadence.weekdays : [];
  return (
    <fieldset className="planner-cadence">
      <legend>{say('planner.checksTitle')}</legend>
      <Form.Check
        type="radio"
        id="cadence-all"
        name="cadence"
        label={say('planner.everySchoolDay')}
        checked={cadence.kind === 'school-days'}
        onChange={() => change(setting({ cadence: { kind: 'school-days' } }))}
      />
      <Form.Check
        type="radio"
        id="cadence-weekdays"
        name="cadence"
        label={say('planner.onTheseWeekdays')}
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
              label={weekdayNames()[d]}
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
        label={say('planner.everyFewDays')}
        checked={cadence.kind === 'every'}
        onChange={() => change(setting({ cadence: { kind: 'every', days: 3 } }))}
      />
      {cadence.kind === 'every' && (
        <NumberField
          label={say('planner.daysCheckNext')}
          field="cadence"
          problems={problems}
          value={cadence.days}
          onChange={(n) => change(setting({ cadence: { kind: 'every', days: Math.max(0, Math.round(n)) } }))}
        />
      )}
    </fieldset>
  );
}
