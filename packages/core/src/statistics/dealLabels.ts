import { say } from '@bright-sprout/words/say';
import { noAnswer, type Result } from '../result/result';
import { type Arrangements, type Dealer, dealer, type Drawing, TIE } from './arrangements';
import { type BlockModel, blockModel } from './blockModel';
import { questionsOf, type Wanted } from './dealContrasts';
import { countDeals, criticalSize, intervalOf, LEVEL } from './dealCounts';
import { statistics } from './dealStatistics';
import { type Interval, mean } from './descriptives';
import { type Unit } from './units';

/** What the containers show of one question, before any label is dealt again. */
export interface Seen {
  key: string;
  /** Block-adjusted, in the unit of the values (a slope: per unit of amount). */
  estimate: number;
  /** The same sum of plain means; null for a slope. */
  plain: number | null;
  /** Standard error, from the spread left within blocks and treatments. */
  se: number;
  /** estimate / se */
  t: number;
}

export interface DealtContrast extends Seen {
  /** Share of deals whose statistic of this question is at least as large. */
  pAlone: number;
  /** Share of deals whose greatest statistic of all questions is at least as large: never smaller than `pAlone`. */
  pAmong: number;
  /** 95 % for all questions together: leaves 0 out exactly where `pAmong` is below 0.05. Null where nothing of the kind can be said. */
  interval: Interval | null;
  /** 95 % for this question alone: leaves 0 out exactly where `pAlone` is below 0.05. */
  intervalAlone: Interval | null;
}

export interface LabelDeals extends Arrangements {
  contrasts: DealtContrast[];
  /** Questions about treatments that nothing tells apart from their blocks. */
  unanswered: { key: string; reason: string }[];
  /** Whether treatments differ at all: F of their block-adjusted effects, its p from the same deals. */
  overall: { f: number; p: number; dfBetween: number };
  /** Degrees of freedom and standard deviation within blocks and treatments. */
  df: number;
  spread: number;
  /** Largest over smallest spread of a treatment; null where no two can be judged. */
  spreadRatio: number | null;
  containers: number;
  blocks: number;
  /** Smallest p among all that these deals can give. */
  smallestP: number;
  /** Too few deals for any p below 0.05: estimates stand without intervals. */
  tooFew: boolean;
  /** Deals that were looked at, the one seen included. */
  deals: number;
}

/** One model, and the deals of its labels one after the other. */
export interface LabelDealing {
  seen: Seen[];
  unanswered: { key: string; reason: string }[];
  arrangements: Arrangements;
  /** Deals there will be. */
  total: number;
  /** Deals again; false when all are dealt. */
  next: () => boolean;
  /** t of a question under the labels as they lie now. */
  t: (question: number) => number;
  /** Labels as they lie now: for each unit its treatment, in the order of the units; null for units that are in no question. */
  labels: () => (string | null)[];
  /** What all deals say; deals what is left. */
  finish: () => LabelDeals;
}

/**
 * One model and one set of deals for all questions about treatments (Fisher 1935; Westfall and Young 1993): containers are the units, labels are dealt
 * again within blocks, the statistic of each question is its block-adjusted estimate over its standard error under the same
 * labels. p alone, p among all and both intervals come from the same deals, so that they cannot contradict each other.
 * @param units one value a container
 * @param groups treatments in order; the first is what the model counts from
 * @param drawing asked for where there are too many ways to count them all
 */
export function dealLabels(
  units: readonly Unit[],
  groups: readonly string[],
  wanted: readonly Wanted[],
  drawing: Drawing | null = null,
): Result<LabelDeals> {
  const dealing = labelDealing(units, groups, wanted, drawing);
  return dealing.ok ? { ok: true, ...dealing.finish() } : dealing;
}

