import { tTails } from '../../statistics/tails';
import { residualsOf } from '../../statistics/blockModel';
import { type Unit } from '../../statistics/units';
import { containersOf } from '../groups';
import { placesOf } from '../places';
import { type Cause, type CauseFacts } from './cause';

/** Below this a slope across the tray is worth a question; two directions are looked at. */
const WORTH = 0.025;

/** Marks as units, with what treatment and team leave of each. */
export function leftOver({ groups, question }: Pick<CauseFacts, 'groups' | 'question'>) {
  const byTeam = question.between === 'teams';
  const own = groups.flatMap((g) => containersOf(g).map((c) => ({ ...c, group: g })));
  const units: Unit[] = own.map(({ container, value, group }) => ({
    treatment: group.key,
    block: byTeam ? container.treatment : (container.block ?? ''),
    value,
  }));
  const keys = groups.filter((g) => g.dots.length > 0).map((g) => g.key);
  const residuals = keys.length > 0 ? residualsOf(units, keys) : null;
  return residuals?.length === own.length ? own.map((o, i) => ({ ...o, ...residuals[i]! })) : null;
}

/** Whether what treatment and team leave rises or falls across the tray: from the window row to the next, or along a team's row. */
export function placeCause(
  facts: Pick<CauseFacts, 'groups' | 'question' | 'positions' | 'records'>,
): Extract<Cause, { code: 'place' | 'place-unknown' }> | null {
  const { positions, records } = facts;
  if (positions === null) return { verdict: 'unknown', code: 'place-unknown' };
  const left = leftOver(facts);
  if (left === null || left.length < 6) return null;
  const places = new Map(
    placesOf(records.containers.map((c) => ({ ...c, position: positions.get(c.id) ?? 0 }))).map((p) => [p.id, p]),
  );
  const found = (['row', 'column'] as const).flatMap((along) => {
    const slope = slopeOf(
      left.map((l) => places.get(l.container.id)![along]),
      left.map((l) => l.residual),
      left.map((l) => l.container.block ?? ''),
    );
    return slope === null ? [] : [{ along, ...slope }];
  });
  if (found.length === 0) return null;
  const worst = found.reduce((a, b) => (a.p <= b.p ? a : b));
  return { verdict: worst.p < WORTH ? 'ask' : 'fine', code: 'place', ...worst };
}

/** Slope of residuals on places within teams, as the difference between the ends, with a t test of it. */
function slopeOf(
  x: readonly number[],
  y: readonly number[],
  blocks: readonly string[],
): { difference: number; p: number } | null {
  const mean = new Map<string, { sum: number; n: number }>();
  x.forEach((v, i) => {
    const m = mean.get(blocks[i]!) ?? { sum: 0, n: 0 };
    mean.set(blocks[i]!, { sum: m.sum + v, n: m.n + 1 });
  });
  const centred = x.map((v, i) => v - mean.get(blocks[i]!)!.sum / mean.get(blocks[i]!)!.n);
  const sxx = centred.reduce((s, v) => s + v * v, 0);
  if (sxx === 0) return null;
  const slope = centred.reduce((s, v, i) => s + v * y[i]!, 0) / sxx;
  const df = x.length - mean.size - 1;
  const rss = y.reduce((s, v, i) => s + (v - slope * centred[i]!) ** 2, 0);
  if (df < 1 || rss === 0) return null;
  const t = slope / Math.sqrt(rss / df / sxx);
  return { difference: slope * (Math.max(...x) - Math.min(...x)), p: tTails(t, df) };
}
