import { type Result } from '../../result/result';
import { mean } from '../../statistics/descriptives';
import { straightLine, type StraightLine } from '../../statistics/relation';
import { dosesOf } from '../design';
import { containersOf, type Group } from '../groups';
import { type ComparedDesign } from '../records';

export interface DoseLine {
  name: string;
  unit: string;
  points: { amount: number; value: number; code: string; group: Group }[];
  /** Least squares through all containers, with its band. */
  line: Result<StraightLine>;
  /** Two levels with one step between amounts that leave less unexplained than the line does; null where the line does as well. */
  step: { below: number; from: number; low: number; high: number } | null;
}

/** Values along the amounts of a series: as a line, and as a step where that comes closer. */
export function doseLine(groups: readonly Group[], design: ComparedDesign | null): DoseLine | null {
  const doses = dosesOf(design);
  if (design === null || doses === null) return null;
  const { name, unit } = design.factors[doses.factor]!;
  const points = groups.flatMap((group) =>
    containersOf(group).map(({ container, value }) => ({
      amount: doses.amounts[group.key] ?? 0,
      value,
      code: container.code,
      group,
    })),
  );
  const line = straightLine(
    points.map((p) => p.amount),
    points.map((p) => p.value),
  );
  return { name, unit, points, line, step: bestStep(points, line) };
}

const squares = (values: readonly number[]) => {
  const m = mean(values);
  return values.reduce((s, v) => s + (v - m) ** 2, 0);
};

function bestStep(points: readonly { amount: number; value: number }[], line: Result<StraightLine>): DoseLine['step'] {
  if (!line.ok) return null;
  const amounts = [...new Set(points.map((p) => p.amount))].sort((a, b) => a - b);
  const ofLine = points.reduce((s, p) => s + (p.value - line.at(p.amount).y) ** 2, 0);
  const steps = amounts.slice(1).map((from, i) => {
    const [low, high] = [points.filter((p) => p.amount < from), points.filter((p) => p.amount >= from)].map((l) =>
      l.map((p) => p.value),
    );
    return { below: amounts[i]!, from, low: mean(low!), high: mean(high!), rss: squares(low!) + squares(high!) };
  });
  const best = steps.reduce<(typeof steps)[number] | null>((b, s) => (b === null || s.rss < b.rss ? s : b), null);
  if (best === null || best.rss >= ofLine) return null;
  const { below, from, low, high } = best;
  return { below, from, low, high };
}
