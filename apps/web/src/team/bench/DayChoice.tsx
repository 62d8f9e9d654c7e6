import { CHOSEN_DAY_CODES, type ChosenDayCode } from '@bright-sprout/contracts/dayCodes';
import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../words/Say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { addDays, daysBetween, formatDay, type IsoDay, isWeekend } from '@bright-sprout/core/calendar/days';
import { useState } from 'react';
import { DayInput } from '../../entry/DayInput';

/** Another day than the device's, and why. */
export interface ChosenDay {
  day: IsoDay;
  reason: ChosenDayCode;
}

const REASONS: Record<ChosenDayCode, string> = spoken({
  'from-paper': 'bench.copiedPaper',
  'checked-then': 'bench.lookedDay',
  'wrong-date': 'bench.deviceWrongDate',
});

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
        ? say('bench.dayComeYet')
        : day < investigation.sownOn
          ? say('bench.dayBeforeSeedsSown')
          : day === investigation.sownOn
            ? say('bench.daySowingDayLook')
            : null;
  if (chosen)
    return (
      <p className="bench-otherday" role="status">
        <Say
          it="bench.youAreWritingFor"
          day={formatDay(chosen.day)}
          b={(inside) => <b>{inside}</b>}
          reason={REASONS[chosen.reason]}
        />{' '}
        <button type="button" className="btn btn-plain" onClick={() => onChoose(null)}>
          {say('bench.backToday')}
        </button>
      </p>
    );
  if (!open) return null;
  return (
    <div className="bench-otherday">
      <label>
        <Say it="bench.dayLook" dayInput={<DayInput value={day} last={sure ? today : undefined} onChange={setDay} />} />
      </label>
      <p className="bench-reasons" role="group" aria-label={say('bench.lastDays')}>
        {lastWeekdays(investigation.sownOn, today).map((d) => (
          <button key={d} type="button" className="btn" aria-pressed={d === day} onClick={() => setDay(d)}>
            {formatDay(d, 'short')}
          </button>
        ))}
      </p>
      {wrong && <p role="alert">{wrong}</p>}
      {day !== '' && !wrong && <p className="mt-2 mb-0">{say('bench.whyToday', { day: formatDay(day) })}</p>}
      <p className="bench-reasons" role="group" aria-label={say('bench.whyAnotherDay')}>
        {CHOSEN_DAY_CODES.map((reason) => (
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
            {REASONS[reason]}
          </button>
        ))}
        <button type="button" className="btn btn-plain" onClick={onClose}>
          {say('bench.itIsToday')}
        </button>
      </p>
    </div>
  );
}
