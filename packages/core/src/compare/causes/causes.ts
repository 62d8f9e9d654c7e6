import { isWeekend } from '../../calendar/days';
import { isTime } from '../question';
import { ageOn, allOf } from '../groups';
import { type Cause, type CauseFacts } from './cause';
import { placeCause } from './placeCause';
import { teamCauses } from './teamCauses';
import { doubtsCause, lookCause, lossCause, survivorCause } from './countCauses';

/** Every other explanation that these records can be asked about: what is worth a question first. */
export function causesOf(facts: CauseFacts): Cause[] {
  const all = [
    agesCause(facts),
    ...apartCause(facts),
    survivorCause(facts),
    lossCause(facts),
    placeCause(facts),
    ...teamCauses(facts),
    lookCause(facts),
    gapsCause(facts),
    doubtsCause(facts),
    sowingCause(facts),
    ...facts.exceptions.map((sentence): Cause => ({ verdict: 'ask', code: 'exception', sentence })),
    roomCause(facts),
    kindsCause(facts),
    facts.split === null ? null : ({ verdict: 'fine', code: 'lot', split: facts.split } as const),
  ].filter((c): c is Cause => c !== null);
  const order = ['ask', 'unknown', 'fine'];
  return all.sort((a, b) => order.indexOf(a.verdict) - order.indexOf(b.verdict));
}

/** On one day plants that were sown on different days differ in age. */
function agesCause({ groups, question, until, records }: CauseFacts): Cause | null {
  if (question.between === 'ages' || question.when.kind === 'age' || isTime(question)) return null;
  if (new Set(records.containers.map((c) => c.sownOn)).size < 2) return null;
  const ages = groups.flatMap((g) => g.dots.flatMap((d) => d.behind.map((c) => ageOn(c, until))));
  if (ages.length === 0) return null;
  const [youngest, oldest] = [Math.min(...ages), Math.max(...ages)];
  if (youngest === oldest) return null;
  return { verdict: 'ask', code: 'ages', youngest, oldest, change: { when: { kind: 'age', age: youngest } } };
}

/** What shares no team with the rest cannot be told from its team. */
function apartCause({ sureness, groups }: CauseFacts): Cause[] {
  if (!sureness.ok || sureness.unanswered.length === 0) return [];
  const labels = sureness.unanswered.map((u) => groups.find((g) => g.key === u.key)?.label ?? u.key);
  return [{ verdict: 'ask', code: 'apart', groups: labels }];
}

/** What came up over a weekend is not known to the day. */
function gapsCause({ groups, question }: CauseFacts): Cause | null {
  if (!isTime(question)) return null;
  const spans = groups.flatMap((g) => g.dots.flatMap((d) => (d.span ? [d.span.high - d.span.low] : [])));
  if (spans.length === 0) return null;
  const wide = spans.filter((s) => s > 1);
  return {
    verdict: wide.length > 0 ? 'ask' : 'fine',
    code: 'gaps',
    containers: wide.length,
    longest: Math.max(...spans),
    of: spans.length,
  };
}

/** What went otherwise when it was sown, treatment by treatment. */
function sowingCause({ groups, deviations, records }: CauseFacts): Cause | null {
  const by = groups.map((g) => {
    const all = allOf(g);
    const own = deviations.filter((d) => all.has(d.containerId));
    const codes = own.map((d) => records.containers.find((c) => c.id === d.containerId)!.code);
    return { label: g.label, containers: [...new Set(codes)], words: [...new Set(own.map((d) => d.words))] };
  });
  const touched = by.filter((b) => b.containers.length > 0);
  const uneven = touched.length > 0 && touched.length < groups.length;
  return { verdict: uneven ? 'ask' : 'fine', code: 'sowing', by: touched, uneven };
}

/** The coldest day before what was seen: it fell on all alike, and may have kept all back. */
function roomCause({ room, until, coldBelow, records }: CauseFacts): Cause | null {
  const sown = records.containers.map((c) => c.sownOn).sort()[0];
  const days = room.filter((d) => sown !== undefined && d.day >= sown && d.day <= until);
  if (days.length === 0) return { verdict: 'unknown', code: 'room-unknown' };
  const coldest = days.reduce((least, d) => (d.low < least.low ? d : least));
  const cold = coldest.low < coldBelow;
  return {
    verdict: cold ? 'ask' : 'fine',
    code: 'room',
    coldest: coldest.low,
    day: coldest.day,
    cold,
    weekend: isWeekend(coldest.day),
  };
}

/** Kinds differ in more than one thing: what differs between them has no single cause. */
function kindsCause({ question, records }: CauseFacts): Cause | null {
  const several = new Set(records.treatments.map((t) => t.kind ?? '')).size > 1;
  return several && (question.between === 'kinds' || question.between === 'treatments')
    ? { verdict: 'ask', code: 'kinds' }
    : null;
}
