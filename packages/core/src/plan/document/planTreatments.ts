import { type Factor, type Level, type PlanDocument } from './planDocument';

export interface PlannedTreatment {
  /** A for the control, then B, C, … */
  code: string;
  label: string;
  control: boolean;
  /** Level of each factor, in the factors' order. */
  levels: Level[];
}

/**
 * Full crossing of the factors' levels. The combination of all controls comes first and is the control; where a factor has
 * none, no treatment is.
 */
export function planTreatments({ factors }: Pick<PlanDocument, 'factors'>): PlannedTreatment[] {
  const ordered = factors.map(controlFirst);
  const combinations = ordered.reduce<Factor['levels'][]>(
    (made, levels) => made.flatMap((m) => levels.map((l) => [...m, l])),
    [[]],
  );
  const controlled = factors.length > 0 && factors.every((f) => f.control !== null);
  return combinations.map((levels, i) => ({
    code: String.fromCharCode(65 + i),
    label: levels
      .map((l) => l.label.trim())
      .filter(Boolean)
      .join(' · '),
    control: controlled && i === 0,
    levels,
  }));
}

function controlFirst({ levels, control }: Factor): Factor['levels'] {
  if (control === null || !levels[control]) return levels;
  return [levels[control], ...levels.filter((_, i) => i !== control)];
}
