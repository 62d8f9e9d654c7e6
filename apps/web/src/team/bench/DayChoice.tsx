import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { addDays, daysBetween, formatDay, type IsoDay, isWeekend } from '@bright-sprout/core/calendar/days';
import { useState } from 'react';
import { DayInput } from '../../entry/DayInput';

/** Another day than the device's, and why. */
export interface ChosenDay {
  day: IsoDay;
  reason: string;
}

const REASONS = ['copied from paper', 'we looked on that day', 'the device has the wrong date'];

/** Days offered to tap; an earlier one is typed. */
const OFFERED = 4;

/** The last weekdays between sowing and today, newest first. */
function lastWeekdays(sownOn: IsoDay, today: IsoDay): IsoDay[] {
  const before = Array.from({ length: Math.max(0, daysBetween(sownOn, today) - 1) }, (_, i) => addDays(today, -1 - i));
  return before.filter((d) => !isWeekend(d)).slice(0, OFFERED);
}

interface Props {
  investigation: InvestigationView;
  today: IsoDay;
  /** The device's clock is known to be right: a later day has not come yet. */
  sure: boolean;
  chosen: ChosenDay | null;
  onChoose: (chosen: ChosenDay | null) => void;
  open: boolean;
  onClose: () => void;
}

/** The day is the device's; another one takes a reason, and stays in sight as long as it is chosen. */
export function DayChoice({ investigation, today, sure, chosen, onChoose, open, onClose }: Props) {
  const [day, setDay] = useState('');
  const wrong =
    day === ''
      ? null
      : sure && day > today
        ? 'That day has not come yet.'
        : day < investigation.sownOn
          ? 'That day is before the seeds were sown.'
          : day === investigation.sownOn
            ? 'That is the day of sowing. Which day did you look?'
            : null;
  if (chosen)
    return (
      <p className="bench-otherday" role="status">
        You are writing for <b>{formatDay(chosen.day)}</b> ({chosen.reason}).{' '}
        <button type="button" className="btn btn-plain" onClick={() => onChoose(null)}>
          Back to today
        </button>
      </p>
    );
  if (!open) return null;
  return (
    <div className="bench-otherday">
      <label>
        Which day did you look? <DayInput value={day} last={sure ? today : undefined} onChange={setDay} />
      </label>
      <p className="bench-reasons" role="group" aria-label="One of the last days">
        {lastWeekdays(investigation.sownOn, today).map((d) => (
          <button key={d} type="button" className="btn" aria-pressed={d === day} onClick={() => setDay(d)}>
            {formatDay(d, 'short')}
          </button>
        ))}
      </p>
      {wrong && <p role="alert">{wrong}</p>}
      {day !== '' && !wrong && <p className="mt-2 mb-0">Why {formatDay(day)}, and not today?</p>}
      <p className="bench-reasons" role="group" aria-label="Why another day?">
        {REASONS.map((reason) => (
          <button
            key={reason}
            type="button"
            className="btn"
            disabled={day === '' || wrong !== null}
            onClick={() => {
              onChoose(day === today ? null : { day, reason });
              onClose();
            }}
          >
            {reason}
          </button>
        ))}
        <button type="button" className="btn btn-plain" onClick={onClose}>
          It is today
        </button>
      </p>
    </div>
  );
}
