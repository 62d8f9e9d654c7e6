import { numberFound } from '@bright-sprout/core/measures/finding';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import {
  type InvestigationRecords,
  type InvestigationView,
  type ReadingView,
} from '@bright-sprout/contracts/answers/investigations';

/** An investigation of two treatments and two teams, sown on 3 March; what a test cares about is spelled out by it. */
export function investigationView(change: Partial<InvestigationView> = {}): InvestigationView {
  const teams = [
    { id: 't1', emblem: 'kite' as const, nickname: 'Kites' },
    { id: 't2', emblem: 'bell' as const, nickname: 'Bells' },
  ];
  return {
    id: 'i1',
    version: 1,
    question: 'Does salt keep barley short?',
    factor: 'salt',
    phase: 'growing',
    origin: 'planned',
    brought: null,
    speciesId: 'barley',
    speciesName: 'Barley',
    habit: 'grass',
    methodId: 'cup_mix',
    methodName: 'Cup of potting mix',
    containerName: 'cup',
    sownOn: '2026-03-03',
    resolution: 'mm',
    beforeSprouting: 'exclude',
    afterLoss: 'exclude',
    report: 'container-mean',
    drawSeed: 7,
    split: { code: 'complete', each: 1 },
    planCautions: [],
    runSheet: [],
    bench: USUAL_BENCH,
    schedule: [],
    outlook: null,
    checkingClosedAt: null,
    cameLate: 0,
    deviations: [],
    expected: [],
    care: [],
    sharedWithTeams: false,
    removed: false,
    class: { id: 'c1', name: '7 Copper', gradeBand: 'middle', timeZone: 'UTC' },
    teams,
    treatments: [
      { code: 'A', label: 'no salt', control: true, speciesId: 'barley', speciesName: 'Barley', habit: 'grass' },
      { code: 'B', label: 'salt', control: false, speciesId: 'barley', speciesName: 'Barley', habit: 'grass' },
    ],
    containers: ['A1', 'B1', 'A2', 'B2'].map((code, position) => ({
      id: code,
      code,
      treatment: code[0]!,
      teamId: teams[position < 2 ? 0 : 1]!.id,
      block: teams[position < 2 ? 0 : 1]!.nickname,
      position,
      seedsSown: 3,
      sownOn: '2026-03-03',
      childNumber: null,
    })),
    design: null,
    reserve: [],
    ...change,
  };
}

/** A look; `heightMm` and `leaves` are short for what was found of them. */
export function readingView(
  containerId: string,
  day: string,
  { heightMm, leaves, ...change }: Partial<ReadingView> & { heightMm?: number | null; leaves?: number } = {},
): ReadingView {
  const found = [
    ...(heightMm === undefined || heightMm === null ? [] : [numberFound('height', heightMm)]),
    ...(leaves === undefined ? [] : [numberFound('leaves', leaves)]),
  ];
  return {
    id: `${containerId} ${day} ${change.recordedAt ?? ''}`,
    containerId,
    plant: '1',
    day,
    state: found.length + (change.findings?.length ?? 0) > 0 ? 'measured' : 'not-up',
    findings: found,
    doubt: null,
    lostReason: null,
    note: null,
    supersedes: null,
    recordedAt: `${day}T10:00:00.000Z`,
    source: 'bench',
    dayReason: null,
    dayCode: null,
    ...change,
  };
}

export function recordsOf(readings: ReadingView[], change: Partial<InvestigationView> = {}): InvestigationRecords {
  return { investigation: investigationView(change), readings, photos: [] };
}
