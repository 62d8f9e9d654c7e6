import { type IsoDay } from '../calendar/days';
import { type Measure } from '../measures/measure';
import { currentReadings, hasEnded, isDoubtful, type Reading } from '../readings/reading';
import { recordedDays } from '../readings/standing';
import { type Look, looksByContainer } from '../readings/looks';
import { isTime, type Question } from './question';
import { type ComparedContainer, type ComparedRecords } from './records';
import {
  countsSprouts,
  longestWait,
  meanWaits,
  showsAny,
  sproutCounts,
  type Waiting,
  waitingToReach,
  waitingToSprout,
} from './times';
import { areaBetween, changeBetween, dayAsked, highestOf, stretchAsked, type Value, valueAtAge, valueOn } from './values';

const withoutDoubts = new WeakMap<readonly Reading[], readonly Reading[]>();

/** The readings that count: all, or all but those about which a question is open. */
export function readingsCounted(
  { readings }: Pick<ComparedRecords, 'readings'>,
  { doubts }: Pick<Question, 'doubts'>,
): readonly Reading[] {
  if (doubts === 'kept') return readings;
  const before = withoutDoubts.get(readings);
  if (before) return before;
  const counted = currentReadings(readings).filter((r) => !isDoubtful(r));
  withoutDoubts.set(readings, counted);
  return counted;
}

/** The value of every container, in the question's own terms. */
export function valuesOf(records: ComparedRecords, measure: Measure, question: Question): Map<string, Value> {
  const looks = looksByContainer(readingsCounted(records, question));
  const days = recordedDays(records.readings);
  const last = days[days.length - 1];
  const own = (c: ComparedContainer): readonly Look[] => looks.get(c.id) ?? [];
  if (last === undefined) return new Map();
  if (isTime(question)) {
    const waiting = new Map<string, Waiting>(
      records.containers.map((c) => [
        c.id,
        question.follow === 'sprouted'
          ? waitingToSprout(c, own(c))
          : waitingToReach(measure, question.reach, c, own(c), question.report),
      ]),
    );
    return meanWaits(waiting, longestWait(records.containers, days));
  }
  const stretch = stretchAsked(question, days);
  return new Map(records.containers.map((c) => [c.id, valueOfContainer(c, own(c), measure, question, stretch, last)]));
}

function valueOfContainer(
  container: ComparedContainer,
  looks: readonly Look[],
  measure: Measure,
  question: Question,
  stretch: { from: IsoDay; to: IsoDay },
  last: IsoDay,
): Value {
  switch (question.follow) {
    case 'change':
    case 'per-day':
    case 'relative-rate':
      return changeBetween(measure, container, looks, stretch, question);
    case 'area':
      return areaBetween(measure, container, looks, stretch, question);
    case 'highest':
      return highestOf(measure, container, looks, stretch, question);
    case 'share-up':
      return shareUp(container, looks, dayAsked(question, container, last));
    default: {
      const day = dayAsked(question, container, last);
      return question.when.kind === 'age'
        ? valueAtAge(measure, container, looks, day, question)
        : valueOn(measure, container, looks, day, question);
    }
  }
}

/** Percentage of its seeds that were ever seen up by a day; where seeds are not counted, whether the container was up. */
function shareUp(container: ComparedContainer, looks: readonly Look[], day: IsoDay): Value {
  const until = looks.filter((l) => l.day <= day);
  const nothing = { plants: 0, span: null, between: false };
  if (countsSprouts(until) && container.seedsSown > 0) {
    const counts = sproutCounts(container, until);
    const most = Math.max(0, ...counts.map((c) => c.up));
    if (counts.length === 0) return { ...nothing, state: 'not-checked', value: null };
    return { ...nothing, state: most > 0 ? 'measured' : 'not-up', value: (100 * most) / container.seedsSown, plants: most };
  }
  if (until.some(showsAny)) return { ...nothing, state: 'measured', value: 100, plants: 1 };
  const end = until.find((l) => hasEnded(l.state));
  if (end) return { ...nothing, state: end.state, value: null };
  if (until.some((l) => l.state === 'not-up')) return { ...nothing, state: 'not-up', value: 0 };
  return { ...nothing, state: 'not-checked', value: null };
}
