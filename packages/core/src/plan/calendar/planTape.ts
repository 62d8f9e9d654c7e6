import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { addDays, daysBetween, type IsoDay } from '../../calendar/days';
import { holidayOn, isSchoolDay } from '../../calendar/schoolCalendar';
import { type PlanDocument } from '../document/planDocument';
import { sowingDays } from '../document/treatmentSowing';
import { type WorkedOut } from '../workedOut/workOut';
import { type PlanCalendar } from './planCalendar';
import { dryDays, isWatered, leftAt, wateringDays } from '../document/waterings';

/** One day of a plan's tape. */
export interface TapeDay {
  day: IsoDay;
  /** Days since the (first) sowing. */
  number: number;
  /** Nobody is there. */
  off: boolean;
  /** Name of the holiday, on its first day on the tape. */
  holiday: string | null;
  check: boolean;
  /**
   * Share left in a container on that day before somebody waters, and after; the same where nobody does. Null before sowing, after
   * the end, and where it is never watered.
   */
  left: { before: number; after: number } | null;
  /** It has run dry. */
  dry: boolean;
}

/** Days over which something lasts: seeds that soak, soil that stands, a kind that comes up. */
export interface TapeSpan {
  what: 'soak' | 'soil' | 'cold' | 'up';
  from: IsoDay;
  to: IsoDay;
  words: string;
}

/** What is put on a day by hand. */
export type Peg = 'sowOn' | 'lessonOn' | 'thinOn' | 'endOn';

export interface TapePeg {
  peg: Peg;
  day: IsoDay;
  words: string;
}

/** The days of a plan as a tape on which they are made. */
export interface PlanTape {
  days: TapeDay[];
  spans: TapeSpan[];
  pegs: TapePeg[];
  /** Other days with something on them: thinning, moving on. */
  marks: { day: IsoDay; word: string }[];
}

/** Getting ready shows no longer stretch than this; a cold spell reaches beyond the tape. */
const MOST_BEFORE = 10;
/** More days would be too narrow to be told apart. */
const MOST_DAYS = 200;

const MARK_WORDS: Partial<Record<string, string>> = spoken({
  thin: 'planDays.thin',
  transplant: 'planDays.moveOn',
});

/** @param calendar `planCalendar` of the same plan */
export function planTape(plan: PlanDocument, out: WorkedOut, calendar: PlanCalendar, today: IsoDay): PlanTape {
  const sown = sowingDays(plan)[0]!;
  const checks = out.checkDays.ok ? out.checkDays.days : [];
  const spans = [...beforeSowing(sown, calendar), ...sprouting(plan, out)];
  const earliest = [addDays(sown, -1), today <= sown ? today : sown, ...spans.map((s) => s.from)].sort()[0]!;
  const least = addDays(sown, -MOST_BEFORE);
  const first = earliest < least ? least : earliest;
  const last = addDays([plan.endOn, plan.lessonOn].sort().pop()!, 1);
  const length = Math.min(MOST_DAYS, daysBetween(first, last) + 1);
  const waterings = wateringDays(plan, checks);
  const dry = dryDays(plan, checks);
  const watered = isWatered(plan);
  const checked = new Set(checks);
  const days = Array.from({ length }, (_, i): TapeDay => {
    const day = addDays(first, i);
    const holiday = holidayOn(plan.calendar, day);
    return {
      day,
      number: daysBetween(sown, day),
      off: !isSchoolDay(plan.calendar, day),
      holiday:
        holiday && (i === 0 || holidayOn(plan.calendar, addDays(day, -1)) !== holiday)
          ? holiday.name || say('planDays.daysOffLower')
          : null,
      check: checked.has(day),
      left: watered && day <= plan.endOn ? leftOn(plan, waterings, day) : null,
      dry: dry.some((d) => day >= d.from && day <= d.to),
    };
  });
  return {
    days,
    spans: spans.filter((s) => s.to >= first && s.from <= last),
    pegs: pegsOf(plan),
    marks: calendar.events.flatMap((event) => {
      const { kind, day } = event;
      const seeds = 'code' in event && event.code === 'seed-lesson';
      // A day that was chosen has its peg.
      const word = seeds ? 'seeds' : kind === 'thin' && plan.thinOn ? null : MARK_WORDS[kind];
      return word ? [{ day, word }] : [];
    }),
  };
}

function leftOn(plan: PlanDocument, waterings: readonly IsoDay[], day: IsoDay): TapeDay['left'] {
  const after = leftAt(plan, waterings, day);
  if (after === null) return null;
  const earlier = waterings.filter((d) => d !== day);
  return { before: leftAt(plan, earlier, day) ?? 0, after };
}

/** The day of sowing of an age ladder follows from its lesson: there is no peg for it. */
function pegsOf({ kind, sowOn, lessonOn, thinOn, endOn }: PlanDocument): TapePeg[] {
  const pegs: TapePeg[] = [];
  if (kind !== 'age-ladder') pegs.push({ peg: 'sowOn', day: sowOn, words: say('planDays.sow') });
  if (lessonOn) pegs.push({ peg: 'lessonOn', day: lessonOn, words: say('planDays.lessonOnTape') });
  if (thinOn) pegs.push({ peg: 'thinOn', day: thinOn, words: say('planDays.thin') });
  return [...pegs, { peg: 'endOn', day: endOn, words: say('planDays.lastLook') }];
}

function beforeSowing(sown: IsoDay, { events }: PlanCalendar): TapeSpan[] {
  return events.flatMap((e): TapeSpan[] => {
    if (!('code' in e) || e.kind !== 'prepare' || e.day >= sown) return [];
    const span = { from: e.day, to: sown };
    if (e.code === 'soak') return [{ what: 'soak', ...span, words: say('planDays.soak') }];
    if (e.code === 'soil-stands')
      return [{ what: 'soil', ...span, words: say('planDays.standsDays', { daysBetween: daysBetween(e.day, sown) }) }];
    return e.code === 'cold-spell' ? [{ what: 'cold', ...span, words: say('planDays.cold') }] : [];
  });
}

/** When what was sown together is likely to come up, where it is known. */
function sprouting(plan: PlanDocument, { sproutings }: WorkedOut): TapeSpan[] {
  return sproutings.flatMap(({ species, treatments, forecast }): TapeSpan[] => {
    if (!forecast.ok) return [];
    const from = forecast.first.earliest ?? forecast.first.likely;
    const to = forecast.ninety.latest ?? forecast.ninety.likely ?? forecast.half.latest;
    const several = sproutings.filter((s) => s.species === species).length > 1;
    const name = `${species.name.toLowerCase()}${several ? ` ${treatments.join(' ')}` : ''}`;
    return from && to && from <= plan.endOn ? [{ what: 'up', from, to, words: say('planDays.nameLikelyUp', { name }) }] : [];
  });
}
