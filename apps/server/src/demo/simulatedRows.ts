import { numberFound } from '@bright-sprout/core/measures/finding';
import { formatLength, roundToResolution } from '@bright-sprout/core/quantities/length';
import { type SimulatedReading } from '@bright-sprout/core/simulate/simulateInvestigation';
import { newId, requestHash } from '../database/ids';
import { type DemoClass } from './demoScenario';

/** One look as stored; the slip of the demo is a point one place off, put right a minute later. */
export function rowsOf(
  simulated: SimulatedReading,
  containerId: string,
  teamId: string,
  { investigation }: DemoClass,
  slip: boolean,
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
    return {
      check,
      reading: {
        id: newId(),
        checkId: check.id,
        plant: '1',
        state,
        findings: [
          ...(valueMm === null ? [] : [numberFound('height', valueMm, formatLength(valueMm, investigation.resolution))]),
          ...(state === 'measured' && leaves !== null ? [numberFound('leaves', leaves)] : []),
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
