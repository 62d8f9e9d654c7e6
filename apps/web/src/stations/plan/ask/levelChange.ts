import { withAmount } from '@bright-sprout/core/plan/document/levelNames';
import { type Factor, type Level } from '@bright-sprout/core/plan/document/planDocument';

/** A factor with one of its levels changed; a name that says the amount follows it. */
export function changedLevel(factor: Factor, at: number, part: Partial<Level>): Partial<Factor> {
  return {
    levels: factor.levels.map((l, i) => {
      if (i !== at) return l;
      const { amount, ...rest } = part;
      return { ...(amount === undefined ? l : withAmount(l, amount, factor.unit)), ...rest };
    }),
  };
}

/** The factor without one of its levels; where that was the control, the first is. */
export function withoutLevel({ levels, control }: Factor, at: number): Partial<Factor> {
  const next = control === null || control < at ? control : control === at ? 0 : control - 1;
  return { levels: levels.filter((_, i) => i !== at), control: next };
}
