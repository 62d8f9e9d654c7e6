import { say } from '@bright-sprout/words/say';
import { isIsoDay, parseDay, writeDay } from '@bright-sprout/core/calendar/days';
import { type ComponentProps, lazy, Suspense, useId, useRef, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { localDay } from './localDay';
import './dayInput.scss';

/** Without a network it may not come: then a day is typed. */
const DayCalendar = lazy(() => import('./DayCalendar').catch(() => ({ default: NoCalendar })));
const NoCalendar = () => <span className="second">{say('entry.calendarNeedsNetwork')}</span>;

type Props = Omit<ComponentProps<typeof Form.Control>, 'type' | 'value' | 'onChange'> & {
  value: string;
  onChange: (day: string) => void;
  /** The last day that can be tapped in the calendar. */
  last?: string;
};

/** A day as it is spoken: typed (`26 March`, `2026-03-26`) or tapped in a calendar, and written out so that nothing is mistaken. */
export function DayInput({ value, onChange, last, isInvalid, ...props }: Props) {
  const [typing, setTyping] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  const [field, button] = [useRef<HTMLDivElement>(null), useRef<HTMLButtonElement>(null)];
  const id = useId();
  const unread = typing !== null && typing.trim() !== '' && parseDay(typing, localDay()) === null;
  const [left, setLeft] = useState(false);
  const type = (text: string) => {
    setTyping(text);
    setLeft(false);
    // What is no day must not leave another one standing behind it, to be sent by the next press.
    const day = parseDay(text, localDay()) ?? '';
    if (day !== value) onChange(day);
  };
  const leave = () => {
    setLeft(true);
    if (!unread) setTyping(null);
  };
  const choose = (day: string) => {
    setTyping(null);
    setOpen(false);
    onChange(day);
    button.current?.focus();
  };
  return (
    <div className="day-input" ref={field}>
      <Form.Control
        autoComplete="off"
        placeholder={say('entry.likeMarch')}
        {...props}
        aria-describedby={[props['aria-describedby'], unread && left && id].filter(Boolean).join(' ') || undefined}
        isInvalid={isInvalid || (unread && left)}
        type="text"
        value={typing ?? (isIsoDay(value) ? writeDay(value) : value)}
        onChange={(e) => type(e.target.value)}
        onBlur={leave}
      />
      <button
        ref={button}
        type="button"
        className="day-input-open"
        aria-label={say('entry.openCalendar')}
        aria-expanded={open}
        disabled={props.disabled}
        onClick={() => setOpen(!open)}
      >
        <svg width="20" height="20" viewBox="0 0 20 20" fill="none" stroke="currentColor" strokeWidth="1.6" aria-hidden="true">
          <path d="M2 4.500H18V18H2zM2 8.500H18M6 2v4M14 2v4" />
        </svg>
      </button>
      {open && (
        <Suspense fallback={<span className="second">{say('common.opening')}</span>}>
          <DayCalendar
            below={field}
            day={isIsoDay(value) ? value : null}
            today={localDay()}
            last={last}
            onChoose={choose}
            onClose={() => setOpen(false)}
          />
        </Suspense>
      )}
      {unread && left && (
        <p className="day-input-unread" id={id}>
          {say('entry.dayWriteLikeMarch', { typing })}
        </p>
      )}
    </div>
  );
}
