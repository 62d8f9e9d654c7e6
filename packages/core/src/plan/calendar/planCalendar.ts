import { SEED_COUNTS } from '../../measures/builtIn/counts';
import { addDays, daysBetween, formatDay, type IsoDay, weekday } from '../../calendar/days';
import { gaps, isSchoolDay, lessonCalendar, type SchoolCalendar, schoolDayFrom } from '../../calendar/schoolCalendar';
import { methodById, type Species } from '../../seeds/catalogue';
import { type PlanDocument } from '../document/planDocument';
import { counted } from '../../words/plural';
import { moving, paperUsedUp } from './afterPots';
import { type CalendarConflict, type Put } from './calendarConflict';
import { eventWords } from './eventWords';
import { EVENT_KINDS, type EventFact, type Leaving, type PlanEvent, type PlanEventKind } from './planEvents';
import { sowingDayOfTreatment, sowingDays } from '../document/treatmentSowing';
import { type KindWorkedOut, type WorkedOut } from '../workedOut/workOut';

export interface PlanCalendar {
  events: PlanEvent[];
  conflicts: CalendarConflict[];
}

/** Soil that was limed or acidified stands so long before seeds go in. */
const SOIL_REACTS_DAYS = 3;
/** Covers are lifted first and taken off so many days later. */
const COVER_OFF_DAYS = 3;

/** What the plants decide comes too early before its day; it waits for the next school day. */
const WAITS: readonly PlanEventKind[] = ['first-look', 'care', 'thin', 'transplant'];

/**
 * Everything that has its day, in order. On a day without school, what people decide is moved to one before it, and what waits for
 * the plants to one after it; soaking has its hours and stays where it is. Each is said.
 */
export function planCalendar(plan: PlanDocument, out: WorkedOut): PlanCalendar {
  const events: PlanEvent[] = [];
  const conflicts: CalendarConflict[] = [];
  const { endOn } = plan;
  const calendar = lessonCalendar(plan.calendar, plan.period);
  const put: Put = (day, kind, fact) => {
    const there = isSchoolDay(calendar, day) ? day : otherDay(calendar, day, kind, fact, endOn);
    if (there === null) return day;
    if (!isSchoolDay(calendar, day))
      conflicts.push({
        day,
        what: `${eventWords({ day, kind, ...fact }).title} would fall on ${formatDay(day)}, ${isSchoolDay(plan.calendar, day) ? 'a half day without our period' : 'a day without school'}.`,
        ...(there === day
          ? waysOutOfSoaking(plan, calendar, day)
          : { wayOut: `It is moved to ${formatDay(there)}.`, settled: true }),
      });
    events.push({ day: there, kind, ...fact });
    return there;
  };
  for (const { species } of out.kinds) for (const day of sowingDays(plan)) before(plan, out, species, day, put);
  prepare(plan, put);
  sowings(plan, out, put);
  conflicts.push(...otherAges(plan, out));
  sprouting(plan, out, put);
  if (out.checkDays.ok) for (const day of out.checkDays.days) events.push({ day, kind: 'check', code: 'check' });
  later(plan, out, put);
  moving(plan, out, put, conflicts);
  weekends(plan, events, schoolDayFrom(calendar, endOn, -1) ?? endOn);
  if (plan.lessonOn) put(plan.lessonOn, 'lesson', { code: 'lesson' });
  put(endOn, 'end', { code: 'end' });
  const order = (e: PlanEvent) => EVENT_KINDS.indexOf(e.kind);
  return { events: events.sort((a, b) => (a.day === b.day ? order(a) - order(b) : a.day < b.day ? -1 : 1)), conflicts };
}

/** The day to which something is moved; null where there is none. */
function otherDay(calendar: SchoolCalendar, day: IsoDay, kind: PlanEventKind, fact: EventFact, endOn: IsoDay): IsoDay | null {
  if (fact.code === 'soak') return day;
  const later = WAITS.includes(kind) ? schoolDayFrom(calendar, day, 1) : null;
  return later !== null && later <= endOn ? later : schoolDayFrom(calendar, day, -1);
}

