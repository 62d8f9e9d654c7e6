import { formatDay, isIsoDay } from '@bright-sprout/core/calendar/days';
import { type ComponentProps } from 'react';
import { Form } from 'react-bootstrap';
import './dayInput.scss';

type Props = Omit<ComponentProps<typeof Form.Control>, 'type' | 'value' | 'onChange'> & {
  value: string;
  onChange: (day: string) => void;
};

/** The browser's own day field, with the chosen day written out in it: its weekday, and no doubt which number is the month. */
export function DayInput({ value, onChange, ...props }: Props) {
  return (
    <div className="day-input">
      <Form.Control {...props} type="date" value={value} onChange={(e) => onChange(e.target.value)} />
      {isIsoDay(value) && <span className="day-input-words">{formatDay(value, 'short')}</span>}
    </div>
  );
}
