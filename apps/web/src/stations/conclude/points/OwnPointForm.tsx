import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { recordedDays } from '@bright-sprout/core/readings/standing';
import { dayAndDate } from '@bright-sprout/core/calendar/days';
import { type OwnPoint } from '@bright-sprout/core/conclude/points/arranged';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { v7 } from 'uuid';
import { Field } from '../../../entry/Field';

/** Something the teacher or the class noticed that no record says. */
export function OwnPointForm({ records, onAdd }: { records: InvestigationRecords; onAdd: (own: OwnPoint) => void }) {
  const days = recordedDays(records.readings);
  const [open, setOpen] = useState(false);
  const [title, setTitle] = useState('');
  const [asks, setAsks] = useState('');
  const [day, setDay] = useState(days[days.length - 1] ?? '');
  const [missing, setMissing] = useState(false);
  if (!open)
    return (
      <button type="button" className="btn btn-dashed" onClick={() => setOpen(true)}>
        {say('points.addOwn')}
      </button>
    );
  const add = () => {
    if (title.trim() === '') return setMissing(true);
    onAdd({ id: v7(), title: title.trim(), asks: asks.trim(), day });
    setOpen(false);
    setTitle('');
    setAsks('');
    setMissing(false);
  };
  return (
    <form
      className="own-point"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <Field label={say('points.whatDidYouSee')} error={missing ? { message: say('points.writeSee') } : undefined}>
        {(props) => <Form.Control {...props} maxLength={200} value={title} onChange={(e) => setTitle(e.target.value)} />}
      </Field>
      <Field label={say('points.askClass')}>
        {(props) => <Form.Control {...props} maxLength={200} value={asks} onChange={(e) => setAsks(e.target.value)} />}
      </Field>
      <Field label={say('points.onWhichDay')}>
        {(props) => (
          <Form.Select {...props} value={day} onChange={(e) => setDay(e.target.value)}>
            {days.map((d) => (
              <option key={d} value={d}>
                {dayAndDate(records.investigation.sownOn, d)}
              </option>
            ))}
          </Form.Select>
        )}
      </Field>
      <button type="submit" className="btn">
        {say('points.hangItUp')}
      </button>
      <button type="button" className="btn btn-plain" onClick={() => setOpen(false)}>
        {say('common.leaveIt')}
      </button>
    </form>
  );
}
