import { mean } from '../../../statistics/descriptives';
import { type Lesson } from '../lesson';
import { type Found } from '../point';

/** Two readings of one plant differ by less than this many standard deviations in 95 of 100 pairs (Bland and Altman 1986). */
const REPEATABLE = 1.96 * Math.SQRT2;

/** A difference between two treatments that is no larger than two readings of one plant lie apart: reading it, not luck, is in question. */
export function withinReadingError(lesson: Lesson): Found<'within-reading-error'>[] {
  if (lesson.readingError === null) return [];
  const error = REPEATABLE * lesson.readingError;
  const control = lesson.records.treatments.find((t) => t.control) ?? lesson.records.treatments[0];
  const means = lesson.records.treatments.flatMap((t) => {
    const own = lesson.measured(t.code, lesson.last);
    return own.length < 2 ? [] : [{ ...t, mean: mean(own.map((m) => m.value)) }];
  });
  const base = means.find((m) => m.code === control?.code);
  if (!base) return [];
  const differences = means.filter((m) => m !== base).map((m) => ({ ...m, difference: m.mean - base.mean }));
  const small = differences.filter((d) => Math.abs(d.difference) <= error);
  if (small.length === 0) return [];
  const least = small.reduce((a, b) => (Math.abs(b.difference) < Math.abs(a.difference) ? b : a));
  return [
    {
      key: `within-reading-error ${least.code}`,
      day: lesson.last,
      chance: null,
      label: least.label,
      against: base.label,
      difference: least.difference,
      error,
      figure: {
        kind: 'spans',
        spans: differences.map((d) => ({
          label: d.label,
          key: d.code,
          low: d.difference,
          at: d.difference,
          high: d.difference,
          marked: d === least,
        })),
        zero: true,
        band: { low: -error, high: error },
      },
    },
  ];
}
