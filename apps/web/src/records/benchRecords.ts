import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { type ReadingRequest } from '@bright-sprout/contracts/checks';
import { type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type Finding } from '@bright-sprout/core/measures/finding';
import { readSent } from '@bright-sprout/core/measures/sentFinding';
import { isWaitingCheck, type WaitingEntry } from '../api/outbox';

/** What the server has told and what this device entered since, as one list of readings. */
export function withWaiting(
  readings: readonly ReadingView[],
  waiting: readonly WaitingEntry[],
  { containers, bench, resolution }: Pick<InvestigationView, 'containers' | 'bench' | 'resolution'>,
): ReadingView[] {
  const containerIds = new Set(containers.map((c) => c.id));
  const known = new Set(readings.map((r) => r.id));
  const own = waiting.filter(isWaitingCheck).filter((c) => c.refused === null && containerIds.has(c.body.containerId));
  const added = own.flatMap(({ body }) =>
    body.readings
      .filter((r) => !known.has(r.id))
      .map((r): ReadingView => {
        const findings = r.state === 'measured' ? foundBy(r, bench, resolution) : [];
        return {
          id: r.id,
          containerId: body.containerId,
          plant: r.plant,
          day: body.day,
          state: r.state,
          findings,
          doubt: r.doubt ? { ...r.doubt, answer: r.doubt.answer ?? null, secondMm: r.doubt.secondMm ?? null } : null,
          lostReason: r.lostReason ?? null,
          note: r.note ?? null,
          supersedes: r.supersedes ?? null,
          recordedAt: body.recordedAt,
          source: 'bench',
          dayReason: body.dayReason ?? null,
          dayCode: body.dayCode ?? null,
        };
      }),
  );
  return [...readings, ...added];
}

/** What the server will find in a reading, as far as it can be read. */
function foundBy(
  reading: ReadingRequest,
  { own }: InvestigationView['bench'],
  resolution: InvestigationView['resolution'],
): Finding[] {
  return (reading.findings ?? []).flatMap((sent) => {
    const read = readSent(sent, { own, resolution });
    return read.ok ? [read.finding] : [];
  });
}

export type BenchInvestigation = BenchView['investigations'][number];