/** The same, deal by deal: for showing it happen, and for stopping in between. */
export function labelDealing(
  units: readonly Unit[],
  groups: readonly string[],
  wanted: readonly Wanted[],
  drawing: Drawing | null = null,
): Result<LabelDealing> {
  const present = groups.filter((g) => units.some((u) => u.treatment === g));
  if (present.length < 2) return noAnswer(say('statistics.twoGroupsValueNothing'));
  const model = blockModel(units, present);
  if (model.groups.length < 2) return noAnswer(say('statistics.teamTwoComparedNothing'));
  if (model.df < 1) return noAnswer(say('statistics.tooFewContainersJudge'));
  if (model.total === 0) return noAnswer(say('statistics.valuesTeamEqualSpread'));
  const { questions, unanswered } = questionsOf(model, wanted);
  if (questions.length === 0) return noAnswer(unanswered[0]?.reason ?? say('statistics.nothingAskedGroups'));
  const dealt = dealer(model.blocks, drawing);
  if (!dealt.ok) return dealt;
  const order = orderOfUnits(units, model.groups);
  const { compute, f, own } = statistics(model, questions);
  const now = compute();
  const plainMeans = model.groups.map((g) => mean(units.filter((u) => u.treatment === g).map((u) => u.value)));
  const seen = questions.map(({ key, weights }, i): Seen => {
    const slope = wanted.find((w) => w.key === key)!.along !== undefined;
    const plain = slope ? null : weights.reduce((sum, w, k) => sum + w * plainMeans[k]!, 0);
    return { key, estimate: now.estimates[i]!, plain, se: now.errors[i]!, t: now.t[i]! };
  });
  const counting = countDeals(seen, f(), dealt.draws ?? dealt.arrangements);
  const spreads = own();
  const facts = {
    unanswered,
    dfBetween: model.groups.length - 1,
    df: model.df,
    spread: Math.sqrt(now.left() / model.df),
    spreadRatio: spreads.length < 2 ? null : Math.max(...spreads) / Math.max(Math.min(...spreads), 0.01 * Math.max(...spreads)),
    containers: order.flat().length,
    blocks: model.blocks.length,
    level: now.left() <= 2 * TIE * model.total,
  };
  let answer: LabelDeals | null = null;
  const next = () => {
    if (!dealt.next()) return false;
    compute();
    counting.add(now.t, f());
    return true;
  };
  return {
    ok: true,
    seen,
    unanswered,
    arrangements: { method: dealt.method, arrangements: dealt.arrangements, draws: dealt.draws },
    total: dealt.draws ?? dealt.arrangements,
    next,
    t: (question) => now.t[question]!,
    labels: () => labelsNow(units.length, order, model),
    finish: () => {
      while (next());
      return (answer ??= answerOf(seen, counting, dealt, facts));
    },
  };
}

/** Places of the units of each block, as the model took them in. */
function orderOfUnits(units: readonly Unit[], groups: readonly string[]): number[][] {
  const places = new Map<string, number[]>();
  units.forEach(({ block, treatment }, i) => {
    if (groups.includes(treatment)) places.set(block, [...(places.get(block) ?? []), i]);
  });
  return [...places.values()];
}

function labelsNow(n: number, order: readonly number[][], { blocks, groups }: BlockModel): (string | null)[] {
  const labels = new Array<string | null>(n).fill(null);
  order.forEach((places, b) => places.forEach((unit, i) => (labels[unit] = groups[blocks[b]!.labels[i]!]!)));
  return labels;
}

function answerOf(
  seen: readonly Seen[],
  counting: ReturnType<typeof countDeals>,
  { method, arrangements, draws }: Dealer,
  facts: {
    unanswered: LabelDeals['unanswered'];
    dfBetween: number;
    df: number;
    spread: number;
    spreadRatio: number | null;
    containers: number;
    blocks: number;
    level: boolean;
  },
): LabelDeals {
  const { dfBetween, level, ...kept } = facts;
  const { n, alone, among, overall, each, greatest, f } = counting.counted(draws !== null);
  const smallest = (ascending: Float64Array) =>
    ascending.filter((size) => size >= ascending[ascending.length - 1]! * (1 - TIE)).length / n;
  const smallestP = smallest(greatest);
  const tooFew = smallestP >= LEVEL;
  const critical = criticalSize(greatest);
  return {
    ...kept,
    contrasts: seen.map((one, q) => {
      const none = level || smallest(each[q]!) >= LEVEL;
      return {
        ...one,
        pAlone: alone[q]!,
        pAmong: among[q]!,
        interval: level || tooFew ? null : intervalOf(one, critical, among[q]! < LEVEL),
        intervalAlone: none ? null : intervalOf(one, criticalSize(each[q]!), alone[q]! < LEVEL),
      };
    }),
    overall: { f, p: overall, dfBetween },
    smallestP,
    tooFew,
    deals: n,
    method,
    arrangements,
    draws,
  };
}
