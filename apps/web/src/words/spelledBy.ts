import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { spellAmerican } from '@bright-sprout/words/words';

/** Spells from now on as a class that measures with such rulers does: as in America where they show inches. */
export const spellAs = (ruler: RulerResolution): void => spellAmerican(ruler === 'quarter-in');

/**
 * Passes on what was asked for, and spells from now on as its class does; pages about no class
 * keep the spelling of the one that was looked at last.
 */
export function spelledBy<Q extends { data: unknown }>(
  query: Q,
  rulerOf: (data: NonNullable<Q['data']>) => RulerResolution | undefined,
): Q {
  const ruler = query.data === undefined || query.data === null ? undefined : rulerOf(query.data as NonNullable<Q['data']>);
  if (ruler) spellAs(ruler);
  return query;
}