/** Seeds that soak over days without school drown: another sowing day, or hands at home. */
function waysOutOfSoaking(plan: PlanDocument, calendar: SchoolCalendar, day: IsoDay): Pick<CalendarConflict, 'wayOut' | 'fix'> {
  const sowing = Array.from({ length: LOOK_AHEAD_DAYS }, (_, n) => addDays(day, n + 2)).find(
    (d) => isSchoolDay(calendar, d) && isSchoolDay(calendar, addDays(d, -1)),
  );
  if (plan.kind === 'age-ladder') return { wayOut: 'Let somebody soak them at home that evening; not earlier.' };
  const wayOut = `${sowing ? `Sow on ${formatDay(sowing)} instead, or let` : 'Let'} somebody soak them at home that evening; not earlier.`;
  if (!sowing || sowing >= plan.endOn) return { wayOut };
  return { wayOut, fix: { label: `Sow on ${formatDay(sowing, 'short')}`, apply: (p) => ({ ...p, sowOn: sowing }) } };
}

const LOOK_AHEAD_DAYS = 28;

/** Getting things together, and soil that has to stand before anything is sown. */
function prepare(plan: PlanDocument, put: Put): void {
  const first = sowingDays(plan)[0]!;
  put(addDays(first, -7), 'prepare', { code: 'get-together' });
  if (plan.factors.some((f) => f.subject === 'chalk')) put(addDays(first, -SOIL_REACTS_DAYS), 'prepare', { code: 'soil-stands' });
}

function before(plan: PlanDocument, { recipes }: WorkedOut, species: Species, sowOn: IsoDay, put: Put): void {
  const { coldWeeks } = species.before;
  const named = species.name.toLowerCase();
  if (coldWeeks) put(addDays(sowOn, -Math.ceil(coldWeeks[0] * 7)), 'prepare', { code: 'cold-spell', species: named });
  const chosen = plan.factors.some((f) => f.subject === 'soaking');
  const hours = recipes.flatMap((r) => (r.species.id === species.id && r.soakHours ? [r.soakHours[1]] : []));
  if (hours.length > 0)
    put(addDays(sowOn, -1), 'prepare', { code: 'soak', species: named, chosen, mostHours: Math.max(...hours) });
}

/** One sowing, or the rungs of an age ladder, each with what is sown then. */
function sowings(plan: PlanDocument, { treatments }: WorkedOut, put: Put): void {
  const days = sowingDays(plan);
  for (const day of days) {
    const own = treatments.filter((t) => sowingDayOfTreatment(plan, t) === day);
    put(day, 'sow', { code: 'sow', treatments: days.length > 1 ? own.map((t) => t.code) : [] });
  }
}

/** Rungs of a ladder that will not have the age that they were to have. */
function otherAges({ lessonOn }: PlanDocument, { recipes }: WorkedOut): CalendarConflict[] {
  return recipes.flatMap(({ treatment, sowOn, age }) => {
    if (age === null || age.real === age.promised) return [];
    const wanted = addDays(lessonOn, -Math.round(age.promised));
    return [
      {
        day: wanted,
        what: `${treatment.code} was to be ${counted(age.promised, 'day')} old on ${formatDay(lessonOn)} and will be ${age.real}: nobody sows on ${formatDay(wanted)}, so it is sown on ${formatDay(sowOn)}.`,
        wayOut: `Its label says ${counted(age.real, 'day')}. Or move the lesson, or let somebody come in.`,
      },
    ];
  });
}

function sprouting(plan: PlanDocument, out: WorkedOut, put: Put): void {
  const { kinds } = out;
  const earliest = kinds
    .flatMap((k) => (k.forecast.ok && k.forecast.first.earliest ? [k.forecast.first.earliest] : []))
    .sort()[0];
  const sown = sowingDays(plan)[0]!;
  const first = earliest && earliest <= sown ? addDays(sown, 1) : earliest;
  if (first && first < plan.endOn) put(first, 'first-look', { code: 'first-look' });
  if (plan.protocol.lightBefore !== 'warm-covered' || plan.kind === 'viability') return;
  const { cover } = methodById(plan.methodId)!;
  const kept = plan.factors.some((f) => f.subject === 'light' || f.subject === 'cover');
  const grownOn = plan.measures.some((m) => !SEED_COUNTS.some((c) => c === m));
  for (const { day, species } of ofSowings(plan, out, (k) => (k.forecast.ok ? k.forecast.half.likely : null))) {
    if (day >= plan.endOn) continue;
    if (cover !== 'lifted') {
      if (grownOn) put(day, 'care', { code: 'into-light', kept, ...species });
      continue;
    }
    const off = addDays(put(day, 'care', { code: 'lift-covers', kept, ...species }), COVER_OFF_DAYS);
    if (off < plan.endOn) put(off, 'care', { code: 'covers-off', kept, ...species });
  }
}

