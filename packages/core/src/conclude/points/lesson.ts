import { addDays, daysBetween, type IsoDay } from '../../calendar/days';
import { isSchoolDay, type SchoolCalendar } from '../../calendar/schoolCalendar';
import { type GroupedRecords } from '../../compare/groups';
import { type Look, looksByContainer } from '../../readings/looks';
import { type ComparedContainer, type ComparedDesign, type ComparedTreatment } from '../../compare/records';
import { valueOn } from '../../compare/values';
import { type Measure } from '../../measures/measure';
import { answeredShares, WHOLE_CLASS } from '../../readings/answeredShares';
import { recordedDays } from '../../readings/standing';
import { mean } from '../../statistics/descriptives';

/** What a team said before sowing. */
export interface Expectation {
  /** As the blocks of containers are called. */
  team: string;
  firstSproutDay: number | null;
  /** Day for which the height was asked. */
  dayNumber: number;
  heightMm: number | null;
  /** Code of the treatment that it thought would be tallest. */
  winner: string | null;
}

/** Everything that talking points are found in. */
export interface LessonFacts {
  records: GroupedRecords;
  design: ComparedDesign | null;
  /** What is spoken about: the first measure of the class with numbers. */
  measure: Measure;
  /** Where each container stands; null where nobody knows. */
  positions: ReadonlyMap<string, number> | null;
  expected: readonly Expectation[];
  /** When somebody is at school; null where nobody said. */
  calendar: SchoolCalendar | null;
  /** Standard deviation of one reading of one plant, stored unit; null where nobody tried. */
  readingError: number | null;
  /** Share of the seeds that should come up, by treatment, from the lot's own test or the kind; empty where nobody knows. */
  germination: ReadonlyMap<string, number>;
  /** Day number by which nearly all that come up should be; null where nobody knows. */
  allUpBy: number | null;
}

/** The facts with what every detector asks of them. */
export interface Lesson extends LessonFacts {
  /** All were sown on one day, so that a day is an age. */
  oneSowing: boolean;
  /** Days on which at least half of the containers were looked at, in order. */
  days: IsoDay[];
  /** The newest of them. */
  last: IsoDay;
  looks: ReadonlyMap<string, readonly Look[]>;
  /** Mean of its living plants that day; null where nothing was found. */
  valueOf(container: ComparedContainer, day: IsoDay): number | null;
  /** What of a treatment was measured on a day. */
  measured(treatment: string, day: IsoDay): { container: ComparedContainer; value: number }[];
  labelOf(treatment: string): string;
  /** Days without school from the first day, exclusive, to the second, inclusive. */
  daysOff(from: IsoDay, to: IsoDay): number;
}

const COUNTING = { beforeSprouting: 'exclude', afterLoss: 'exclude', afterRemoval: 'exclude', report: 'container-mean' } as const;

/** Null while no day was looked at by half of the class. */
export function lessonOf(facts: LessonFacts): Lesson | null {
  const { records, measure, calendar } = facts;
  const { containers, readings, treatments } = records;
  const shares = answeredShares(
    containers.map((c) => c.id),
    readings,
  );
  const all = recordedDays(readings);
  const whole = all.filter((d) => (shares.get(d) ?? 0) >= WHOLE_CLASS);
  const days = whole.length > 0 ? whole : all;
  const last = days[days.length - 1];
  if (last === undefined) return null;
  const looks = looksByContainer(readings);
  const known = new Map<string, number | null>();
  const valueOf = (container: ComparedContainer, day: IsoDay): number | null => {
    const key = `${container.id} ${day}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const own = looks.get(container.id) ?? [];
    // What is not up has sprouted in none of its seeds; a height it has not.
    const { value } = valueOn(measure, container, own, day, COUNTING);
    known.set(key, value);
    return value;
  };
  const labels = new Map(treatments.map((t: ComparedTreatment) => [t.code, t.label]));
  return {
    ...facts,
    oneSowing: new Set(containers.map((c) => c.sownOn)).size === 1,
    days,
    last,
    looks,
    valueOf,
    measured: (treatment, day) =>
      containers.flatMap((container) => {
        if (container.treatment !== treatment) return [];
        const value = valueOf(container, day);
        return value === null ? [] : [{ container, value }];
      }),
    labelOf: (treatment) => labels.get(treatment) ?? treatment,
    daysOff: (from, to) => {
      if (calendar === null) return 0;
      let off = 0;
      for (let n = 1, length = daysBetween(from, to); n <= length; n++) {
        if (!isSchoolDay(calendar, addDays(from, n))) off++;
      }
      return off;
    },
  };
}

/** Mean of a treatment on each day on which something of it was measured; of the whole class for an empty code. */
export function lineOf(lesson: Lesson, treatment: string): { day: IsoDay; value: number }[] {
  const codes = treatment === '' ? lesson.records.treatments.map((t) => t.code) : [treatment];
  return lesson.days.flatMap((day) => {
    const values = codes.flatMap((code) => lesson.measured(code, day).map((m) => m.value));
    return values.length === 0 ? [] : [{ day, value: mean(values) }];
  });
}

/** Growth a day of every container between two days on which it was measured. */
export function ratesBetween(lesson: Lesson, from: IsoDay, to: IsoDay, treatment: string | null = null): Map<string, number> {
  const days = daysBetween(from, to);
  return new Map(
    lesson.records.containers.flatMap((c) => {
      if (treatment !== null && c.treatment !== treatment) return [];
      const [a, b] = [lesson.valueOf(c, from), lesson.valueOf(c, to)];
      return a === null || b === null ? [] : [[c.id, (b - a) / days] as const];
    }),
  );
}
