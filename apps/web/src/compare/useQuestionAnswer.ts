import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { deviationWords } from '@bright-sprout/contracts/deviations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { claimSentence } from '@bright-sprout/core/claims/claimSentence';
import { predictedClaim } from '@bright-sprout/core/claims/predictedWords';
import { type GroupedRecords, groupsOf } from '@bright-sprout/core/compare/groups';
import { type Question } from '@bright-sprout/core/compare/question';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { cautionSentence } from '@bright-sprout/core/plan/fairTest/fairTest';
import { recordedDays } from '@bright-sprout/core/readings/standing';
import { type RoomDay } from '@bright-sprout/core/room/roomRecord';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { useMemo } from 'react';
import { type Asking, useSureness } from '../workers/useSureness';
import { predictedOf } from './predictedOf';
import { shownFor, subjectOf } from './questionWords';

const NO_ROOM: readonly RoomDay[] = [];
/** Where a kind is not known, below this it is cold, °C. */
const COLD = 8;

/** The answer to a question: marks and words at once, how sure it is as soon as it is worked out. */
export function useQuestionAnswer({
  records,
  compared,
  question,
  measure,
  room = NO_ROOM,
  readingError = null,
  classes = 1,
}: {
  records: InvestigationRecords;
  /** Its own records, or those of several classes taken together. */
  compared: GroupedRecords;
  question: Question;
  measure: Measure;
  room?: readonly RoomDay[];
  readingError?: number | null;
  classes?: number;
}) {
  const { investigation, readings } = records;
  const groups = useMemo(() => groupsOf(compared, measure, question), [compared, measure, question]);
  const shown = useMemo(() => shownFor(question, measure, investigation, compared), [question, measure, investigation, compared]);
  const asking = useMemo<Asking>(() => {
    const bases = investigation.treatments.map((t) => speciesById(t.speciesId)?.thermal.base ?? COLD);
    const until = untilDay(question, recordedDays(readings));
    const planned = investigation.origin === 'planned';
    return {
      records: compared,
      groups,
      question,
      own: investigation.bench.own,
      facts: {
        design: investigation.design,
        until,
        positions: planned && classes === 1 ? new Map(investigation.containers.map((c) => [c.id, c.position])) : null,
        split: planned ? investigation.split : null,
        deviations: investigation.deviations.map((d) => ({ containerId: d.containerId, words: deviationWords(d) })),
        exceptions: investigation.planCautions.map(cautionSentence),
        room,
        coldBelow: Math.max(...bases),
      },
    };
  }, [compared, groups, question, investigation, readings, room, classes]);
  const { answer, share } = useSureness(asking);
  const subject = useMemo(
    () => subjectOf(question, shown, investigation, { readingError, classes }),
    [question, shown, investigation, readingError, classes],
  );
  const claim = useMemo(
    () =>
      question.between === 'predicted'
        ? predictedClaim(predictedOf(records, compared, question), shown)
        : answer && claimSentence(groups, answer.sureness, subject),
    [answer, groups, subject, shown, records, compared, question],
  );
  return { groups, shown, subject, claim, answer, share };
}

function untilDay({ when }: Question, days: readonly IsoDay[]): IsoDay {
  if (when.kind === 'day') return when.day;
  return when.kind === 'between' ? when.to : (days[days.length - 1] ?? '');
}
