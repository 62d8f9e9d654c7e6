import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { useState } from 'react';

/** Another day than the device's, and why. */
export interface ChosenDay {
  day: IsoDay;
  reason: string;
}

const REASONS = ['copied from paper', 'we looked on that day', 'the device has the wrong date'];

interface Props {
  investigation: InvestigationView;
  today: IsoDay;
  chosen: ChosenDay | null;
  onChoose: (chosen: ChosenDay | null) => void;
  open: boolean;
  onClose: () => void;
}

/** The day is the device's; another one takes a reason, and stays in sight as long as it is chosen. */
export function DayChoice({ investigation, today, chosen, onChoose, open, onClose }: Props) {
  const [day, setDay] = useState('');
  const wrong =
    day === ''
      ? null
      : day > today
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
        Which day did you look? <input type="date" value={day} max={today} onChange={(e) => setDay(e.target.value)} />
      </label>
      {wrong && <p role="alert">{wrong}</p>}
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
