import { daysBetween, type IsoDay } from '../calendar/days';
import { valueOf } from '../measures/finding';
import { isNumeric, type Measure } from '../measures/measure';
import { currentReadings, hasEnded, type Reading } from '../readings/reading';
import { recordedDays } from '../readings/standing';
import { type Result } from '../result/result';
import { describe, type Descriptives, mean } from '../statistics/descriptives';
import { type Look, looksByContainer } from './looks';
import { isTime, type Question } from './question';
import { type ComparedContainer, type ComparedRecords, type ComparedTreatment } from './records';
import { countsSprouts, longestWait, meanWaits, sproutCounts, type Waiting, waitingToReach, waitingToSprout } from './times';
import { areaBetween, changeBetween, dayAsked, highestOf, stretchAsked, type Value, valueAtAge, valueOn } from './values';

/** One mark of a figure: a container, a plant of it, or a team. */
export interface Dot {
  container: ComparedContainer;
  /** Tag of the plant where each has its own mark. */
  plant: string | null;
  /** Stored unit, percentage of the seeds, middle rank, days, or what follows from them. */
  value: number;
  /** Plants behind it; 0 where a policy gave the value. */
  plants: number;
  /** Where a day is only known to lie between two looks. */
  span: { low: number; high: number } | null;
  /** Nobody looked on that very day: from the line between two looks. */
  between: boolean;
}

/** What is compared with one another: a treatment, a kind, a team, an age. Its marks, and everyone who is in no mean. */
export interface Group {
  /** Code of the treatment, or what stands for it where something else is compared. */
  key: string;
  label: string;
  /** The treatment whose colour and mark it has; `control` is what the others are held against. */
  treatment: ComparedTreatment;
  dots: Dot[];
  summary: Result<Descriptives>;
  lost: ComparedContainer[];
  /** Taken out on purpose or moved away: censored, not dead. */
  removed: ComparedContainer[];
  notUp: ComparedContainer[];
  /** Looked at and up, but nothing was found of what is asked. */
  notMeasured: ComparedContainer[];
  notChecked: ComparedContainer[];
}

const withoutDoubts = new WeakMap<readonly Reading[], readonly Reading[]>();

/** Whether a question at the bench is still open about a reading. */
export const isDoubtful = (reading: Pick<Reading, 'doubt'>): boolean => reading.doubt !== null && reading.doubt.answer === null;

/** The readings that count: all, or all but those about which a question is open. */
function readingsCounted(readings: readonly Reading[], { doubts }: Pick<Question, 'doubts'>): readonly Reading[] {
  if (doubts === 'kept') return readings;
  const before = withoutDoubts.get(readings);
  if (before) return before;
  const counted = currentReadings(readings).filter((r) => !isDoubtful(r));
  withoutDoubts.set(readings, counted);
  return counted;
}

/** The value of every container, in the question's own terms. */
export function valuesOf(records: ComparedRecords, measure: Measure, question: Question): Map<string, Value> {
  const looks = looksByContainer(readingsCounted(records.readings, question));
  const days = recordedDays(records.readings);
  const last = days[days.length - 1];
  const own = (c: ComparedContainer): readonly Look[] => looks.get(c.id) ?? [];
  if (last === undefined) return new Map();
  if (isTime(question)) {
    const waiting = new Map<string, Waiting>(
      records.containers.map((c) => [
        c.id,
        question.follow === 'sprouted'
          ? waitingToSprout(c, own(c))
          : waitingToReach(measure, question.reach, c, own(c), question.report),
      ]),
    );
    return meanWaits(waiting, longestWait(records.containers, days));
  }
  const stretch = stretchAsked(question, days);
  return new Map(records.containers.map((c) => [c.id, valueOfContainer(c, own(c), measure, question, stretch, last)]));
}

function valueOfContainer(
  container: ComparedContainer,
  looks: readonly Look[],
  measure: Measure,
  question: Question,
  stretch: { from: IsoDay; to: IsoDay },
  last: IsoDay,
): Value {
  switch (question.follow) {
    case 'change':
    case 'per-day':
    case 'relative-rate':
      return changeBetween(measure, container, looks, stretch, question);
    case 'area':
      return areaBetween(measure, container, looks, stretch, question);
    case 'highest':
      return highestOf(measure, container, looks, stretch, question);
    case 'share-up':
      return shareUp(container, looks, dayAsked(question, container, last));
    default: {
      const day = dayAsked(question, container, last);
      return question.when.kind === 'age'
        ? valueAtAge(measure, container, looks, day, question)
        : valueOn(measure, container, looks, day, question);
    }
  }
}

/** Percentage of its seeds that were ever seen up by a day; where seeds are not counted, whether the container was up. */
function shareUp(container: ComparedContainer, looks: readonly Look[], day: IsoDay): Value {
  const until = looks.filter((l) => l.day <= day);
  const nothing = { plants: 0, span: null, between: false };
  if (countsSprouts(until) && container.seedsSown > 0) {
    const counts = sproutCounts(container, until);
    const most = Math.max(0, ...counts.map((c) => c.up));
    if (counts.length === 0) return { ...nothing, state: 'not-checked', value: null };
    return { ...nothing, state: most > 0 ? 'measured' : 'not-up', value: (100 * most) / container.seedsSown, plants: most };
  }
  if (until.some((l) => l.state === 'measured')) return { ...nothing, state: 'measured', value: 100, plants: 1 };
  const end = until.find((l) => hasEnded(l.state));
  if (end) return { ...nothing, state: end.state, value: null };
  if (until.some((l) => l.state === 'not-up')) return { ...nothing, state: 'not-up', value: 0 };
  return { ...nothing, state: 'not-checked', value: null };
}

