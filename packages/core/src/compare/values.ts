import { addDays, daysBetween, type IsoDay } from '../calendar/days';
import { type Finding, findingOf, numberFound } from '../measures/finding';
import { isNumeric, type Measure } from '../measures/measure';
import { sumUp } from '../measures/sumUp';
import { hasEnded, type ReadingState } from '../readings/reading';
import { type Look, lookOn } from '../readings/looks';
import { type Question } from './question';
import { type ComparedContainer } from './records';

/** What a container answers to a question, or why it has no answer. */
export interface Value {
  state: ReadingState | 'not-measured';
  /** Null where it has none: stored unit, percentage of the seeds, middle rank, days, or a rate of these. */
  value: number | null;
  /** Plants behind it; 0 where a policy gave the value. */
  plants: number;
  /** Where a day is only known to lie between two looks. */
  span: { low: number; high: number } | null;
  /** Taken from the line between two looks, since nobody looked on that very day. */
  between: boolean;
}

const without = (state: Value['state']): Value => ({ state, value: null, plants: 0, span: null, between: false });

/** At an age on which nobody looked, the line between two looks that are at most this far away, days. */
const NEAR_DAYS = 3;

/** The day a container is looked at for a question about one day. */
export function dayAsked({ when }: Pick<Question, 'when'>, { sownOn }: ComparedContainer, last: IsoDay): IsoDay {
  return when.kind === 'day' ? when.day : when.kind === 'age' ? addDays(sownOn, when.age) : last;
}

/** From and to of a question about a stretch of time, the whole course without one. */
export function stretchAsked({ when }: Pick<Question, 'when'>, days: readonly IsoDay[]): { from: IsoDay; to: IsoDay } {
  if (when.kind === 'between') return { from: when.from, to: when.to };
  return { from: days[0]!, to: days[days.length - 1]! };
}

/**
 * The value of a measure on a day, by the question's policies. What is not up has sprouted in none of its seeds, whatever the
 * policy.
 */
export function valueOn(
  measure: Measure,
  container: ComparedContainer,
  looks: readonly Look[],
  day: IsoDay,
  question: Pick<Question, 'beforeSprouting' | 'afterLoss' | 'afterRemoval' | 'report'>,
): Value {
  const look = lookOn(looks, day);
  const of = (findings: readonly Finding[], plants: number): Value => {
    const value = sumUp(measure, findings, container.seedsSown, question.report);
    return value === null
      ? without(look.state === 'measured' ? 'not-measured' : look.state)
      : { ...without(look.state), value, plants };
  };
  const none = [numberFound(measure.code, 0)];
  switch (look.state) {
    case 'measured': {
      const found = foundIn(look, measure);
      return of(found, found.length);
    }
    case 'not-up':
      return isNumeric(measure) && (question.beforeSprouting === 'zero' || measure.quantity === 'count-of')
        ? of(none, 0)
        : without('not-up');
    case 'lost':
      if (question.afterLoss === 'carry') return of(lastFound(looks, day, measure), 0);
      return question.afterLoss === 'zero' && isNumeric(measure) ? of(none, 0) : without('lost');
    case 'thinned':
    case 'moved':
      return question.afterRemoval === 'carry' ? of(lastFound(looks, day, measure), 0) : without(look.state);
    default:
      return without(look.state);
  }
}

export function foundIn({ readings }: Pick<Look, 'readings'>, { code }: Pick<Measure, 'code'>): Finding[] {
  return readings.flatMap((r) => findingOf(r, code) ?? []);
}

/** What was last found up to a day; nothing ever found counts as zero, since it never came up. */
function lastFound(looks: readonly Look[], day: IsoDay, measure: Measure): Finding[] {
  for (let i = looks.length - 1; i >= 0; i--) {
    const look = looks[i]!;
    if (look.day > day || look.readings.every((r) => r.findings.length === 0)) continue;
    return foundIn(look, measure);
  }
  return isNumeric(measure) ? [numberFound(measure.code, 0)] : [];
}

