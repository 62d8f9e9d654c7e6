import { type Factor, type Level } from './planDocument';

/** How an amount is called where nobody gave it a name: `25 mmol/L`. */
export function amountName(amount: number, unit: string): string {
  return `${Number(amount.toPrecision(4))}${unit ? ` ${unit}` : ''}`;
}

/** Nobody gave the level a name of its own: it is empty, or says its amount. */
function isUnnamed({ label, amount }: Level, unit: string): boolean {
  return label.trim() === '' || (amount !== null && label.trim() === amountName(amount, unit));
}

/** The level with another amount; its name follows where it said the old one. */
export function withAmount(level: Level, amount: number | null, unit: string): Level {
  if (!isUnnamed(level, unit)) return { ...level, amount };
  return { ...level, amount, label: amount === null ? '' : amountName(amount, unit) };
}

/** The factor in another unit; names that said an amount say it in the new one. */
export function withUnit(factor: Factor, unit: string): Factor {
  const levels = factor.levels.map((l) =>
    l.amount !== null && l.label.trim() !== '' && isUnnamed(l, factor.unit) ? { ...l, label: amountName(l.amount, unit) } : l,
  );
  return { ...factor, unit, levels };
}

/** One level more, at the same step from the last one as that was from the one before. */
export function nextLevel({ levels, unit }: Factor): Level {
  const amounts = levels.slice(-2).map((l) => l.amount);
  const [before, last] = amounts;
  if (before === undefined || before === null || last === undefined || last === null || last <= before)
    return { label: '', amount: null };
  const amount = Number((2 * last - before).toPrecision(4));
  return { label: amountName(amount, unit), amount };
}
