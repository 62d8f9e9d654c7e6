import { type Milestone } from './milestones';
import { type Species } from '../seeds/catalogue';

/**
 * Height in mm by days after emergence: the logistic curve through the middle of the species' ranges at 7 and 14 days that
 * levels off a tenth above its range at 28 days.
 */
export function heightCurve(species: Species): (age: number) => number {
  const at = (day: number) => {
    const [low, high] = species.heightCm.find((h) => h.day === day)!.range;
    return 5 * (low + high);
  };
  const top = 1.1 * at(28);
  const logit = (h: number) => Math.log(h / (top - h));
  const rate = (logit(Math.min(at(14), 0.9 * top)) - logit(Math.min(at(7), 0.8 * top))) / 7;
  const middle = 7 - logit(Math.min(at(7), 0.8 * top)) / rate;
  const floor = top / (1 + Math.exp(rate * middle));
  return (age) => Math.max(2, ((top / (1 + Math.exp(-rate * (age - middle))) - floor) * top) / (top - floor));
}

/** Leaves to count by days after emergence: true leaves of broad kinds, blades of grasses. */
export function leavesAt(age: number, species: Species): number {
  return species.habit === 'grass' ? Math.min(3, 1 + Math.floor(age / 6)) : Math.min(8, Math.floor(age / 5));
}

/** Furthest milestone by days after emergence, from the middle of the kind's own times at 21 °C; null before emergence. */
export function stageAt(age: number, species: Species): Milestone | null {
  if (age <= 0) return null;
  const up = (species.emergenceDays[0] + species.emergenceDays[1]) / 2;
  const after = (range: [number, number] | null) => (range === null ? Infinity : Math.max(0, (range[0] + range[1]) / 2 - up));
  if (age >= after(species.daysTo.flower)) return 'flower';
  if (age >= after(species.daysTo.firstTrueLeaf)) return 'first-true-leaf';
  return age >= 2 ? 'seed-leaves' : 'first-shoot';
}
