import { SEED_COUNTS } from '../../measures/builtIn/counts';
import { addDays, formatDay, type IsoDay, weekday } from '../../calendar/days';
import { gaps, isSchoolDay, lessonCalendar, schoolDayFrom } from '../../calendar/schoolCalendar';
import { counted } from '../../words/plural';
import { methodById, type Species } from '../../seeds/catalogue';
import { HARDENING_DAYS, outsideFrom } from '../../seeds/suitability';
import { type PlanDocument } from '../document/planDocument';
import { EVENT_KINDS, type PlanEvent, type PlanEventKind } from './planEvents';
import { sowingDayOfTreatment, sowingDays } from '../document/treatmentSowing';
import { type WorkedOut } from '../workedOut/workOut';

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
/** Covers are lifted first and taken off so many days later. */
const COVER_OFF_DAYS = 3;

/** Everything that has its day, in order; what falls on a day without school is moved to one before it. */
export function planCalendar(plan: PlanDocument, out: WorkedOut): PlanCalendar {
  const events: PlanEvent[] = [];
  const conflicts: CalendarConflict[] = [];
  const { endOn } = plan;
  const calendar = lessonCalendar(plan.calendar, plan.period);
  const put = (day: IsoDay, kind: PlanEventKind, title: string, note = '') => {
    const there = isSchoolDay(calendar, day) ? day : schoolDayFrom(calendar, day, -1);
    if (there === null) return;
    if (there !== day)
      conflicts.push({
        day,
        what: `${title} would fall on ${formatDay(day)}, ${isSchoolDay(plan.calendar, day) ? 'a half day without our period' : 'a day without school'}.`,
        wayOut: `It is moved to ${formatDay(there)}.`,
      });
    events.push({ day: there, kind, title, note });
  };
  for (const { species } of out.kinds) for (const day of sowingDays(plan)) before(plan, species, day, put);
  prepare(plan, put);
  sowings(plan, out, put);
  if (out.forecast.ok) sprouting(plan, out, put);
  if (out.checkDays.ok)
    for (const day of out.checkDays.days)
      events.push({ day, kind: 'check', title: 'Check', note: 'Every container gets an answer.' });
  later(plan, out, put);
  moving(plan, out, put, conflicts);
  weekends(plan, events, schoolDayFrom(calendar, endOn, -1) ?? endOn);
  if (plan.lessonOn) put(plan.lessonOn, 'lesson', 'Lesson', 'The plants are looked at together.');
  put(endOn, 'end', 'End', 'Last look, then clear away.');
  const order = (e: PlanEvent) => EVENT_KINDS.indexOf(e.kind);
  return { events: events.sort((a, b) => (a.day === b.day ? order(a) - order(b) : a.day < b.day ? -1 : 1)), conflicts };
}

type Put = (day: IsoDay, kind: PlanEventKind, title: string, note?: string) => void;

/** Getting things together, and soil that has to stand before anything is sown. */
function prepare(plan: PlanDocument, put: Put): void {
  const first = sowingDays(plan)[0]!;
  put(addDays(first, -7), 'prepare', 'Get everything together', 'The shopping list and the kit list are under Prepare.');
  if (plan.factors.some((f) => f.subject === 'chalk'))
    put(addDays(first, -SOIL_REACTS_DAYS), 'prepare', 'Mix the soil and let it stand', 'Chalk needs a few days to work.');
}

function before(plan: PlanDocument, species: Species, sowOn: IsoDay, put: Put): void {
  const { soakHours, coldWeeks, neverSoak } = species.before;
  const name = species.name.toLowerCase();
  if (coldWeeks)
    put(
      addDays(sowOn, -Math.ceil(coldWeeks[0] * 7)),
      'prepare',
      `Cold spell of ${name} begins`,
      'Seeds lie moist in the refrigerator until sowing.',
    );
  const soaks = plan.factors.some((f) => f.subject === 'soaking');
  if ((soakHours && !neverSoak) || soaks)
    put(
      addDays(sowOn, -1),
      'prepare',
      soaks ? `Soak the ${name} seeds that are to be soaked` : `Soak the ${name} seeds`,
      `In plenty of water, at most ${soakHours?.[1] ?? 12} hours.`,
    );
}

/** One sowing, or the rungs of an age ladder, each with what is sown then. */
function sowings(plan: PlanDocument, { treatments }: WorkedOut, put: Put): void {
  const days = sowingDays(plan);
  for (const day of days) {
    const own = treatments.filter((t) => sowingDayOfTreatment(plan, t) === day);
    const which = days.length > 1 ? ` ${own.map((t) => t.code).join(' and ')}` : '';
    put(day, 'sow', `Sow${which}`, 'The run sheet says what each team does.');
  }
}

function sprouting(plan: PlanDocument, { forecast, kinds }: WorkedOut, put: Put): void {
  const earliest = kinds
    .flatMap((k) => (k.forecast.ok && k.forecast.first.earliest ? [k.forecast.first.earliest] : []))
    .sort()[0];
  if (earliest && earliest < plan.endOn) put(earliest, 'first-look', 'First look', 'The first may be up from today.');
  const half = forecast.ok ? forecast.half.likely : null;
  if (plan.protocol.lightBefore !== 'warm-covered' || !half || half >= plan.endOn) return;
  if (plan.kind === 'viability') return;
  const { cover } = methodById(plan.methodId)!;
  const kept = plan.factors.some((f) => f.subject === 'light' || f.subject === 'cover');
  const unless = kept ? ' What its label wants dark or covered stays so.' : '';
  if (cover !== 'lifted') {
    const grownOn = plan.measures.some((m) => !SEED_COUNTS.some((c) => c === m));
    if (grownOn) put(half, 'care', 'Move into the light', `About half should be up: bright, but no sun on it.${unless}`);
    return;
  }
  put(half, 'care', 'Lift the covers and move into the light', `About half should be up; leave a gap for air.${unless}`);
  const off = addDays(half, COVER_OFF_DAYS);
  if (off < plan.endOn) put(off, 'care', 'Take the covers off', `They are used to the air of the room by now.${unless}`);
}

