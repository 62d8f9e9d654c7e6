import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type RefObject } from 'react';
import { Overlay, Popover } from 'react-bootstrap';
import { DayPicker } from 'react-day-picker';
import './dayCalendar.scss';

/** The package reckons in the device's own midnights; a day is one of them and no instant. */
const dateOf = (day: IsoDay) => new Date(Number(day.slice(0, 4)), Number(day.slice(5, 7)) - 1, Number(day.slice(8)));
const two = (n: number) => String(n).padStart(2, '0');
const dayOf = (date: Date): IsoDay => `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;

/** One month to tap a day in, below a field. */
export default function DayCalendar({
  below,
  day,
  today,
  last,
  onChoose,
  onClose,
}: {
  below: RefObject<HTMLElement | null>;
  day: IsoDay | null;
  today: IsoDay;
  last: IsoDay | undefined;
  onChoose: (day: IsoDay) => void;
  onClose: () => void;
}) {
  const selected = day === null ? undefined : dateOf(day);
  return (
    <Overlay target={below} show placement="bottom-start" rootClose onHide={onClose}>
      <Popover className="day-popover">
        <DayPicker
          mode="single"
          autoFocus
          weekStartsOn={1}
          today={dateOf(today)}
          defaultMonth={selected ?? dateOf(today)}
          selected={selected}
          disabled={last === undefined ? undefined : { after: dateOf(last) }}
          onSelect={(date) => {
            const chosen = date ?? selected;
            if (chosen) onChoose(dayOf(chosen));
          }}
        />
      </Popover>
    </Overlay>
  );
}
