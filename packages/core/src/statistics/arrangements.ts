import { say } from '@bright-sprout/words/say';
import { generatorFrom } from '../random/generator';
import { noAnswer, type Result } from '../result/result';

/** The containers of one team: their values and the number of the treatment each label says. Labels are shuffled in place. */
export interface LabelledBlock {
  values: number[];
  labels: number[];
}

/** Up to so many arrangements every one is counted. */
export const EXACT_LIMIT = 200_000;

/** Statistics that differ by less than this share of their size are equal: floating point must not split ties. */
export const TIE = 1e-9;

/** How labels are dealt where there are too many ways to count them all: the same seed gives the same deals. */
export interface Drawing {
  seed: number;
  /** Deals that are drawn; 10,000 without it. */
  draws?: number;
}

export const USUAL_DRAWS = 10_000;

/** Said where counting is out of reach and nobody gave a seed. */
export const needsASeed = () => say('statistics.tooManyWaysDeal');

/** `exact` counted every arrangement; `random` drew some of them. */
export interface Arrangements {
  method: 'exact' | 'random';
  /** Ways in which the labels can be dealt, whether all were counted or some were drawn. */
  arrangements: number;
  /** Deals that were drawn; null where all were counted. */
  draws: number | null;
}

/** Binomial coefficient as a plain number. */
export function choose(n: number, k: number): number {
  let product = 1;
  for (let i = 1; i <= Math.min(k, n - k); i++) product = (product * (n - i + 1)) / i;
  return Math.round(product);
}

/** Ways to deal the labels of a block. */
export function waysToLabel(labels: readonly number[]): number {
  const counts = [...new Set(labels)].map((l) => labels.filter((v) => v === l).length);
  let [ways, left] = [1, labels.length];
  for (const count of counts) {
    ways *= choose(left, count);
    left -= count;
  }
  return ways;
}

/** Deals labels one way after the other, in place. */
export interface Dealer extends Arrangements {
  /** Deals once more; false once every way, or as many as were to be drawn, have been dealt. */
  next: () => boolean;
}

/** Every way to deal the labels within blocks where there are at most `EXACT_LIMIT`, else random ones. */
export function dealer(blocks: readonly LabelledBlock[], drawing: Drawing | null): Result<Dealer> {
  const arrangements = blocks.reduce((product, b) => product * waysToLabel(b.labels), 1);
  if (arrangements <= EXACT_LIMIT) return { ok: true, method: 'exact', arrangements, draws: null, next: everyWay(blocks) };
  if (drawing === null) return noAnswer(needsASeed());
  const { seed, draws = USUAL_DRAWS } = drawing;
  const random = generatorFrom(seed);
  let left = draws;
  const next = () => {
    if (left-- <= 0) return false;
    for (const { labels } of blocks)
      for (let i = labels.length - 1; i > 0; i--) {
        const j = random.pick(i + 1);
        const label = labels[i]!;
        labels[i] = labels[j]!;
        labels[j] = label;
      }
    return true;
  };
  return { ok: true, method: 'random', arrangements, draws, next };
}

/** Counts through the orders of all blocks, as a counter of wheels does. */
function everyWay(blocks: readonly LabelledBlock[]): () => boolean {
  const orders = blocks.map((b) => distinctOrders(b.labels));
  const at = blocks.map(() => 0);
  const lay = (block: number) => {
    const order = orders[block]![at[block]!]!;
    for (let i = 0; i < order.length; i++) blocks[block]!.labels[i] = order[i]!;
  };
  let [begun, done] = [false, false];
  return () => {
    if (done) return false;
    if (!begun) {
      begun = true;
      blocks.forEach((_, block) => lay(block));
      return true;
    }
    for (let block = blocks.length - 1; block >= 0; block--) {
      at[block] = (at[block]! + 1) % orders[block]!.length;
      lay(block);
      if (at[block] !== 0) return true;
    }
    done = true;
    return false;
  };
}

function distinctOrders(labels: readonly number[]): number[][] {
  const left = new Map<number, number>();
  for (const l of labels) left.set(l, (left.get(l) ?? 0) + 1);
  const found: number[][] = [];
  const order: number[] = [];
  const add = (): void => {
    if (order.length === labels.length) return void found.push([...order]);
    for (const [label, count] of left) {
      if (count === 0) continue;
      left.set(label, count - 1);
      order.push(label);
      add();
      order.pop();
      left.set(label, count);
    }
  };
  add();
  return found;
}
