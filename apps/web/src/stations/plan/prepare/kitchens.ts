import { type Kitchen } from '@bright-sprout/core/quantities/volume';

/** Spoons and cups of kitchens, as they are offered. */
export const KITCHENS: Record<Kitchen, { name: string; does: string }> = {
  metric: { name: 'metric', does: 'Millilitres and litres only.' },
  us: { name: 'US', does: 'Beside them spoons of 4.9 mL and cups of 237 mL.' },
  australian: { name: 'Australian', does: 'Beside them spoons of 5 mL and cups of 250 mL.' },
};
