import { noAnswer, type Result } from '../result/result';
import { type Arrangements, type Dealer, dealer, type Drawing, TIE } from './arrangements';
import { type BlockModel, blockModel, effectsOf } from './blockModel';
import { invert } from './leastSquares';
import { type Interval, mean } from './descriptives';
import { type Unit } from './units';

/** A question about treatments: a weighted sum of their effects (weights add up to 0), or the slope along amounts. */
export type Wanted = { key: string } & (
  | { weights: Readonly<Record<string, number>>; along?: undefined }
  | { along: Readonly<Record<string, number>>; weights?: undefined }
);

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

/** Below this an interval leaves zero out. */
const LEVEL = 0.05;

/**
 * The spread of a treatment's own containers counts, drawn towards the spread of all as if by so many more containers (Smyth
 * 2004): with few containers its own is too uncertain, with unequal ones the common one is wrong.
 */
const DRAWN_BY = 2;

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

interface Question {
  key: string;
  /** Weight of each treatment of the model. */
  weights: number[];
  /** Part of the sampling variance that each treatment's containers bring, for a variance of 1. */
  parts: number[];
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
  if (present.length < 2) return noAnswer('There are not two groups with a value, so there is nothing to compare.');
  const model = blockModel(units, present);
  if (model.groups.length < 2) return noAnswer('No team has two of what is compared, so nothing tells it apart from the teams.');
  if (model.df < 1) return noAnswer('There are too few containers to judge the spread by.');
  if (model.total === 0) return noAnswer('All values of each team are equal, so there is no spread to judge by.');
  const { questions, unanswered } = questionsOf(model, wanted);
  if (questions.length === 0) return noAnswer(unanswered[0]?.reason ?? 'Nothing is asked of these groups.');
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

function questionsOf(model: BlockModel, wanted: readonly Wanted[]) {
  const questions: Question[] = [];
  const unanswered: { key: string; reason: string }[] = [];
  for (const want of wanted) {
    const weights = want.along ? slopeWeights(model, want.along) : weightsOf(model, want.weights);
    if (typeof weights === 'string') unanswered.push({ key: want.key, reason: weights });
    else questions.push({ key: want.key, weights, parts: partsOf(model, weights) });
  }
  return { questions, unanswered };
}

function weightsOf({ groups, apart }: BlockModel, weights: Readonly<Record<string, number>>): number[] | string {
  const missing = Object.keys(weights).filter((g) => weights[g] !== 0 && !groups.includes(g));
  if (missing.some((g) => apart.includes(g)))
    return 'It shares no team with what it is compared with, so nothing tells it apart from the teams.';
  if (missing.length > 0) return 'Not all that is compared has a value.';
  return groups.map((g) => weights[g] ?? 0);
}

/** The least-squares slope on amounts as weights of treatment effects: C·x / x′C·x. */
function slopeWeights({ groups, information }: BlockModel, along: Readonly<Record<string, number>>): number[] | string {
  if (groups.some((g) => !Number.isFinite(along[g]))) return 'Every treatment of a series needs its amount.';
  const amounts = groups.map((g) => along[g]!);
  if (new Set(amounts).size < 3) return 'A series needs at least three different amounts.';
  const along1 = information.map((row) => row.reduce((sum, c, k) => sum + c * amounts[k]!, 0));
  const size = along1.reduce((sum, c, k) => sum + c * amounts[k]!, 0);
  return along1.map((c) => c / size);
}

/** The estimate is Σ cᵢ·valueᵢ; what each treatment's containers bring is the sum of their cᵢ². */
function partsOf({ blocks, inverse, groups }: BlockModel, weights: readonly number[]): number[] {
  const pull = groups.map((_, k) => weights.reduce((sum, w, j) => sum + w * inverse[j]![k]!, 0));
  const parts = groups.map(() => 0);
  for (const { labels } of blocks) {
    const centre = mean(labels.map((l) => pull[l]!));
    for (const l of labels) parts[l]! += (pull[l]! - centre) ** 2;
  }
  return parts;
}

/**
 * What residuals say of each treatment's own variance. A residual is mixed from all containers of its block, so the sums of
 * squares Sₖ of treatments are mixed from all variances, E(S) = M·σ²: `unmix` is the inverse of M (Rao's MINQUE with equal
 * weights; Grubbs 1948 for whole blocks), null where it has none, as with two treatments in whole teams, where the common spread serves both.
 * `freedom` is the number of containers' worth of residuals, Σ (1 − leverage).
 */
function ownSpread({ blocks, inverse, groups }: BlockModel): { freedom: number[]; unmix: number[][] | null } {
  const k = groups.length;
  const cells = blocks.flatMap(({ labels }, block) => {
    const share = groups.map((_, j) => labels.filter((l) => l === j).length / labels.length);
    return groups.flatMap((_, j) => {
      const n = share[j]! * labels.length;
      return n === 0 ? [] : [{ block, label: j, n, size: labels.length, about: share.map((s, i) => (i === j ? 1 : 0) - s) }];
    });
  });
  const freedom = groups.map(() => 0);
  const mix = groups.map(() => groups.map(() => 0));
  for (const a of cells)
    for (const b of cells) {
      let shared = a.block === b.block ? 1 / a.size : 0;
      for (let i = 1; i < k; i++) for (let j = 1; j < k; j++) shared += a.about[i]! * inverse[i]![j]! * b.about[j]!;
      if (a !== b) {
        mix[a.label]![b.label]! += a.n * b.n * shared * shared;
        continue;
      }
      mix[a.label]![a.label]! += a.n * (1 - shared) ** 2 + a.n * (a.n - 1) * shared * shared;
      freedom[a.label]! += a.n * (1 - shared);
    }
  return { freedom, unmix: invert(mix) };
}

/** Statistics of all questions under the labels as they lie; buffers are made once, since this runs for every deal. */
function statistics(model: BlockModel, questions: readonly Question[]) {
  const { blocks, groups, total, df } = model;
  const { freedom, unmix } = ownSpread(model);
  const k = groups.length;
  const buffer = () => new Float64Array(k);
  const [sums, effects, squares, raw, variances] = [buffer(), buffer(), buffer(), buffer(), buffer()];
  const n = questions.length;
  const now = { estimates: new Float64Array(n), errors: new Float64Array(n), t: new Float64Array(n), left: () => left };
  const least = TIE * total;
  let [left, explained] = [0, 0];
  // By block and label: how many there are does not change, their sums are made anew; squares of residuals follow from both.
  const counts = blocks.map(({ labels }) => Float64Array.from({ length: k }, (_, j) => labels.filter((l) => l === j).length));
  const inBlock = blocks.map(buffer);
  const squared = blocks.map(({ values }) => Float64Array.from(values, (v) => v * v));
  const compute = () => {
    sums.fill(0);
    squares.fill(0);
    for (let b = 0; b < blocks.length; b++) {
      const { values, labels } = blocks[b]!;
      const [own, square] = [inBlock[b]!.fill(0), squared[b]!];
      for (let i = 0; i < labels.length; i++) {
        const label = labels[i]!;
        own[label]! += values[i]!;
        squares[label]! += square[i]!;
      }
      for (let j = 0; j < k; j++) sums[j]! += own[j]!;
    }
    effectsOf(model, sums, effects);
    explained = 0;
    for (let j = 1; j < k; j++) explained += effects[j]! * sums[j]!;
    left = Math.max(total - explained, least);
    for (let b = 0; b < blocks.length; b++) {
      const [own, count] = [inBlock[b]!, counts[b]!];
      let centre = 0;
      for (let j = 0; j < k; j++) centre += count[j]! * effects[j]!;
      centre /= blocks[b]!.labels.length;
      for (let j = 0; j < k; j++) {
        const level = effects[j]! - centre;
        squares[j]! += level * (count[j]! * level - 2 * own[j]!);
      }
    }
    for (let j = 0; j < k; j++) {
      let variance = unmix ? 0 : left / df;
      if (unmix) for (let i = 0; i < k; i++) variance += unmix[j]![i]! * squares[i]!;
      raw[j] = Math.max(0, variance);
      variances[j] = (freedom[j]! * raw[j]! + (DRAWN_BY * left) / df) / (freedom[j]! + DRAWN_BY);
    }
    for (let q = 0; q < n; q++) {
      const { weights, parts } = questions[q]!;
      let [estimate, variance] = [0, 0];
      for (let j = 0; j < k; j++) {
        estimate += weights[j]! * effects[j]!;
        variance += parts[j]! * variances[j]!;
      }
      now.estimates[q] = estimate;
      now.errors[q] = Math.sqrt(variance);
      now.t[q] = estimate / now.errors[q]!;
    }
    return now;
  };
  const f = () => explained / (k - 1) / (left / df);
  /** Spread of each treatment's own containers, where at least two containers' worth are left and they can be told apart. */
  const own = () => (unmix === null ? [] : groups.flatMap((_, j) => (freedom[j]! < 2 ? [] : [Math.sqrt(raw[j]!)])));
  return { compute, f, own };
}

/** Counts deals against what was seen. */
function countDeals(seen: readonly Seen[], f: number, deals: number) {
  const reach = seen.map(({ t }) => Math.abs(t) * (1 - TIE));
  const [alone, among] = [seen.map(() => 0), seen.map(() => 0)];
  const each = seen.map(() => new Float64Array(deals + 1));
  const greatest = new Float64Array(deals + 1);
  let [dealt, overall] = [0, 0];
  const add = (t: Float64Array, fNow: number) => {
    let most = 0;
    for (let q = 0; q < reach.length; q++) {
      const size = Math.abs(t[q]!);
      each[q]![dealt] = size;
      if (size > most) most = size;
      if (size >= reach[q]!) alone[q]!++;
    }
    for (let q = 0; q < reach.length; q++) if (most >= reach[q]!) among[q]!++;
    if (fNow >= f * (1 - TIE)) overall++;
    greatest[dealt] = most;
    dealt++;
  };
  return {
    add,
    /** Counts, the statistics of each question and the greatest ones; where deals were drawn the one seen is one more of them. */
    counted: (drawn: boolean) => {
      const most = Math.max(...seen.map(({ t }) => Math.abs(t)));
      const n = dealt + (drawn ? 1 : 0);
      if (drawn) {
        greatest[dealt] = most;
        seen.forEach(({ t }, q) => (each[q]![dealt] = Math.abs(t)));
      }
      const add1 = (count: number) => (count + (drawn ? 1 : 0)) / n;
      return {
        n,
        alone: alone.map(add1),
        among: among.map(add1),
        overall: add1(overall),
        each: each.map((values) => values.subarray(0, n).sort()),
        greatest: greatest.subarray(0, n).sort(),
        f,
      };
    },
  };
}

/** The largest size that at least one deal in twenty reaches: beyond it p is below 0.05, up to it it is not. */
function criticalSize(ascending: Float64Array): number {
  const n = ascending.length;
  return ascending[n - Math.max(1, Math.ceil(LEVEL * n - 1e-9))]!;
}

/** estimate ± critical × se, held to the side of zero that its p says where rounding would not. */
function intervalOf({ estimate, se }: Seen, critical: number, clear: boolean): Interval {
  const half = critical * se;
  const [low, high] = [estimate - half, estimate + half];
  if (clear) return { low, high };
  return { low: Math.min(low, 0), high: Math.max(high, 0) };
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