/** The day that each kind has of something; in an age ladder each sowing has its own, named by its treatments. */
function ofSowings(
  plan: PlanDocument,
  { kinds, treatments }: WorkedOut,
  dayOf: (kind: KindWorkedOut) => IsoDay | null,
): { day: IsoDay; species: { species?: string } }[] {
  const days = ofKinds(kinds, dayOf);
  const sowings = sowingDays(plan);
  if (sowings.length < 2) return days;
  return days.flatMap(({ day }) =>
    sowings.map((sowOn) => {
      const own = treatments.filter((t) => sowingDayOfTreatment(plan, t) === sowOn).map((t) => t.code);
      return { day: addDays(day, daysBetween(sowings[0]!, sowOn)), species: { species: own.join(' and ') } };
    }),
  );
}

/** The day that each kind of seed has of something: one for all where it is the same, else each with the kind's name. */
function ofKinds(
  kinds: readonly KindWorkedOut[],
  dayOf: (kind: KindWorkedOut) => IsoDay | null,
): { day: IsoDay; species: { species?: string } }[] {
  const days = kinds.flatMap((kind) => {
    const day = dayOf(kind);
    return day === null ? [] : [{ day, species: { species: kind.species.name.toLowerCase() } }];
  });
  const same = days.length === kinds.length && new Set(days.map((d) => d.day)).size === 1;
  return same ? [{ day: days[0]!.day, species: {} }] : days;
}

function later(plan: PlanDocument, out: WorkedOut, put: Put): void {
  const crowding = plan.factors.find((f) => f.subject === 'crowding');
  const shut = methodById(plan.methodId)!.cover === 'stays' && plan.protocol.openBag === 'never';
  const thinned = plan.kind !== 'viability' && plan.kind !== 'patch' && !shut;
  if (!thinned) return;
  const usedUp = paperUsedUp(plan);
  const thinOn = ({ species: { daysTo, emergenceDays }, forecast, seedsEach }: KindWorkedOut) => {
    if (seedsEach <= plan.keep || !forecast.ok || !forecast.half.likely) return null;
    const leaf = daysTo.firstTrueLeaf ? Math.max(3, daysTo.firstTrueLeaf[0] - emergenceDays[0]) : 6;
    const day = addDays(forecast.half.likely, leaf);
    return usedUp !== null && usedUp < day ? usedUp : day;
  };
  for (const { day, species } of ofSowings(plan, out, thinOn))
    if (day < plan.endOn) put(day, 'thin', { code: 'thin', keep: crowding ? null : plan.keep, ...species });
}

/** The last school day before every gap gets a reminder of what the days alone need; after the last look nothing is alone. */
function weekends(plan: PlanDocument, events: PlanEvent[], lastLook: IsoDay): void {
  const { unattendedDays } = methodById(plan.methodId)!;
  const sown = sowingDays(plan)[0]!;
  for (const gap of gaps(plan.calendar, addDays(sown, 1), plan.endOn)) {
    const day = addDays(gap.from, -1);
    if (day < sown || day >= lastLook) continue;
    const long = gap.days > unattendedDays;
    const which = { gap: gap.holiday, weekend: weekday(gap.from) === 6 };
    events.push({ day, kind: 'weekend', code: 'before-gap', ...which, days: gap.days, leaving: leavingOf(plan, long) });
    if (long && plan.whileAway === 'somebody')
      for (let alone = unattendedDays; alone < gap.days; alone += unattendedDays)
        events.push({ day: addDays(gap.from, alone), kind: 'weekend', code: 'come-in', ...which, every: unattendedDays });
  }
}

function leavingOf({ whileAway, methodId }: PlanDocument, long: boolean): Leaving {
  const { cover } = methodById(methodId)!;
  if (!long) return { how: 'short', cover };
  return { how: whileAway === 'nothing' ? 'too-long' : whileAway, cover };
}
