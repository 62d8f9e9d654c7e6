import { type Milestone } from '@bright-sprout/core/growth/milestones';
import { choiceFound, numberFound } from '@bright-sprout/core/measures/finding';
import { formatLength, roundToResolution } from '@bright-sprout/core/quantities/length';
import { type SimulatedReading } from '@bright-sprout/core/simulate/simulateInvestigation';
import { newId, requestHash } from '../database/ids';
import { type DemoInvestigation } from './demoScenario';

/** How a milestone of a broad-leaved kind looks; others are not seen from outside. */
const SEEN: Partial<Record<Milestone, string>> = {
  'first-shoot': 'hook',
  'seed-leaves': 'seed-leaves',
  'first-true-leaf': 'true-leaves',
  bud: 'bud',
  flower: 'flower',
};

/** One look as stored; the slip of the demo is a point one place off, put right a minute later. */
export function rowsOf(
  simulated: SimulatedReading,
  containerId: string,
  teamId: string,
  investigation: Pick<DemoInvestigation, 'resolution'>,
  { slip, stages }: { slip: boolean; stages: boolean },
) {
  const at = (minute: number) => new Date(`${simulated.day}T10:${String(15 + minute).padStart(2, '0')}:00Z`);
  const row = (valueMm: number | null, minute: number, supersedesId: string | null) => {
    const check = {
      id: newId(),
      containerId,
      teamId,
      day: simulated.day,
      recordedAt: at(minute),
      receivedAt: at(minute),
      source: 'simulated' as const,
      requestHash: requestHash(simulated),
    };
    const { state, leaves, lostReason } = simulated;
    const stage = stages && state === 'measured' && simulated.stage !== null ? SEEN[simulated.stage] : undefined;
    return {
      check,
      reading: {
        id: newId(),
        checkId: check.id,
        plant: simulated.plant,
        state,
        findings: [
          ...(valueMm === null ? [] : [numberFound('height', valueMm, formatLength(valueMm, investigation.resolution))]),
          ...(state === 'measured' && leaves !== null ? [numberFound('leaves', leaves)] : []),
          ...(stage === undefined ? [] : [choiceFound('stage', stage)]),
        ],
        lostReason,
        note: null,
        supersedesId,
      },
    };
  };
  if (!slip) return [row(simulated.valueMm, simulated.team, null)];
  const wrong = row(roundToResolution(simulated.valueMm! / 10, investigation.resolution), simulated.team, null);
  return [wrong, row(simulated.valueMm, simulated.team + 1, wrong.reading.id)];
}

/** Sprouted seeds of each container on each day, from what became of its seeds one by one. */
export function countedRows(
  simulated: readonly SimulatedReading[],
  containerId: (code: string) => string,
  teamId: (team: number) => string,
) {
  const looks = new Map<string, SimulatedReading[]>();
  for (const r of simulated) looks.set(`${r.code} ${r.day}`, [...(looks.get(`${r.code} ${r.day}`) ?? []), r]);
  return [...looks.values()].map((own) => {
    const [{ code, team, day }] = own as [SimulatedReading];
    const at = new Date(`${day}T10:${String(15 + team).padStart(2, '0')}:00Z`);
    // A seed that rotted after it sprouted was counted as sprouted.
    const up = own.filter((r) => r.state === 'measured' || (r.state === 'lost' && r.lostReason === 'died')).length;
    const state = own.every((r) => r.state === 'not-checked')
      ? ('not-checked' as const)
      : own.some((r) => r.lostReason === 'knocked-over')
        ? ('lost' as const)
        : up > 0
          ? ('measured' as const)
          : ('not-up' as const);
    const check = {
      id: newId(),
      containerId: containerId(code),
      teamId: teamId(team),
      day,
      recordedAt: at,
      receivedAt: at,
      source: 'simulated' as const,
      requestHash: requestHash(own[0]),
    };
    const reading = {
      id: newId(),
      checkId: check.id,
      plant: '1',
      state,
      findings: state === 'measured' ? [numberFound('seeds-with-root', up)] : [],
      lostReason: state === 'lost' ? ('knocked-over' as const) : null,
      note: null,
      supersedesId: null,
    };
    return { check, reading };
  });
}
