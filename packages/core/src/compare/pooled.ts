import { daysBetween, type IsoDay } from '../calendar/days';
import { type GroupedRecords } from './groups';
import { type Question } from './question';

/** One investigation of several that ran the same. */
export interface Run {
  id: string;
  /** What it is called beside the others: `7 Copper`, `7 Brass 2025`. */
  name: string;
  sownOn: IsoDay;
  records: GroupedRecords;
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The other run's treatment codes by ours, matched by what they are called; null where they are not the same treatments. */
export function matched(own: GroupedRecords, other: Pick<GroupedRecords, 'treatments'>): Map<string, string> | null {
  const codes = new Map<string, string>();
  for (const treatment of other.treatments) {
    const ours = own.treatments.find((t) => same(t.label, treatment.label) && same(t.kind ?? '', treatment.kind ?? ''));
    if (!ours) return null;
    codes.set(treatment.code, ours.code);
  }
  return other.treatments.length === own.treatments.length ? codes : null;
}

/** Sown so long before is an earlier run, not another class of this one. */
export const EARLIER_DAYS = 120;

export const isEarlier = (own: IsoDay, other: IsoDay): boolean => daysBetween(other, own) >= EARLIER_DAYS;

/** Records of several runs as one: a team is a block of its own class, so that classes are held apart too. */
export function pooledRecords(runs: readonly Run[]): GroupedRecords {
  const [own] = runs;
  const all = runs.flatMap((run) => {
    const codes = run === own ? null : matched(own!.records, run.records);
    if (run !== own && codes === null) return [];
    return run.records.containers.map((c) => ({
      ...c,
      code: run === own ? c.code : `${run.name} ${c.code}`,
      treatment: codes?.get(c.treatment) ?? c.treatment,
      block: `${run.name}${c.block === null ? '' : ` · ${c.block}`}`,
      run: run.id,
    }));
  });
  return { treatments: own!.records.treatments, containers: all, readings: runs.flatMap((r) => r.records.readings) };
}

/** Classes sow on different days: a question about a day is asked of all at the age that the first class had on it. */
export function atEqualAge(question: Question, sownOn: IsoDay): Question {
  return question.when.kind === 'day'
    ? { ...question, when: { kind: 'age', age: daysBetween(sownOn, question.when.day) } }
    : question;
}
