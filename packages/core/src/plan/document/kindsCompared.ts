import { speciesById } from '../../seeds/catalogue';
import { type Factor, type Level, type PlanDocument } from './planDocument';
import { usualFactor } from './usualFactor';

/** A kind of seed as a level of what is compared. */
export function kindLevel(speciesId: string): Level {
  return { label: speciesById(speciesId)?.name.toLowerCase() ?? speciesId, amount: null, speciesId };
}

/** Kinds of seed as what is compared: a kind, and another one beside it. */
export function kindsBeside(speciesId: string): Factor {
  const usual = usualFactor('kind');
  const other = usual.levels.find((l) => l.speciesId !== speciesId)!;
  return { ...usual, levels: [kindLevel(speciesId), other] };
}

/** Kinds that a plan compares; empty where it has one only. */
export function kindsCompared({ factors, speciesId }: Pick<PlanDocument, 'factors' | 'speciesId'>): string[] {
  const kinds = factors.find((f) => f.subject === 'kind');
  return kinds ? kinds.levels.map((l) => l.speciesId ?? speciesId) : [];
}

/** The plan with a kind among those that it compares, or without it; two stay at least. */
export function withKindTurned(plan: PlanDocument, speciesId: string): PlanDocument {
  const there = kindsCompared(plan);
  const leaves = there.includes(speciesId);
  if (leaves && there.length <= 2) return plan;
  const turned = (levels: Level[]) =>
    leaves ? levels.filter((l) => (l.speciesId ?? plan.speciesId) !== speciesId) : [...levels, kindLevel(speciesId)];
  return {
    ...plan,
    factors: plan.factors.map((f) => (f.subject === 'kind' ? { ...f, levels: turned(f.levels), control: null } : f)),
  };
}
