import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { addDays, daysBetween, formatDay, isDated, type IsoDay, isWeekend } from '../calendar/days';
import { holidayOn, isSchoolDay } from '../calendar/schoolCalendar';
import { cameUp } from '../readings/whatCame';
import { type PlanOutlook } from '../plan/calendar/planOutlook';
import { type Reading } from '../readings/reading';
import { answeredShares } from '../readings/answeredShares';
import { recordedDays } from '../readings/standing';
import { type PlanEvent, type PlanEventKind } from '../plan/calendar/planEvents';

/** What the tape of days is made of. */
export interface Grown {
  investigation: {
    sownOn: IsoDay;
    schedule: readonly PlanEvent[];
    /** Null for records that no plan was made for. */
    outlook: PlanOutlook | null;
    phase: string;
    containers: readonly { id: string }[];
  };
  readings: readonly Reading[];
}

export interface TapeDay {
  day: IsoDay;
  number: number;
  /** Nobody is there. */
  off: boolean;
  /** Name of the holiday, on its first day. */
  holiday: string | null;
  /** A check is planned. */
  due: boolean;
  /** Share of containers answered, 0 to 1; null where nobody looked. */
  share: number | null;
}

export interface TapeMark {
  day: IsoDay;
  word: string;
}

/** Days between which plants come up: forecast, or as it was seen. */
export interface TapeSpan {
  from: IsoDay;
  to: IsoDay;
  words: string;
  seen: boolean;
}

/** Everything that the tape of days shows of an investigation. */
export interface TapeOfDays {
  days: TapeDay[];
  marks: TapeMark[];
  sprouting: TapeSpan | null;
}

/** More days would be too narrow to be told apart. */
const MOST_DAYS = 200;

const MARK_WORDS: Partial<Record<PlanEventKind, string>> = spoken({
  prepare: 'tape.getReady',
  sow: 'tape.sow',
  thin: 'tape.thin',
  transplant: 'tape.moveOn',
  lesson: 'tape.lesson',
  end: 'tape.last',
});

/** From getting ready while that lies ahead, later from the day before sowing; to the end of the plan or the last record. */
export function dayTapeOf({ investigation, readings }: Grown, today: IsoDay): TapeOfDays {
  const { sownOn, schedule, outlook, phase } = investigation;
  const ids = investigation.containers.map((c) => c.id);
  const recorded = recordedDays(readings);
  const beforehand = today < sownOn ? schedule.map((e) => e.day) : [];
  const first = [addDays(sownOn, -1), ...beforehand].sort()[0]!;
  const ends = [sownOn, ...recorded, ...schedule.map((e) => e.day), ...(phase === 'growing' ? [today] : [])];
  const last = addDays(ends.sort().pop()!, 1);
  const all = Array.from({ length: Math.min(MOST_DAYS, daysBetween(first, last) + 1) }, (_, i) => addDays(first, i));
  const shares = answeredShares(ids, readings);
  const due = new Set(schedule.filter((e) => e.kind === 'check').map((e) => e.day));
  const holiday = (day: IsoDay) => (outlook ? holidayOn(outlook.calendar, day) : undefined);
  const days = all.map((day) => ({
    day,
    number: daysBetween(sownOn, day),
    off: outlook ? !isSchoolDay(outlook.calendar, day) : isWeekend(day),
    holiday: holiday(day) && (day === first || holiday(addDays(day, -1)) !== holiday(day)) ? holiday(day)!.name : null,
    due: due.has(day),
    share: shares.get(day) ?? null,
  }));
  const planned = schedule.flatMap((e) => {
    const word = MARK_WORDS[e.kind];
    return word && (e.kind !== 'prepare' || today < sownOn)
      ? [{ day: e.day, word: e.kind === 'sow' && e.day <= today ? say('tape.sown') : word }]
      : [];
  });
  const marks = planned.length > 0 ? planned : [{ day: sownOn, word: say('tape.sown') }];
  return {
    days,
    marks: marks.filter((m) => m.day >= first && m.day <= last),
    sprouting: sproutingOf(ids, readings, outlook, sownOn),
  };
}

/** The forecast, until enough is up to say when they came. */
function sproutingOf(
  ids: readonly string[],
  readings: Grown['readings'],
  outlook: PlanOutlook | null,
  sownOn: IsoDay,
): TapeSpan | null {
  const seen = cameUp(ids, readings);
  if (seen) {
    const [from, to] = [daysBetween(sownOn, seen.first), daysBetween(sownOn, seen.last)];
    const when = from === to ? say('tape.dayFrom', { from }) : say('tape.daysTo', { from, to });
    return { from: seen.first, to: seen.last, words: say('tape.ofCameUp', { up: seen.up, of: seen.of, when }), seen: true };
  }
  return outlook?.sprouting ? { ...outlook.sprouting, words: say('tape.likelyCome'), seen: false } : null;
}

/** The recorded days, in order: those that can be looked at. */
export const recordedOn = ({ days }: TapeOfDays): IsoDay[] => days.filter((d) => d.share !== null).map((d) => d.day);

/** What a day says when it is pointed at. */
export function dayWords({ day, number, share, due, holiday, off }: TapeDay): string {
  const what =
    share !== null
      ? say('tape.answered', { percent: Math.round(100 * share) })
      : due
        ? say('tape.checkPlanned')
        : holiday
          ? holiday
          : off
            ? say('tape.nobodyIsHere')
            : '';
  const named = isDated(day) ? say('tape.dayNumberAnd', { number, day: formatDay(day) }) : formatDay(day);
  return what ? `${named}: ${what}` : named;
}
