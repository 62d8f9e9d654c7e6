import { type TogetherView } from '@bright-sprout/contracts/answers/together';
import { readingError } from '@bright-sprout/core/readings/together';
import { useTogether } from '../api/queries';

/** The class's reading error from the plants on which it has settled. */
export const errorOfClass = (all: readonly TogetherView[]) =>
  readingError(all.filter((t) => t.settledMm !== null).map((t) => ({ valuesMm: t.readings.map((r) => r.valueMm) })));

/** Standard deviation of one reading in mm; null while it is not known. */
export function useReadingError(investigationId: string): number | null {
  const together = useTogether(investigationId);
  return errorOfClass(together.data ?? [])?.sdMm ?? null;
}
