import { type ComparedRecords } from '../src/compare/compareOnDay';
import { type Reading } from '../src/readings/reading';

/** A reading with only what a test cares about spelled out. */
export function reading(part: Partial<Reading> & Pick<Reading, 'containerId'>): Reading {
  return {
    id: `${part.containerId}-${part.day ?? '2026-03-19'}-${part.recordedAt ?? ''}`,
    plant: '1',
    day: '2026-03-19',
    state: part.valueMm === undefined ? 'not-up' : 'measured',
    valueMm: null,
    typed: null,
    more: null,
    doubt: null,
    leaves: null,
    lostReason: null,
    note: null,
    supersedes: null,
    recordedAt: '2026-03-19T10:00:00.000Z',
    ...part,
  };
}

/** One container per value, teams 1, 2, 3 …; null is not up yet. */
export function recordsOf(heights: Record<string, (number | null)[]>): ComparedRecords {
  const codes = Object.keys(heights);
  const containers = codes.flatMap((t) =>
    heights[t]!.map((_, i) => ({ id: `${t}${i + 1}`, code: `${t}${i + 1}`, treatment: t, block: `team ${i + 1}` })),
  );
  const readings = codes.flatMap((t) =>
    heights[t]!.map((h, i) =>
      reading(h === null ? { containerId: `${t}${i + 1}` } : { containerId: `${t}${i + 1}`, valueMm: h }),
    ),
  );
  return {
    treatments: codes.map((code, i) => ({ code, label: i === 0 ? 'no salt' : `salt ${code}`, control: i === 0 })),
    containers,
    readings,
  };
}
