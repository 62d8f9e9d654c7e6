import { daysBetween, type IsoDay } from '../../calendar/days';
import { type Measure } from '../../measures/measure';
import { recordedDays } from '../../readings/standing';
import { mean } from '../../statistics/descriptives';
import { readingsCounted } from '../containerValues';
import { groupings, type GroupedRecords } from '../groups';
import { looksByContainer } from '../../readings/looks';
import { type Question } from '../question';
import { valueOn } from '../values';

/** A line over the days; `null` is a gap: nobody looked, or nothing was found. */
export interface CourseLine {
  x: number[];
  y: (number | null)[];
}

export interface CourseGroup {
  key: string;
  label: string;
  code: string;
  containers: (CourseLine & { code: string })[];
  /** Mean of the containers that have a value that day. */
  mean: CourseLine;
  /** Containers behind each mean. */
  counts: number[];
}

/** Days since each container's own sowing, or since the first sowing of all. */
export type Along = 'age' | 'date';

/** How a measure went in each container, thin, and on average, bold. */
export function courseLines(records: GroupedRecords, measure: Measure, question: Question, along: Along = 'age'): CourseGroup[] {
  const first = records.containers.map((c) => c.sownOn).sort()[0] ?? '';
  const looks = looksByContainer(readingsCounted(records, question));
  const days = recordedDays(records.readings);
  return groupings(records, question).map(({ key, label, treatment, holds }) => {
    const own = records.containers.filter(holds);
    const containers = own.map((c) => {
      const mine = looks.get(c.id) ?? [];
      const values = days.map((day: IsoDay) => valueOn(measure, c, mine, day, question).value);
      return { code: c.code, x: days.map((day) => daysBetween(along === 'age' ? c.sownOn : first, day)), y: values };
    });
    const ages = [...new Set(containers.flatMap((c) => c.x))].filter((x) => x >= 0).sort((a, b) => a - b);
    const at = new Map<number, number[]>(ages.map((x) => [x, []]));
    for (const { x, y } of containers) x.forEach((day, i) => y[i] !== null && at.get(day)?.push(y[i]!));
    const kept = ages.filter((x) => at.get(x)!.length > 0);
    return {
      key,
      label,
      code: treatment.code,
      containers,
      mean: { x: kept, y: kept.map((x) => mean(at.get(x)!)) },
      counts: kept.map((x) => at.get(x)!.length),
    };
  });
}
