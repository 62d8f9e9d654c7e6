import { keptSameFor } from '@bright-sprout/core/plan/document/startingPoints';
import { kindFor } from '@bright-sprout/core/plan/document/kindFor';
import { kindsBeside } from '@bright-sprout/core/plan/document/kindsCompared';
import { type Factor, type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { usualFactor } from '@bright-sprout/core/plan/document/usualFactor';
import { type PartProps } from '../partProps';

type Change = PartProps['change'];

/** Puts a factor in the place of another, and what stays the same with it. */
export function putFactor(change: Change, index: number, part: Partial<Factor>): void {
  change((p) => {
    const next = withFactors(
      p,
      p.factors.map((f, i) => (i === index ? { ...f, ...part } : f)),
    );
    // Where all were alike and something differs now, it is a comparison.
    const [factor] = next.factors;
    return p.kind === 'looking' && factor!.levels.length > 1 ? { ...next, kind: kindFor(factor!) } : next;
  });
}

/** Crosses what is changed with a second thing. */
export function cross(change: Change): void {
  change((p) => {
    const subject = p.factors[0]?.subject === 'light' ? 'feed' : 'light';
    return { ...withFactors(p, [...p.factors, usualFactor(subject)]), kind: 'two-factors' };
  });
}

/** Two crossed things are tried on several kinds of seed. */
export function overKinds(change: Change): void {
  change((p) => ({ ...withFactors(p, [...p.factors, kindsBeside(p.speciesId)]), kind: 'two-factors' }));
}

/** Takes one of the crossed factors away. */
export function uncross(change: Change, index: number): void {
  change((p) => {
    const factors = p.factors.filter((_, i) => i !== index);
    return { ...withFactors(p, factors), kind: factors.length > 1 ? 'two-factors' : kindFor(factors[0]!) };
  });
}

function withFactors(plan: PlanDocument, factors: Factor[]): PlanDocument {
  return { ...plan, factors, keptSame: keptSameFor(factors, plan.keptSame) };
}