function later(plan: PlanDocument, { forecast, kinds }: WorkedOut, put: Put): void {
  if (!forecast.ok || !forecast.half.likely) return;
  const { daysTo, emergenceDays } = kinds[0]!.species;
  const thinOn = addDays(
    forecast.half.likely,
    daysTo.firstTrueLeaf ? Math.max(3, daysTo.firstTrueLeaf[0] - emergenceDays[0]) : 6,
  );
  const crowding = plan.factors.find((f) => f.subject === 'crowding');
  const shut = methodById(plan.methodId)!.cover === 'stays' && plan.protocol.openBag === 'never';
  const thinned = plan.seedsEach > plan.keep && plan.kind !== 'viability' && plan.kind !== 'patch' && !shut;
  const usedUp = paperUsedUp(plan);
  const day = usedUp !== null && usedUp < thinOn ? usedUp : thinOn;
  if (!thinned || day >= plan.endOn) return;
  put(
    day,
    'thin',
    `Thin to ${crowding ? 'the number on the label' : plan.keep}`,
    'Which stay is decided by lot, and written down.',
  );
}

/** The day on which paper or sponge feeds nothing any more; null in soil, in a seed test, or when the plan ends before. */
function paperUsedUp(plan: PlanDocument): IsoDay | null {
  const method = methodById(plan.methodId)!;
  const day = addDays(sowingDays(plan)[0]!, method.usefulDays[1]);
  return method.paper && plan.kind !== 'viability' && day < plan.endOn ? day : null;
}

/** Moving on into soil when paper is used up, and out into the open after hardening off and the last frost. */
function moving(plan: PlanDocument, { kinds }: WorkedOut, put: Put, conflicts: CalendarConflict[]): void {
  const sown = sowingDays(plan)[0]!;
  const usedUp = paperUsedUp(plan);
  if (usedUp !== null)
    put(
      usedUp,
      'transplant',
      'Move on into soil',
      'There is no food in paper or sponge: hold seedlings by the seed leaves, and plant root and all.',
    );
  if (!plan.goesOutside) return;
  for (const { species } of kinds) {
    const out = outsideFrom(species, sown, plan.lastFrost || null);
    const name = species.name.toLowerCase();
    if (out.day > plan.endOn) {
      conflicts.push({
        day: out.day,
        what: `${species.name} could go outside from ${formatDay(out.day)}, after the plan ends on ${formatDay(plan.endOn)}.`,
        wayOut: out.because === 'frost' ? 'End later, sow a hardier kind, or keep it inside.' : 'End later, or sow earlier.',
      });
      continue;
    }
    put(
      addDays(out.day, -HARDENING_DAYS),
      'care',
      `Begin to harden off the ${name}`,
      'An hour outside in the shade today, a little longer every day, in at night.',
    );
    put(out.day, 'transplant', `Plant out the ${name}`, 'In the evening or under cloud; water well, and shade for a few days.');
  }
}

/** The last school day before every gap gets a reminder of what the days alone need; after the last look nothing is alone. */
function weekends(plan: PlanDocument, events: PlanEvent[], lastLook: IsoDay): void {
  const { unattendedDays } = methodById(plan.methodId)!;
  const sown = sowingDays(plan)[0]!;
  for (const gap of gaps(plan.calendar, addDays(sown, 1), plan.endOn)) {
    const day = addDays(gap.from, -1);
    if (day < sown || day >= lastLook) continue;
    const long = gap.days > unattendedDays;
    const name = gap.holiday ?? (weekday(gap.from) === 6 ? 'the weekend' : 'the days off');
    events.push({ day, kind: 'weekend', title: `Before ${name}`, note: beforeGap(plan, gap.days, long) });
    if (long && plan.whileAway === 'somebody')
      for (let alone = unattendedDays; alone < gap.days; alone += unattendedDays)
        events.push({
          day: addDays(gap.from, alone),
          kind: 'weekend',
          title: 'Somebody comes in to water',
          note: `In the middle of ${name}, so that nothing is alone for more than ${unattendedDays} days.`,
        });
  }
}

function beforeGap({ whileAway, methodId }: PlanDocument, days: number, long: boolean): string {
  const leaving = {
    lifted: 'Water, turn, and close covers',
    stays: 'See that the paper is damp, and that all is shut',
    none: 'Fill up the water under the paper',
  }[methodById(methodId)!.cover];
  if (!long) return `${leaving}: alone for ${counted(days, 'day')}.`;
  if (whileAway === 'somebody') return `Water, and hand over: somebody comes in during the ${counted(days, 'day')}.`;
  if (whileAway === 'reservoir') return `Fill the reservoirs and test the wicks: alone for ${counted(days, 'day')}.`;
  return `Alone for ${counted(days, 'day')}, longer than they last: set up a reservoir, or ask somebody to water.`;
}
