import { type PlanDocument } from '../plan/document/planDocument';
import { planTreatments } from '../plan/document/planTreatments';
import { type ComparedDesign } from './records';

/** How a plan's treatments are made of its factors, controls first. */
export function designOf(plan: Pick<PlanDocument, 'kind' | 'factors'>): ComparedDesign {
  const treatments = planTreatments(plan);
  const levelsOf = (factor: number) => [...new Set(treatments.map((t) => t.levels[factor]!))];
  return {
    kind: plan.kind,
    factors: plan.factors.map(({ name, subject, unit, control }, f) => ({
      name,
      subject,
      unit,
      controlled: control !== null,
      levels: levelsOf(f).map(({ label, amount }) => ({ label, amount: amount ?? null })),
    })),
    levels: Object.fromEntries(treatments.map((t) => [t.code, plan.factors.map((_, f) => levelsOf(f).indexOf(t.levels[f]!))])),
  };
}

/** Amounts of a dose series by treatment; null where there is none: one factor with at least three amounts. */
export function dosesOf(design: ComparedDesign | null): { factor: number; amounts: Record<string, number> } | null {
  if (design === null) return null;
  const factor = design.factors.findIndex(
    ({ levels }) => levels.every((l) => l.amount !== null) && new Set(levels.map((l) => l.amount)).size >= 3,
  );
  if (factor < 0) return null;
  const { levels } = design.factors[factor]!;
  const amounts = Object.entries(design.levels).map(([code, places]) => [code, levels[places[factor]!]!.amount!] as const);
  return { factor, amounts: Object.fromEntries(amounts) };
}

/** Whether two factors are crossed. */
export function isCrossed(design: ComparedDesign | null): boolean {
  return design !== null && design.factors.length >= 2 && design.factors.slice(0, 2).every((f) => f.levels.length >= 2);
}
