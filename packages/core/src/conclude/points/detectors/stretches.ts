import { daysBetween, type IsoDay } from '../../../calendar/days';
import { mean } from '../../../statistics/descriptives';
import { aboveZero } from '../chances';
import { type Lesson, lineOf, ratesBetween } from '../lesson';
import { type Found, RARE } from '../point';

/** Fewer containers say little about a stretch of days. */
const FEWEST = 5;

interface Stretch {
  from: IsoDay;
  to: IsoDay;
  rates: Map<string, number>;
}

function stretchesOf(lesson: Lesson, treatment: string | null = null): Stretch[] {
  return lesson.days
    .slice(1)
    .map((to, i) => ({ from: lesson.days[i]!, to, rates: ratesBetween(lesson, lesson.days[i]!, to, treatment) }))
    .filter((s) => s.rates.size >= FEWEST);
}

const meanRate = ({ rates }: Pick<Stretch, 'rates'>) => mean([...rates.values()]);

/** Differences of the containers that have both, first less second. */
const less = (a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): number[] =>
  [...a].flatMap(([id, rate]) => (b.has(id) ? [rate - b.get(id)!] : []));

const classLine = (lesson: Lesson, stretch: Pick<Stretch, 'from' | 'to'>) => ({
  kind: 'lines' as const,
  lines: [{ key: '', points: lineOf(lesson, '') }],
  stretch: { from: stretch.from, to: stretch.to, off: false },
  cross: null,
});

/** What grows a day by day; counts of seeds and of looks do not. */
const grows = ({ measure, oneSowing }: Lesson) => oneSowing && (measure.quantity === 'length' || measure.quantity === 'mass');

/** A stretch is told of where it stands out by so much from the next, or growth has fallen to so little. */
const STANDS_OUT = 1.15;
const HAS_SLOWED = 0.8;

/**
 * The stretch between two looks in which more was grown a day than in any other. Chance: container by container, one-sided t against
 * the stretch that comes nearest to it, times the number of stretches; growth in an S is as fast before and after its fastest day.
 */
export function fastestStretch(lesson: Lesson): Found<'fastest-stretch'>[] {
  if (!grows(lesson)) return [];
  const all = stretchesOf(lesson).sort((a, b) => meanRate(b) - meanRate(a));
  const [fastest, next] = all;
  if (!fastest || !next || all.length < 3 || meanRate(fastest) < STANDS_OUT * meanRate(next)) return [];
  const chance = Math.min(1, all.length * Math.max(...all.slice(1).map((s) => aboveZero(less(fastest.rates, s.rates)))));
  if (chance > RARE) return [];
  return [
    {
      key: 'fastest-stretch',
      day: fastest.to,
      chance,
      from: fastest.from,
      to: fastest.to,
      perDay: meanRate(fastest),
      next: meanRate(next),
      figure: classLine(lesson, fastest),
    },
  ];
}

/**
 * Growth that slowed: the last stretch against the fastest before it. Chance: container by container, one-sided t, times the number of
 * stretches that could have been the fastest.
 */
export function growthSlowing(lesson: Lesson): Found<'growth-slowing'>[] {
  if (!grows(lesson)) return [];
  const all = stretchesOf(lesson);
  const last = all[all.length - 1];
  const before = all.slice(0, -1);
  if (!last || before.length < 2) return [];
  const fastest = before.reduce((a, b) => (meanRate(b) > meanRate(a) ? b : a));
  const chance = Math.min(1, before.length * aboveZero(less(fastest.rates, last.rates)));
  if (chance > RARE || meanRate(last) > HAS_SLOWED * meanRate(fastest)) return [];
  return [
    {
      key: 'growth-slowing',
      day: last.to,
      chance,
      from: last.from,
      to: last.to,
      perDay: meanRate(last),
      fastest: meanRate(fastest),
      figure: classLine(lesson, last),
    },
  ];
}

/** Growing less than this share of what the days around allow is standing still. */
const STILL = 0.1;

/**
 * Days without school over which plants grew more slowly than both before and after: a valley, which no smooth growth has.
 * Chance: the larger of the two one-sided t, container by container, times all gaps and groups looked at.
 */
export function dipOverDaysOff(lesson: Lesson): Found<'dip-over-days-off'>[] {
  if (!grows(lesson)) return [];
  const groups = [null, ...lesson.records.treatments.map((t) => t.code)];
  const found = groups.flatMap((treatment) => {
    const all = stretchesOf(lesson, treatment);
    return all.flatMap((gap, i) => {
      const [before, after] = [all[i - 1], all[i + 1]];
      if (!before || !after) return [];
      const share = (s: Stretch) => lesson.daysOff(s.from, s.to) / daysBetween(s.from, s.to);
      if (share(gap) === 0 || share(before) >= share(gap) || share(after) >= share(gap)) return [];
      const p = Math.max(aboveZero(less(before.rates, gap.rates)), aboveZero(less(after.rates, gap.rates)));
      return [{ treatment, gap, before, after, p }];
    });
  });
  if (found.length === 0) return [];
  const { treatment, gap, before, after, p } = found.reduce((a, b) => (b.p < a.p ? b : a));
  const chance = Math.min(1, found.length * p);
  if (chance > RARE) return [];
  const at = (day: IsoDay) => {
    const own = lesson.records.containers.filter((c) => (treatment === null || c.treatment === treatment) && gap.rates.has(c.id));
    return mean(own.map((c) => lesson.valueOf(c, day)!));
  };
  const around = Math.min(meanRate(before), meanRate(after));
  return [
    {
      key: `dip-over-days-off ${gap.from}`,
      day: gap.to,
      chance,
      label: treatment === null ? null : lesson.labelOf(treatment),
      from: gap.from,
      to: gap.to,
      before: at(gap.from),
      after: at(gap.to),
      perDayBefore: meanRate(before),
      perDayAfter: meanRate(after),
      stoodStill: meanRate(gap) <= STILL * around,
      figure: {
        kind: 'lines',
        lines: [{ key: treatment ?? '', points: lineOf(lesson, treatment ?? '') }],
        stretch: { from: gap.from, to: gap.to, off: true },
        cross: null,
      },
    },
  ];
}
