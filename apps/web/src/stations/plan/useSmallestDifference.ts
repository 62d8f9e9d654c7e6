import { wordsOfPage } from '../../words/language';
import { say } from '@bright-sprout/words/say';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { useEffect, useState } from 'react';
import { type PowerAnswerMessage, type PowerQuestion } from '../../workers/powerQuestion';

const WAIT_MS = 250;

/** What the class could hope to see in height by the end, in words; null where nothing in height is compared. Worked out by growing the class many times in a worker. */
export function useSmallestDifference(plan: PlanDocument, out: WorkedOut, teams: number): string | null {
  const perTeam = teams > 0 ? Math.max(1, Math.round(plan.containersEach / teams)) : plan.containersEach;
  const question = JSON.stringify({
    speciesId: plan.speciesId,
    teams: teams > 0 ? Math.min(teams, plan.containersEach) : 1,
    perTeam,
    seeds: plan.seedsEach,
    day: Math.min(60, daysBetween(plan.sowOn, plan.endOn)),
    room: plan.room,
    calendar: plan.calendar,
    sownOn: plan.sowOn,
    resolution: plan.protocol.resolution,
  } satisfies PowerQuestion);
  const [answer, setAnswer] = useState<{ question: string; words: string } | null>(null);
  const applies = plan.measures.includes('height') && out.treatments.length > 1 && out.forecast.ok;
  useEffect(() => {
    if (!applies) return;
    let worker: Worker | null = null;
    const timer = setTimeout(() => {
      worker = new Worker(new URL('../../workers/power.worker.ts', import.meta.url), { type: 'module', name: wordsOfPage() });
      worker.onmessage = ({ data }: MessageEvent<PowerAnswerMessage>) => setAnswer({ question, words: data.words });
      worker.postMessage(JSON.parse(question));
    }, WAIT_MS);
    return () => {
      clearTimeout(timer);
      worker?.terminate();
    };
  }, [question, applies]);
  if (!applies) return null;
  return answer?.question === question ? answer.words : say('planner.workingItOut');
}
