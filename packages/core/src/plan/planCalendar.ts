import { addDays, formatDay, type IsoDay, weekday } from '../calendar/days';
import { gaps, isSchoolDay, schoolDayFrom } from '../calendar/schoolCalendar';
import { methodById, speciesById } from '../seeds/catalogue';
import { ageLadder } from '../seeds/backPlanning';
import { type PlanDocument } from './planDocument';
import { type WorkedOut } from './workOut';

export const EVENT_KINDS = ['prepare', 'sow', 'first-look', 'check', 'care', 'thin', 'weekend', 'lesson', 'end'] as const;
export type PlanEventKind = (typeof EVENT_KINDS)[number];

export interface PlanEvent {
  day: IsoDay;
  kind: PlanEventKind;
  title: string;
  /** What to do, a sentence; empty where the title says it. */
  note: string;
}

/** Something that cannot be done on its day, with a way out. */
export interface CalendarConflict {
  day: IsoDay;
  what: string;
  wayOut: string;
}

export interface PlanCalendar {
  events: PlanEvent[];
  conflicts: CalendarConflict[];
}

/** Soil that was limed or acidified stands so long before seeds go in. */
const SOIL_REACTS_DAYS = 3;
const SETTLES = new Set(['acid', 'chalk', 'feed']);

/** Everything that has its day, in order; what falls on a day without school is moved to one before it. */
export function planCalendar(plan: PlanDocument, out: WorkedOut): PlanCalendar {
  const events: PlanEvent[] = [];
  const conflicts: CalendarConflict[] = [];
  const { calendar, endOn } = plan;
  const put = (day: IsoDay, kind: PlanEventKind, title: string, note = '') => {
    const there = isSchoolDay(calendar, day) ? day : schoolDayFrom(calendar, day, -1);
    if (there === null) return;
    if (there !== day) conflicts.push({ day, what: `${title} would fall on ${formatDay(day)}, a day without school.`, wayOut: `It is moved to ${formatDay(there)}.` }); // prettier-ignore
    events.push({ day: there, kind, title, note });
  };
  before(plan, put);
  for (const day of sowingDays(plan)) put(day, 'sow', 'Sow', 'The run sheet says what each team does.');
  if (out.forecast.ok) sprouting(plan, out.forecast, put);
  if (out.checkDays.ok)
    for (const day of out.checkDays.days)
      events.push({ day, kind: 'check', title: 'Check', note: 'Every container gets an answer.' });
  later(plan, out, put);
  weekends(plan, events);
  if (plan.lessonOn) put(plan.lessonOn, 'lesson', 'Lesson', 'The plants are looked at together.');
  put(endOn, 'end', 'End', 'Last look, then clear away.');
  const order = (e: PlanEvent) => EVENT_KINDS.indexOf(e.kind);
  return { events: events.sort((a, b) => (a.day === b.day ? order(a) - order(b) : a.day < b.day ? -1 : 1)), conflicts };
}

type Put = (day: IsoDay, kind: PlanEventKind, title: string, note?: string) => void;

/** One day for all, or the rungs of an age ladder. */
export function sowingDays({ kind, ages, lessonOn, calendar, sowOn }: PlanDocument): IsoDay[] {
  if (kind !== 'age-ladder' || !lessonOn || ages.length === 0) return [sowOn];
  const ladder = ageLadder(lessonOn, ages, calendar);
  return ladder.ok ? ladder.rungs.map((r) => r.sowOn) : [sowOn];
}

function before(plan: PlanDocument, put: Put): void {
  const species = speciesById(plan.speciesId)!;
  const { soakHours, coldWeeks, neverSoak } = species.before;
  put(addDays(plan.sowOn, -7), 'prepare', 'Get everything together', 'The shopping list and the kit list are under Prepare.');
  if (coldWeeks)
    put(
      addDays(plan.sowOn, -Math.ceil(coldWeeks[0] * 7)),
      'prepare',
      'Cold spell begins',
      'Seeds lie moist in the refrigerator until sowing.',
    );
  if (plan.factors.some((f) => SETTLES.has(f.subject)) && plan.factors.some((f) => f.subject === 'chalk'))
    put(addDays(plan.sowOn, -SOIL_REACTS_DAYS), 'prepare', 'Mix the soil and let it stand', 'Chalk needs a few days to work.');
  const soaks = plan.factors.some((f) => f.subject === 'soaking');
  if ((soakHours && !neverSoak) || soaks)
    put(
      addDays(plan.sowOn, -1),
      'prepare',
      soaks ? 'Soak the seeds that are to be soaked' : 'Soak the seeds',
      `In plenty of water, at most ${soakHours?.[1] ?? 12} hours.`,
    );
}

function sprouting(plan: PlanDocument, forecast: Extract<WorkedOut['forecast'], { ok: true }>, put: Put): void {
  const { first, half } = forecast;
  if (first.earliest && first.earliest < plan.endOn)
    put(first.earliest, 'first-look', 'First look', 'The first may be up from today.');
  if (plan.protocol.lightBefore === 'warm-covered' && half.likely && half.likely < plan.endOn)
    put(half.likely, 'care', 'Uncover and move into the light', 'About half should be up.');
}

function later(plan: PlanDocument, { forecast }: WorkedOut, put: Put): void {
  if (!forecast.ok || !forecast.half.likely) return;
  const species = speciesById(plan.speciesId)!;
  const trueLeaf = species.daysTo.firstTrueLeaf;
  const thinOn = addDays(forecast.half.likely, trueLeaf ? Math.max(3, trueLeaf[0] - species.emergenceDays[0]) : 6);
  if (plan.seedsEach > plan.keep && plan.kind !== 'viability' && plan.kind !== 'patch' && thinOn < plan.endOn)
    put(thinOn, 'thin', `Thin to ${plan.keep}`, 'Which stay is decided by lot, and written down.');
}

/** The last school day before every gap gets a reminder of what the days alone need. */
function weekends(plan: PlanDocument, events: PlanEvent[]): void {
  const { unattendedDays } = methodById(plan.methodId)!;
  for (const gap of gaps(plan.calendar, addDays(plan.sowOn, 1), plan.endOn)) {
    const day = addDays(gap.from, -1);
    if (day < plan.sowOn) continue;
    const long = gap.days > unattendedDays;
    const name = gap.holiday ?? (weekday(gap.from) === 6 ? 'the weekend' : 'the days off');
    events.push({
      day,
      kind: 'weekend',
      title: `Before ${name}`,
      note: long
        ? `Alone for ${gap.days} days: set up a reservoir or ask somebody to water on ${formatDay(addDays(gap.from, unattendedDays))}.`
        : `Water, turn, and close covers: alone for ${gap.days} days.`,
    });
  }
}
