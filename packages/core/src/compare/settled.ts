import { daysBetween, type IsoDay } from '../calendar/days';
import { type Measure } from '../measures/measure';
import { type Askable, betweenNo, countsAsZero, followNo, followsOf, markNo, orderedMeasures, reportNo, whenNo } from './askable';
import { isTime, needsCourse, type Question, type When } from './question';

/** The course before this day says nothing of growth. */
const FIRST_DAYS = 2;

/**
 * A question with every word that makes no sense beside the others put to the nearest that does.
 * @param day a question about one day is about this one where its own says nothing
 */
export function settled(question: Question, askable: Askable, day = askable.days[askable.days.length - 1] ?? ''): Question {
  const { days } = askable;
  const measure = askable.measures.find((m) => m.code === question.measure) ?? orderedMeasures(askable)[0];
  let next: Question = { ...question, measure: measure?.code ?? '' };
  const sprouting = next.follow === 'sprouted' || next.follow === 'share-up';
  if (sprouting) next = { ...next, measure: orderedMeasures(askable)[0]?.code ?? '' };
  if (!sprouting && measure && !followsOf(measure).includes(next.follow)) next = { ...next, follow: 'value' };
  if (followNo(next.follow, askable) !== null) next = { ...next, follow: 'value' };
  if (next.follow === 'reached' && measure) next = { ...next, reach: reachOf(next.reach, measure, askable) };
  else next = { ...next, reach: '' };
  if (betweenNo(next.between, next, askable) !== null) {
    const first = (['treatments', 'kinds', 'ages', 'teams'] as const).find((b) => betweenNo(b, next, askable) === null);
    next = { ...next, between: first ?? 'treatments' };
  }
  if (whenNo(next.when.kind, next, askable) !== null) next = { ...next, when: usualWhen(next, askable, day) };
  if (next.when.kind === 'between' && !(next.when.from < next.when.to)) next = { ...next, when: usualWhen(next, askable, day) };
  if (next.when.kind === 'day' && !days.includes(next.when.day)) next = { ...next, when: usualWhen(next, askable, day) };
  if (markNo(next.mark, next, askable) !== null) next = { ...next, mark: 'container' };
  if (measure && next.beforeSprouting === 'zero' && countsAsZero(next, measure) !== null)
    next = { ...next, beforeSprouting: 'exclude' };
  if (next.afterLoss === 'zero' && (measure === undefined || countsAsZero(next, measure) !== null || next.follow === 'highest'))
    next = { ...next, afterLoss: 'exclude' };
  if (reportNo(next.report, next, askable) !== null) next = { ...next, report: 'container-mean' };
  if (next.between !== 'classes' && next.between !== 'earlier') next = { ...next, withOthers: [] };
  else if (next.withOthers.length === 0)
    next = {
      ...next,
      withOthers: askable.others.filter((o) => o.earlier === (next.between === 'earlier')).map((o) => o.id),
    };
  return next;
}

function usualWhen({ follow }: Pick<Question, 'follow'>, { days, wholeDays, records }: Askable, day: IsoDay): When {
  if (isTime({ follow }) || follow === 'area' || follow === 'highest') return { kind: 'course' };
  if (needsCourse({ follow })) {
    // Up to the day asked about, over days that tell about the whole class, where there are two of them.
    const looked = [wholeDays.filter((d) => d <= day), wholeDays].find((some) => some.length > 1) ?? days;
    const [first = '', last = ''] = [looked[0], looked[looked.length - 1]];
    const sown = records.containers[0]?.sownOn ?? last;
    const after = looked.filter((d) => daysBetween(sown, d) > FIRST_DAYS);
    const from = after[Math.floor(after.length / 2) - (after.length > 1 ? 1 : 0)] ?? first;
    return { kind: 'between', from: from < last ? from : first, to: last };
  }
  return follow === 'share-up' ? { kind: 'end' } : { kind: 'day', day };
}

/** Heights that can be waited for: a few whole steps up to what was found; of stages all but the first. */
export function reachesOf(measure: Measure, { records }: Pick<Askable, 'records'>): string[] {
  if (measure.summedUp === 'order') {
    const found = new Set(
      records.readings.flatMap((r) => r.findings.flatMap((f) => (f.measure === measure.code ? (f.choice ?? []) : []))),
    );
    return measure.choices.filter((c) => found.has(c.code)).map((c) => c.code);
  }
  const highest = records.readings.reduce(
    (most, r) => r.findings.reduce((m, f) => (f.measure === measure.code && f.value !== null && f.value > m ? f.value : m), most),
    0,
  );
  const step = [10, 20, 50, 100, 200, 500, 1000].find((s) => highest / s <= 6) ?? 2000;
  return Array.from({ length: Math.floor(highest / step) }, (_, i) => String((i + 1) * step));
}

function reachOf(reach: string, measure: Measure, askable: Askable): string {
  const all = reachesOf(measure, askable);
  if (all.includes(reach)) return reach;
  if (measure.summedUp !== 'order' && Number(reach) > 0) return reach;
  return all[Math.floor((all.length - 1) / 2)] ?? '';
}
