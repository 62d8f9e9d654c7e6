import { daysBetween } from '../../../calendar/days';
import { mean } from '../../../statistics/descriptives';
import { type Lesson } from '../lesson';
import { type Found } from '../point';

/** Fewer ages make no ladder. */
const FEWEST = 3;

/** Sowings of several days seen on one: side by side they read as the life of one plant. */
export function ageLadder(lesson: Lesson): Found<'age-ladder'>[] {
  const { containers } = lesson.records;
  const days = [...new Set(containers.map((c) => c.sownOn))].sort().reverse();
  const steps = days.flatMap((sownOn) => {
    const own = containers.filter((c) => c.sownOn === sownOn);
    const found = own.flatMap((container) => {
      const value = lesson.valueOf(container, lesson.last);
      return value === null ? [] : [{ container, value }];
    });
    return found.length === 0 ? [] : [{ age: daysBetween(sownOn, lesson.last), found }];
  });
  if (steps.length < FEWEST) return [];
  return [
    {
      key: 'age-ladder',
      day: lesson.last,
      chance: null,
      ages: steps.map((s) => ({ age: s.age, mean: mean(s.found.map((f) => f.value)), containers: s.found.length })),
      figure: {
        kind: 'plants',
        day: lesson.last,
        // The one nearest to its age's mean stands for it.
        plants: steps.map(({ found }) => {
          const middle = mean(found.map((f) => f.value));
          const typical = found.reduce((a, b) => (Math.abs(b.value - middle) < Math.abs(a.value - middle) ? b : a));
          return { containerId: typical.container.id, value: typical.value, marked: false };
        }),
        band: null,
      },
    },
  ];
}
