import { timeNow } from '@bright-sprout/core/clock/clock';
import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type SaveCareRequest } from '@bright-sprout/contracts/care';
import { type DeviationView } from '@bright-sprout/contracts/answers/deviations';
import { type SaveDeviationRequest } from '@bright-sprout/contracts/deviations';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { dayInZone } from '@bright-sprout/core/calendar/days';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { v7 } from 'uuid';
import { request } from '../api/client';
import { takeNews } from '../api/news';
import { type Entered, theOutbox, useWaiting, type WaitingEntry } from '../api/outbox';
import { careSince, deviationsSince } from './enteredSince';

type Care = Pick<SaveCareRequest, 'kind' | 'task'> & Partial<Pick<SaveCareRequest, 'amountMl' | 'skipped' | 'note'>>;

/** What was entered of an investigation beside its readings, and the ways to enter more. */
export interface Entering {
  care: CareView[];
  deviations: DeviationView[];
  saveCare: (care: Care) => void;
  takeBackCare: (id: string) => void;
  saveDeviation: (deviation: SaveDeviationRequest) => void;
  takeBackDeviation: (id: string) => void;
  error: Error | null;
}

function careBody(investigation: InvestigationView, care: Care): SaveCareRequest {
  const now = timeNow();
  return {
    ...care,
    investigationId: investigation.id,
    day: dayInZone(now, investigation.class.timeZone),
    recordedAt: now.toISOString(),
  };
}

/** A team's device: everything goes through its outbox, so that it works without a network. */
export function useTeamEntering(investigation: InvestigationView, teamId: string): Entering {
  const waiting = useWaiting();
  const outbox = theOutbox();
  const ids = new Set(investigation.containers.map((c) => c.id));
  return {
    care: careSince(investigation.care, waiting, investigation.id),
    deviations: deviationsSince(investigation.deviations, waiting, ids),
    saveCare: (care) => void outbox.add(v7(), teamId, { kind: 'care', body: careBody(investigation, care) }),
    takeBackCare: (of) => void outbox.add(v7(), teamId, { kind: 'care-back', body: { of } }),
    saveDeviation: (body) => void outbox.add(v7(), teamId, { kind: 'deviation', body }),
    takeBackDeviation: (of) => void outbox.add(v7(), teamId, { kind: 'deviation-back', body: { of } }),
    error: null,
  };
}

/** The teacher's screen: shown at once, and taken back out of sight when the server would not take it. */
export function useTeacherEntering(investigation: InvestigationView): Entering {
  const [entered, setEntered] = useState<WaitingEntry[]>([]);
  const [error, setError] = useState<Error | null>(null);
  const client = useQueryClient();
  const underway = useRef(0);
  const enter = (entry: Entered, send: (id: string) => Promise<unknown>) => {
    const id = v7();
    const keeping = { teamId: '', at: 0, ahead: 0, refused: null, because: null, confirmed: false, told: null, kept: null };
    setEntered((all) => [...all, { ...entry, id, ...keeping }]);
    setError(null);
    underway.current += 1;
    send(id)
      .catch((problem: Error) => {
        setEntered((all) => all.filter((e) => e.id !== id));
        setError(problem);
      })
      .finally(() => {
        underway.current -= 1;
        // Many at once, as when a whole class is thinned, are fetched once.
        if (underway.current === 0) void takeNews(client, investigation.id, { checks: [], photos: [], about: true });
      });
  };
  const ids = new Set(investigation.containers.map((c) => c.id));
  return {
    care: careSince(investigation.care, entered, investigation.id).map((c) => (c.teamId === '' ? { ...c, teamId: null } : c)),
    deviations: deviationsSince(investigation.deviations, entered, ids),
    saveCare: (done) => {
      const body = careBody(investigation, done);
      enter({ kind: 'care', body }, (id) => request('PUT', `/care/${id}`, body));
    },
    takeBackCare: (of) => enter({ kind: 'care-back', body: { of } }, () => request('DELETE', `/care/${of}`)),
    saveDeviation: (body) => enter({ kind: 'deviation', body }, (id) => request('PUT', `/deviations/${id}`, body)),
    takeBackDeviation: (of) => enter({ kind: 'deviation-back', body: { of } }, () => request('DELETE', `/deviations/${of}`)),
    error,
  };
}
