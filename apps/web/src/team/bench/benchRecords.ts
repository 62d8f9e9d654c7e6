import { type BenchView } from '@bright-sprout/contracts/checks';
import { type ReadingView } from '@bright-sprout/contracts/investigations';
import { parseLength } from '@bright-sprout/core/quantities/length';
import { isWaitingCheck, type WaitingEntry } from '../../api/outbox';

/** What the server has told and what this device entered since, as one list of readings. */
export function withWaiting(
  readings: readonly ReadingView[],
  waiting: readonly WaitingEntry[],
  containerIds: ReadonlySet<string>,
): ReadingView[] {
  const known = new Set(readings.map((r) => r.id));
  const own = waiting.filter(isWaitingCheck).filter((c) => c.refused === null && containerIds.has(c.body.containerId));
  const added = own.flatMap(({ body }) =>
    body.readings
      .filter((r) => !known.has(r.id))
      .map((r): ReadingView => {
        const length = r.typed === undefined ? null : parseLength(r.typed);
        return {
          id: r.id,
          containerId: body.containerId,
          plant: r.plant,
          day: body.day,
          state: r.state,
          valueMm: length?.ok ? length.mm : null,
          typed: r.typed ?? null,
          leaves: r.leaves ?? null,
          more: r.more ?? null,
          doubt: r.doubt ?? null,
          lostReason: r.lostReason ?? null,
          note: r.note ?? null,
          supersedes: r.supersedes ?? null,
          recordedAt: body.recordedAt,
          source: 'bench',
          dayReason: body.dayReason ?? null,
        };
      }),
  );
  return [...readings, ...added];
}

export type BenchInvestigation = BenchView['investigations'][number];