/** The value at an age: of a look on that day, or on the line between looks close before and after it. */
export function valueAtAge(
  measure: Measure,
  container: ComparedContainer,
  looks: readonly Look[],
  day: IsoDay,
  question: Pick<Question, 'beforeSprouting' | 'afterLoss' | 'afterRemoval' | 'report'>,
): Value {
  const exact = valueOn(measure, container, looks, day, question);
  if (exact.state !== 'not-checked' || !isNumeric(measure)) return exact;
  const before = looks.filter((l) => l.day < day && daysBetween(l.day, day) <= NEAR_DAYS).pop();
  const after = looks.find((l) => l.day > day && daysBetween(day, l.day) <= NEAR_DAYS);
  if (!before || !after) return exact;
  const [a, b] = [before, after].map((l) => valueOn(measure, container, looks, l.day, question));
  if (a!.state !== 'measured' || b!.state !== 'measured' || a!.value === null || b!.value === null) return exact;
  const share = daysBetween(before.day, day) / daysBetween(before.day, after.day);
  return { ...a!, value: a!.value + share * (b!.value - a!.value), plants: Math.min(a!.plants, b!.plants), between: true };
}

/** What a measure became between two days: change, change a day, or relative rate a day. */
export function changeBetween(
  measure: Measure,
  container: ComparedContainer,
  looks: readonly Look[],
  { from, to }: { from: IsoDay; to: IsoDay },
  question: Pick<Question, 'follow' | 'beforeSprouting' | 'afterLoss' | 'afterRemoval' | 'report'>,
): Value {
  const [a, b] = [from, to].map((day) => valueOn(measure, container, looks, day, question)) as [Value, Value];
  if (b.value === null) return without(b.state);
  if (a.value === null) return without(a.state);
  const days = daysBetween(from, to);
  const plants = Math.min(a.plants, b.plants);
  const answer = (value: number): Value => ({ ...without('measured'), value, plants });
  if (question.follow === 'change') return answer(b.value - a.value);
  if (question.follow === 'per-day') return answer((b.value - a.value) / days);
  return a.value > 0 && b.value > 0 ? answer(Math.log(b.value / a.value) / days) : without('not-measured');
}

/**
 * Area under the line through the looks of a stretch (trapezoids), value × days. A plant that is not up yet adds nothing; one
 * that is lost leaves the area, or goes on as last seen or at zero, as the question says. Needs a look at the end.
 */
export function areaBetween(
  measure: Measure,
  container: ComparedContainer,
  looks: readonly Look[],
  stretch: { from: IsoDay; to: IsoDay },
  question: Pick<Question, 'afterLoss' | 'afterRemoval' | 'report'>,
): Value {
  const counting = { ...question, beforeSprouting: 'zero' as const };
  const within = looks.filter((l) => l.day >= stretch.from && l.day <= stretch.to);
  const days = [...new Set([...within.map((l) => l.day), stretch.to])];
  const points = days.flatMap((day) => {
    const { value } = valueOn(measure, container, looks, day, counting);
    return value === null ? [] : [{ day, value }];
  });
  const end = valueOn(measure, container, looks, stretch.to, counting);
  if (end.value === null) return without(end.state);
  let area = 0;
  for (let i = 1; i < points.length; i++)
    area += ((points[i - 1]!.value + points[i]!.value) / 2) * daysBetween(points[i - 1]!.day, points[i]!.day);
  return points.length < 2 ? without('not-measured') : { ...without('measured'), value: area, plants: end.plants };
}

/** The highest value of a stretch; one that is lost keeps it only where losses stay as last seen. */
export function highestOf(
  measure: Measure,
  container: ComparedContainer,
  looks: readonly Look[],
  stretch: { from: IsoDay; to: IsoDay },
  question: Pick<Question, 'beforeSprouting' | 'afterLoss' | 'afterRemoval' | 'report'>,
): Value {
  const within = looks.filter((l) => l.day >= stretch.from && l.day <= stretch.to);
  const end = lookOn(looks, stretch.to);
  if (end.state === 'lost' && question.afterLoss !== 'carry') return without('lost');
  if (hasEnded(end.state) && end.state !== 'lost' && question.afterRemoval !== 'carry') return without(end.state);
  const values = within.flatMap((l) => {
    const { value, plants } = valueOn(measure, container, looks, l.day, { ...question, afterLoss: 'exclude' });
    return value === null ? [] : [{ value, plants }];
  });
  if (values.length === 0) return without(within.some((l) => l.state === 'not-up') ? 'not-up' : 'not-checked');
  const highest = values.reduce((most, v) => (v.value > most.value ? v : most));
  return { ...without('measured'), ...highest };
}
