import { keptSameFor } from '@bright-sprout/core/plan/document/startingPoints';
import { type Factor, type PlanDocument, type PlanKind } from '@bright-sprout/core/plan/document/planDocument';
import { usualFactor } from '@bright-sprout/core/plan/document/usualFactor';
import { type PartProps } from '../partProps';

type Change = PartProps['change'];

/** Puts a factor in the place of another, and what stays the same with it. */
export function putFactor(change: Change, index: number, part: Partial<Factor>): void {
  change((p) =>
    withFactors(
      p,
      p.factors.map((f, i) => (i === index ? { ...f, ...part } : f)),
    ),
  );
}

/** Crosses the factor with a second one. */
export function cross(change: Change): void {
  change((p) => {
    const subject = p.factors[0]?.subject === 'light' ? 'feed' : 'light';
    return { ...withFactors(p, [...p.factors, usualFactor(subject)]), kind: 'two-factors' };
  });
}

/** Takes one of two crossed factors away. */
export function uncross(change: Change, index: number): void {
  change((p) => {
    const factors = p.factors.filter((_, i) => i !== index);
    return { ...withFactors(p, factors), kind: kindFor(factors[0]!) };
  });
}

/** The experiment that a single factor makes. */
export function kindFor({ subject, levels }: Factor): PlanKind {
  if (subject === 'crowding') return 'crowding';
  if (subject === 'kind') return 'side-by-side';
  if (subject === 'age') return 'age-ladder';
  return levels.filter((l) => l.amount !== null).length > 2 ? 'dose-series' : 'one-factor';
}

function withFactors(plan: PlanDocument, factors: Factor[]): PlanDocument {
  return { ...plan, factors, keptSame: keptSameFor(factors, plan.keptSame) };
}
