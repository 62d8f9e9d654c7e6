import { currentReadings, hasEnded, isDoubtful } from '../../readings/reading';
import { fisherFreemanHalton } from '../../statistics/fisherFreemanHalton';
import { countsAsZero } from '../askable';
import { allOf, markedIn } from '../groups';
import { looksByContainer } from '../../readings/looks';
import { isTime } from '../question';
import { type Cause, type CauseFacts } from './cause';

/** Shares of containers that differ by this much, or that luck alone makes differ so this seldom, are uneven. */
const APART = 0.25;
const SELDOM = 0.1;

function uneven(by: readonly { out: number; of: number }[]): boolean {
  const counted = by.filter((b) => b.of > 0);
  if (counted.length < 2 || counted.every((b) => b.out === 0)) return false;
  const shares = counted.map((b) => b.out / b.of);
  if (Math.max(...shares) - Math.min(...shares) >= APART) return true;
  const exact = fisherFreemanHalton(counted.map((b) => [b.out, b.of - b.out]));
  return exact.ok && exact.p < SELDOM;
}

/** Losses of each treatment, with their counts; carrying them on shows what they could hide. */
export function lossCause({ groups, question }: CauseFacts): Cause | null {
  const by = groups.map((g) => ({ label: g.label, lost: g.lost.length, of: allOf(g).size }));
  if (by.every((b) => b.lost === 0)) return { verdict: 'fine', code: 'losses', by, uneven: false };
  const apart = uneven(by.map((b) => ({ out: b.lost, of: b.of })));
  const change =
    isTime(question) || question.follow === 'share-up'
      ? {}
      : { change: { afterLoss: question.afterLoss === 'carry' ? ('exclude' as const) : ('carry' as const) } };
  return { verdict: apart ? 'ask' : 'fine', code: 'losses', by, uneven: apart, ...change };
}

/** Plants that are not up are in no mean: where one treatment keeps more of them back, the means are of the early ones. */
export function survivorCause({ groups, question, measure }: CauseFacts): Cause | null {
  if (isTime(question) || question.follow === 'share-up') return null;
  const by = groups.map((g) => {
    const marked = markedIn(g);
    return { label: g.label, out: g.notUp.filter((c) => !marked.has(c.id)).length, of: allOf(g).size };
  });
  if (!uneven(by)) return null;
  const zero = countsAsZero(question, measure) === null ? { change: { beforeSprouting: 'zero' as const } } : {};
  return { verdict: 'ask', code: 'survivors', by, ...zero };
}

/** Containers that nobody looked at on the day, and whether treatments were looked at equally often. */
export function lookCause({ groups, records, until }: CauseFacts): Cause | null {
  const looks = looksByContainer(records.readings);
  const days = new Set<string>();
  const often = groups.map((g) => {
    const counts = [...allOf(g)].map((id) => {
      const mine = (looks.get(id) ?? []).filter((l) => l.day <= until && (l.state !== 'not-checked' || hasEnded(l.state)));
      mine.forEach((l) => days.add(l.day));
      return mine.length;
    });
    return counts.length === 0 ? null : counts.reduce((a, b) => a + b, 0) / counts.length;
  });
  const known = often.filter((o) => o !== null);
  const apart = known.length > 1 && Math.max(...known) - Math.min(...known) >= Math.max(1, 0.15 * days.size);
  const missing = groups.flatMap((g) => g.notChecked.map((c) => c.code));
  return { verdict: apart || missing.length > 0 ? 'ask' : 'fine', code: 'looks', missing, days: days.size, uneven: apart };
}

/** Readings about which somebody was asked and has not answered. */
export function doubtsCause({ records, until, question }: CauseFacts): Cause | null {
  const doubtful = new Set(
    currentReadings(records.readings).flatMap((r) => (r.day <= until && isDoubtful(r) ? [r.containerId] : [])),
  );
  if (doubtful.size === 0) return null;
  const containers = records.containers.filter((c) => doubtful.has(c.id)).map((c) => c.code);
  return {
    verdict: 'ask',
    code: 'doubts',
    containers,
    change: { doubts: question.doubts === 'kept' ? 'left-out' : 'kept' },
  };
}
