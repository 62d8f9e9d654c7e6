import { say } from '@bright-sprout/words/say';
import { generatorFrom } from '../random/generator';
import { type Arrangements, choose, type Drawing, EXACT_LIMIT, needsASeed, TIE, USUAL_DRAWS } from './arrangements';
import { mean } from './descriptives';
import { exactDeals } from './exactDeals';
import { noAnswer, type Result } from '../result/result';
import { type Unit } from './units';

export interface PermutationTest extends Arrangements {
  /** Mean over blocks of (treated mean − control mean), in the unit of the values. */
  statistic: number;
  /** Share of deals at least as far from 0. */
  pTwoSided: number;
  /** Share of deals at least as high, and at least as low, as the one seen. */
  pGreater: number;
  pLess: number;
  /** Blocks in which both treatments are present; the others cannot speak. */
  blocks: number;
  /** Smallest two-sided p that these blocks can give at all. */
  smallestP: number;
}

/**
 * Shuffles the labels of two treatments within blocks. The statistic is the mean over blocks of the difference of means within
 * the block, which is the overall difference where blocks are alike. Every deal is counted where values are decimals of a few
 * digits (by convolution) or where there are at most `EXACT_LIMIT` deals; beyond that random ones are drawn, with
 * p = (b + 1)/(m + 1) (Phipson and Smyth 2010).
 * @param drawing only asked for where not every deal can be counted
 */
export function permuteTwoWithinBlocks(
  units: readonly Unit[],
  control: string,
  treated: string,
  drawing: Drawing | null = null,
): Result<PermutationTest> {
  const blocks = bothPresent(units, control, treated);
  if (blocks.length === 0) return noAnswer(say('statistics.teamBothTreatmentsLabels'));
  const arrangements = blocks.reduce((product, b) => product * choose(b.values.length, b.treated), 1);
  if (arrangements === 1) return noAnswer(say('statistics.onlyWayDealLabels'));
  const observed = mean(blocks.map((b) => b.observed));
  const slack = TIE * Math.max(1e-300, ...blocks.flatMap((b) => b.values.map(Math.abs)));
  const counted = everyDeal(blocks, arrangements);
  if (counted !== null) {
    const p = sharesOf(counted, observed, slack);
    return { ok: true, statistic: observed, ...p, method: 'exact', arrangements, draws: null, blocks: blocks.length };
  }
  if (drawing === null) return noAnswer(needsASeed());
  const { seed, draws = USUAL_DRAWS } = drawing;
  const random = generatorFrom(seed);
  const drawn = new Map<number, number>();
  for (let draw = 0; draw < draws; draw++) {
    const statistic = mean(blocks.map((b) => differenceOf(random.shuffle(b.values), b.treated)));
    drawn.set(statistic, (drawn.get(statistic) ?? 0) + 1);
  }
  const shares = sharesOf(drawn, observed, slack);
  const corrected = (share: number) => (share * draws + 1) / (draws + 1);
  return {
    ok: true,
    statistic: observed,
    pTwoSided: corrected(shares.pTwoSided),
    pGreater: corrected(shares.pGreater),
    pLess: corrected(shares.pLess),
    smallestP: 1 / (draws + 1),
    method: 'random',
    arrangements,
    draws,
    blocks: blocks.length,
  };
}

/** Statistic → ways, over every deal; null where there are too many. */
function everyDeal(blocks: readonly Block[], arrangements: number): Map<number, number> | null {
  const whole = exactDeals(blocks);
  if (whole !== null) return new Map([...whole.deals].map(([sum, ways]) => [(sum * whole.step) / blocks.length, ways]));
  if (arrangements > EXACT_LIMIT) return null;
  let sums = [0];
  for (const block of blocks) {
    const own = everyDifference(block);
    sums = sums.flatMap((sum) => own.map((d) => sum + d));
  }
  const counted = new Map<number, number>();
  for (const sum of sums) counted.set(sum / blocks.length, (counted.get(sum / blocks.length) ?? 0) + 1);
  return counted;
}

/** Shares of deals at least as extreme as the one seen, and of the most extreme ones. */
function sharesOf(
  deals: ReadonlyMap<number, number>,
  observed: number,
  slack: number,
): Pick<PermutationTest, 'pTwoSided' | 'pGreater' | 'pLess' | 'smallestP'> {
  let [all, twoSided, greater, less, greatest, extremes] = [0, 0, 0, 0, 0, 0];
  for (const [statistic, ways] of deals) {
    all += ways;
    if (Math.abs(statistic) >= Math.abs(observed) - slack) twoSided += ways;
    if (statistic >= observed - slack) greater += ways;
    if (statistic <= observed + slack) less += ways;
    greatest = Math.max(greatest, Math.abs(statistic));
  }
  for (const [statistic, ways] of deals) if (Math.abs(statistic) >= greatest - slack) extremes += ways;
  return { pTwoSided: twoSided / all, pGreater: greater / all, pLess: less / all, smallestP: extremes / all };
}

interface Block {
  values: number[];
  treated: number;
  observed: number;
}

function bothPresent(units: readonly Unit[], control: string, treated: string): Block[] {
  const names = [...new Set(units.map((u) => u.block))];
  return names.flatMap((name) => {
    const a = units.filter((u) => u.block === name && u.treatment === control).map((u) => u.value);
    const b = units.filter((u) => u.block === name && u.treatment === treated).map((u) => u.value);
    return a.length > 0 && b.length > 0 ? [{ values: [...b, ...a], treated: b.length, observed: mean(b) - mean(a) }] : [];
  });
}

/** Mean of the first `treated` values minus mean of the rest. */
function differenceOf(values: readonly number[], treated: number): number {
  let first = 0;
  let rest = 0;
  for (let i = 0; i < values.length; i++)
    if (i < treated) first += values[i]!;
    else rest += values[i]!;
  return first / treated - rest / (values.length - treated);
}

/** The difference of means for every choice of the treated containers of one block. */
function everyDifference({ values, treated }: Block): number[] {
  const total = values.reduce((sum, v) => sum + v, 0);
  const others = values.length - treated;
  const found: number[] = [];
  const pick = (from: number, left: number, sum: number): void => {
    if (left === 0) {
      found.push(sum / treated - (total - sum) / others);
      return;
    }
    for (let i = from; i <= values.length - left; i++) pick(i + 1, left - 1, sum + values[i]!);
  };
  pick(0, treated, 0);
  return found;
}
