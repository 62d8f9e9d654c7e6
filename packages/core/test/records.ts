import { type Question, valuesOnDay } from '../src/compare/question';
import { type ComparedDesign, type ComparedRecords } from '../src/compare/records';
import { numberFound } from '../src/measures/finding';
import { measureOf } from '../src/measures/registry';
import { type Reading } from '../src/readings/reading';

export const HEIGHT = measureOf('height')!;

/** What is asked of a day in most tests: heights of treatments, with what cannot be measured left out. */
export const heightsOn = (day: string, part: Partial<Question> = {}): Question => ({ ...valuesOnDay('height', day), ...part });

/** A reading with only what a test cares about spelled out; `heightMm` is short for the finding of a height. */
export function reading({
  heightMm,
  ...part
}: Partial<Reading> & Pick<Reading, 'containerId'> & { heightMm?: number | null }): Reading {
  const findings = heightMm === undefined || heightMm === null ? [] : [numberFound('height', heightMm)];
  return {
    id: `${part.containerId}-${part.day ?? '2026-03-19'}-${part.recordedAt ?? ''}`,
    plant: '1',
    day: '2026-03-19',
    state: findings.length + (part.findings?.length ?? 0) > 0 ? 'measured' : 'not-up',
    findings,
    doubt: null,
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
    heights[t]!.map((_, i) => ({
      id: `${t}${i + 1}`,
      code: `${t}${i + 1}`,
      treatment: t,
      block: `team ${i + 1}`,
      seedsSown: 1,
      sownOn: '2026-03-03',
    })),
  );
  const readings = codes.flatMap((t) =>
    heights[t]!.map((h, i) =>
      reading(h === null ? { containerId: `${t}${i + 1}` } : { containerId: `${t}${i + 1}`, heightMm: h }),
    ),
  );
  return {
    treatments: codes.map((code, i) => ({ code, label: i === 0 ? 'no salt' : `salt ${code}`, control: i === 0 })),
    containers,
    readings,
  };
}

/** A series of amounts of salt, one treatment each, A first. */
export function seriesOf(...amounts: number[]): ComparedDesign {
  return {
    kind: 'dose-series',
    factors: [
      {
        name: 'salt',
        subject: 'salt',
        unit: 'mmol/L',
        controlled: true,
        levels: amounts.map((amount) => ({ label: `${amount}`, amount })),
      },
    ],
    levels: Object.fromEntries(amounts.map((_, i) => [String.fromCharCode(65 + i), [i]])),
  };
}

/** Two factors of two levels: A and B without the first, A and C without the second. */
export function crossedOf(first: [name: string, without: string, with_: string], second: typeof first): ComparedDesign {
  const factor = ([name, ...labels]: typeof first) => ({
    name,
    subject: 'light' as const,
    unit: '',
    controlled: true,
    levels: labels.map((label) => ({ label, amount: null })),
  });
  return {
    kind: 'two-factors',
    factors: [factor(first), factor(second)],
    levels: { A: [0, 0], B: [0, 1], C: [1, 0], D: [1, 1] },
  };
}
