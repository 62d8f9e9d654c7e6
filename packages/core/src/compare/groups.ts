import { daysBetween, type IsoDay } from '../calendar/days';
import { valueOf } from '../measures/finding';
import { isNumeric, type Measure } from '../measures/measure';
import { recordedDays } from '../readings/standing';
import { type Result } from '../result/result';
import { describe, type Descriptives, mean } from '../statistics/descriptives';
import { readingsCounted, valuesOf } from './containerValues';
import { type Look, looksByContainer } from '../readings/looks';
import { type Question } from './question';
import { type ComparedContainer, type ComparedRecords, type ComparedTreatment } from './records';
import { dayAsked, type Value } from './values';

/** One mark of a figure: a container, a plant of it, or a team. */
export interface Dot {
  container: ComparedContainer;
  /** All containers behind it: those of its team where each team has one mark. */
  behind: readonly ComparedContainer[];
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

/** Ids of the containers that are in the marks of a group, however many have one mark. */
export const markedIn = ({ dots }: Pick<Group, 'dots'>): Set<string> => new Set(dots.flatMap((d) => d.behind.map((c) => c.id)));

/** Ids of all containers of a group, with a mark or without. */
export const allOf = (group: Group): Set<string> =>
  new Set([
    ...markedIn(group),
    ...[group.notUp, group.lost, group.removed, group.notMeasured, group.notChecked].flat().map((c) => c.id),
  ]);

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
    value === null ? [] : [{ container, behind: [container], plant: null, value, plants, span, between }],
  );
  if (question.mark === 'plant') return plantDots(dots, records, measure, question);
  return question.mark === 'team' ? teamDots(dots) : dots;
}

/** Each plant of a container on its own; a container whose value a policy gave stays one mark. */
function plantDots(
  dots: readonly Dot[],
  records: Pick<ComparedRecords, 'readings'>,
  measure: Measure,
  question: Question,
): Dot[] {
  if (question.when.kind !== 'day' && question.when.kind !== 'end') return [...dots];
  const looks = looksByContainer(readingsCounted(records, question));
  const days = recordedDays(records.readings);
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
      behind: own.map((d) => d.container),
      value: mean(own.map((d) => d.value)),
      plants: own.reduce((sum, d) => sum + d.plants, 0),
      span: null,
    };
  });
}

/** Days since sowing of a container on a day. */
export const ageOn = (container: Pick<ComparedContainer, 'sownOn'>, day: IsoDay): number => daysBetween(container.sownOn, day);
