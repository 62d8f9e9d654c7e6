import { daysBetween, type IsoDay } from '../../calendar/days';
import { looksByContainer } from '../../readings/looks';
import { type ComparedContainer } from '../../compare/records';
import { foundIn } from '../../compare/values';
import { type Reading } from '../../readings/reading';

/** Something everyday that plants are held against: `our door handle`, 1040 mm. */
export interface GrowthGoal {
  id: string;
  words: string;
  mm: number;
}

/** A plant that reached a goal, with the first reading that shows it and every check up to then. */
export interface GoalReached {
  goal: GrowthGoal;
  container: ComparedContainer;
  plant: string;
  day: IsoDay;
  days: number;
  mm: number;
  checks: { dayNumber: number; mm: number }[];
}

/**
 * Plants whose record shows a goal reached: the tallest plant of each container, by the first reading that is at least as high. A
 * reading about which a question is open shows nothing yet.
 */
export function goalsReached(
  containers: readonly ComparedContainer[],
  readings: readonly Reading[],
  goals: readonly GrowthGoal[],
): GoalReached[] {
  const sure = readings.filter((r) => r.doubt === null || r.doubt.answer !== null);
  const looks = looksByContainer(sure);
  return goals.flatMap((goal) =>
    containers
      .flatMap((container): GoalReached[] => {
        const heights = (looks.get(container.id) ?? []).flatMap((look) =>
          look.readings.flatMap((r) =>
            foundIn({ readings: [r] }, { code: 'height' }).flatMap((f) =>
              f.value === null ? [] : [{ day: look.day, plant: r.plant, mm: f.value }],
            ),
          ),
        );
        const reached = heights.find((h) => h.mm >= goal.mm);
        if (!reached) return [];
        const checks = heights
          .filter((h) => h.plant === reached.plant && h.day <= reached.day)
          .map((h) => ({ dayNumber: daysBetween(container.sownOn, h.day), mm: h.mm }));
        const days = daysBetween(container.sownOn, reached.day);
        return [{ goal, container, plant: reached.plant, day: reached.day, days, mm: reached.mm, checks }];
      })
      .sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : b.mm - a.mm)),
  );
}

/** How near the class is to a goal that nobody has reached: its tallest reading, mm; null where nothing is measured. */
export function tallestSoFar(readings: readonly Reading[]): number | null {
  const heights = readings.flatMap((r) => foundIn({ readings: [r] }, { code: 'height' }).flatMap((f) => f.value ?? []));
  return heights.length === 0 ? null : Math.max(...heights);
}