/** What each container is counted to, by the question. */
export function groupings(records: GroupedRecords, { between }: Pick<Question, 'between'>): Grouping[] {
  const { treatments, containers } = records;
  if (between === 'teams')
    return [...new Set(containers.map((c) => c.block))].flatMap((block) =>
      block === null ? [] : [grouping(block, block, false, (c) => c.block === block, 'A')],
    );
  if (between === 'kinds') {
    const kinds = [...new Set(treatments.map((t) => t.kind ?? ''))];
    return kinds.map((kind) => {
      const own = treatments.filter((t) => (t.kind ?? '') === kind);
      return grouping(kind, kind, false, (c) => own.some((t) => t.code === c.treatment), own[0]!.code);
    });
  }
  if (between === 'ages') {
    const days = [...new Set(containers.map((c) => c.sownOn))].sort().reverse();
    return days.map((day) => {
      const code = containers.find((c) => c.sownOn === day)!.treatment;
      return grouping(day, treatments.find((t) => t.code === code)?.label ?? day, false, (c) => c.sownOn === day, code);
    });
  }
  return treatments.map((t) => grouping(t.code, t.label, t.control, (c) => c.treatment === t.code, t.code));
}

export interface GroupedRecords extends ComparedRecords {
  /** With the kind of seed of each, where kinds differ. */
  treatments: readonly (ComparedTreatment & { kind?: string })[];
}

interface Grouping {
  key: string;
  label: string;
  treatment: ComparedTreatment;
  holds: (container: ComparedContainer) => boolean;
}

const grouping = (key: string, label: string, control: boolean, holds: Grouping['holds'], code: string): Grouping => ({
  key,
  label,
  treatment: { code, label, control },
  holds,
});

/** One value a container: where each plant has its mark, their mean. */
export function containersOf({ dots }: Pick<Group, 'dots'>) {
  const own = new Map<string, Group['dots']>();
  for (const dot of dots) {
    const list = own.get(dot.container.id);
    if (list) list.push(dot);
    else own.set(dot.container.id, [dot]);
  }
  return [...own.values()].map((list) => ({ container: list[0]!.container, value: mean(list.map((d) => d.value)) }));
}

/** The marks of a question in their groups. Cheap enough for every change of a word. */
export function groupsOf(records: GroupedRecords, measure: Measure, question: Question): Group[] {
  const values = valuesOf(records, measure, question);
  return groupings(records, question).map(({ key, label, treatment, holds }) => {
    const own = records.containers.filter(holds).flatMap((container) => {
      const value = values.get(container.id);
      return value ? [{ container, value }] : [];
    });
    const of = (...states: Value['state'][]) => own.filter((o) => states.includes(o.value.state)).map((o) => o.container);
    const dots = dotsOf(own, records, measure, question);
    return {
      key,
      label,
      treatment,
      dots,
      // The container counts once, however many plants of it have a mark.
      summary: describe(containersOf({ dots }).map((c) => c.value)),
      lost: of('lost'),
      removed: of('thinned', 'moved'),
      notUp: of('not-up'),
      notMeasured: of('not-measured'),
      notChecked: of('not-checked'),
    };
  });
}

function dotsOf(
  own: readonly { container: ComparedContainer; value: Value }[],
  records: ComparedRecords,
  measure: Measure,
  question: Question,
): Dot[] {
  const dots = own.flatMap(({ container, value: { value, plants, span, between } }): Dot[] =>
    value === null ? [] : [{ container, plant: null, value, plants, span, between }],
  );
  if (question.mark === 'plant') return plantDots(dots, records, measure, question);
  return question.mark === 'team' ? teamDots(dots) : dots;
}

/** Each plant of a container on its own; a container whose value a policy gave stays one mark. */
function plantDots(
  dots: readonly Dot[],
  { readings }: Pick<ComparedRecords, 'readings'>,
  measure: Measure,
  question: Question,
): Dot[] {
  if (question.when.kind !== 'day' && question.when.kind !== 'end') return [...dots];
  const looks = looksByContainer(readings);
  const days = recordedDays(readings);
  return dots.flatMap((dot) => {
    if (dot.plants === 0) return [dot];
    const day = dayAsked(question, dot.container, days[days.length - 1]!);
    const look = looks.get(dot.container.id)?.find((l) => l.day === day);
    const own = (look?.readings ?? []).flatMap((reading) => {
      const value = isNumeric(measure) ? valueOf(reading, measure.code) : rankOf(measure, reading.findings);
      return value === null ? [] : [{ ...dot, plant: reading.plant, value, plants: 1 }];
    });
    return own.length > 0 ? own : [dot];
  });
}

function rankOf(measure: Measure, findings: Look['readings'][number]['findings']): number | null {
  const rank = measure.choices.findIndex((c) => c.code === findings.find((f) => f.measure === measure.code)?.choice) + 1;
  return rank > 0 ? rank : null;
}

/** The mean of each team's containers as one mark. */
function teamDots(dots: readonly Dot[]): Dot[] {
  const teams = [...new Set(dots.map((d) => d.container.block))];
  return teams.map((team) => {
    const own = dots.filter((d) => d.container.block === team);
    return {
      ...own[0]!,
      value: mean(own.map((d) => d.value)),
      plants: own.reduce((sum, d) => sum + d.plants, 0),
      span: null,
    };
  });
}

/** Days since sowing of a container on a day. */
export const ageOn = (container: Pick<ComparedContainer, 'sownOn'>, day: IsoDay): number => daysBetween(container.sownOn, day);
