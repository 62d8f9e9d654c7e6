import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { blockModel, effectsOf, sumsByLabel } from '../../statistics/blockModel';
import { tTails } from '../../statistics/tails';
import { containersOf } from '../groups';
import { type Cause, type CauseFacts } from './cause';

/** How far each team's numbers lie from the other teams', treatments taken into account, with the interval and the p for all teams together (Bonferroni). */
export function teamOffsets(
  { groups }: Pick<CauseFacts, 'groups'>,
  without: ReadonlySet<string> = new Set(),
): { team: string; offset: number; low: number; high: number; p: number }[] | null {
  const units = groups.flatMap((g) =>
    containersOf(g).flatMap(({ container, value }) =>
      container.block === null || without.has(container.block) ? [] : [{ treatment: container.block, block: g.key, value }],
    ),
  );
  const teams = [...new Set(units.map((u) => u.treatment))];
  if (teams.length < 3) return null;
  const model = blockModel(units, teams);
  const k = model.groups.length;
  if (k < 3 || model.df < 2 || model.total === 0) return null;
  const sums = sumsByLabel(model, new Float64Array(k));
  const effects = effectsOf(model, sums, new Float64Array(k));
  const explained = effects.reduce((sum, e, j) => sum + e * sums[j]!, 0);
  const variance = Math.max(0, model.total - explained) / model.df;
  const quantile = tQuantile(1 - 0.025 / k, model.df);
  return model.groups.map((team, j) => {
    const weights = model.groups.map((_, i) => (i === j ? 1 : -1 / (k - 1)));
    const offset = weights.reduce((sum, w, i) => sum + w * effects[i]!, 0);
    const factor = weights.reduce((sum, w, a) => sum + weights.reduce((s, v, b) => s + w * v * model.inverse[a]![b]!, 0), 0);
    const se = Math.sqrt(variance * factor);
    const p = se > 0 ? Math.min(1, k * tTails(offset / se, model.df)) : 1;
    return { team, offset, low: offset - quantile * se, high: offset + quantile * se, p };
  });
}

/** A team whose numbers lie apart is a question about measuring; the blocks keep it out of the differences. */
export function teamCauses(facts: CauseFacts): Cause[] {
  const { groups, question } = facts;
  if (question.between === 'teams') return [];
  if (groups.every((g) => g.dots.every((d) => d.container.block === null))) return [{ verdict: 'unknown', code: 'no-teams' }];
  const apart: NonNullable<ReturnType<typeof teamOffsets>> = [];
  // One team far off makes the others look off: the furthest is taken out, and the rest are looked at again.
  for (;;) {
    const offsets = teamOffsets(facts, new Set(apart.map((o) => o.team)));
    if (offsets === null) break;
    const furthest = offsets.reduce((a, b) => (Math.abs(b.offset) > Math.abs(a.offset) ? b : a));
    if (furthest.low <= 0 && furthest.high >= 0) {
      if (apart.length === 0) return [{ verdict: 'fine', code: 'teams-alike', most: Math.abs(furthest.offset) }];
      break;
    }
    apart.push(furthest);
  }
  return apart.map((o) => ({ verdict: 'ask', code: 'team', ...o }));
}
