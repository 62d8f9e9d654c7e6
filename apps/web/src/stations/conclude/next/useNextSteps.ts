import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type NextStep, nextSteps } from '@bright-sprout/core/conclude/next/nextPlan';
import { looksByContainer } from '@bright-sprout/core/readings/looks';
import { waitingToSprout } from '@bright-sprout/core/compare/times';
import { LOST_WORDS, type LostReason } from '@bright-sprout/core/readings/reading';
import { useMemo } from 'react';
import { usePlan } from '../../../api/queries';
import { useClaimAnswer } from '../../../conclude/claim/useClaimAnswer';
import { useReadingError } from '../../../records/useReadingError';
import { useTalkingPoints } from '../../../workers/useTalkingPoints';

const FIRST = { question: '' };

/** What would be done otherwise, from the records and the plan; null while it is worked out, or where there is no plan. */
export function useNextSteps(records: InvestigationRecords): { steps: NextStep[] | null; plan: ReturnType<typeof usePlan> } {
  const { investigation, readings } = records;
  const plan = usePlan(investigation.origin === 'planned' ? investigation.id : '');
  const points = useTalkingPoints(records, useReadingError(investigation.id));
  const { answer, shown } = useClaimAnswer(records, FIRST);
  const steps = useMemo(() => {
    if (!plan.data || points === null || answer === null) return null;
    const looks = looksByContainer(readings);
    const lost = new Map<LostReason, number>();
    let [widest, containers] = [0, 0];
    for (const c of investigation.containers) {
      const own = looks.get(c.id) ?? [];
      const end = own[own.length - 1];
      if (end?.state === 'lost') {
        const reason = end.readings.find((r) => r.state === 'lost')?.lostReason ?? 'other';
        lost.set(reason, (lost.get(reason) ?? 0) + 1);
      }
      for (const { lower, upper } of waitingToSprout(c, own).intervals) {
        if (upper === null) continue;
        widest = Math.max(widest, upper - lower);
        if (upper - lower > 1) containers++;
      }
    }
    return nextSteps({
      plan: plan.data.document,
      teams: investigation.teams.length,
      sureness: answer.sureness,
      size: (d) => shown.size(d) || say('common.aStep'),
      points,
      lost: [...lost].map(([reason, count]) => ({ words: `${count} ${LOST_WORDS[reason].replace(/^was /, '')}`, count })),
      sprouting: widest > 0 ? { widest, containers } : null,
    });
  }, [plan.data, points, answer, shown, investigation, readings]);
  return { steps, plan };
}
