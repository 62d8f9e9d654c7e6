import { type LabelledBlock } from './arrangements';
import { invert } from './leastSquares';
import { centredBlocks, type Unit } from './units';

/**
 * Values of containers as block + treatment (Fisher 1935), prepared for labels that are dealt again within blocks. How many of
 * each treatment a block holds does not change by that, so all that depends on it is worked out once: only the sums of the
 * centred values by label have to be made anew.
 */
export interface BlockModel {
  /** Treatments that can be compared with the first through blocks in common, the first among them. */
  groups: string[];
  /** Those that share no block with them, not even by way of others: nothing tells them from their blocks. */
  apart: string[];
  /** Values about their block mean, with the place of their treatment in `groups`. */
  blocks: LabelledBlock[];
  /** Number of values of each treatment. */
  counts: number[];
  /** Inverse of the information on treatments, the first counting as 0. */
  inverse: number[][];
  /** Information on treatments that is left within blocks. */
  information: number[][];
  /** Σ squares about block means. */
  total: number;
  /** Degrees of freedom within blocks and treatments. */
  df: number;
}

/** Treatments joined to `first` by blocks that hold two of them, directly or by way of others. */
function joinedTo(first: string, units: readonly Unit[]): Set<string> {
  const joined = new Set([first]);
  const held = new Map<string, Set<string>>();
  for (const u of units) held.set(u.block, (held.get(u.block) ?? new Set()).add(u.treatment));
  for (let grown = true; grown;) {
    grown = false;
    for (const treatments of held.values())
      if ([...treatments].some((t) => joined.has(t)))
        for (const t of treatments)
          if (!joined.has(t)) {
            joined.add(t);
            grown = true;
          }
  }
  return joined;
}

/**
 * @param groups treatments in order; differences are taken from the first, which has to have a value
 * @param units one value a container; those of other treatments are left out
 */
export function blockModel(units: readonly Unit[], groups: readonly string[]): BlockModel {
  const asked = units.filter((u) => groups.includes(u.treatment));
  const joined = joinedTo(groups[0]!, asked);
  const own = groups.filter((g) => joined.has(g) && asked.some((u) => u.treatment === g));
  const blocks = centredBlocks(
    asked.filter((u) => joined.has(u.treatment)),
    own,
  );
  const t = own.length;
  const counts = new Array<number>(t).fill(0);
  const information = own.map(() => new Array<number>(t).fill(0));
  for (const { labels } of blocks) {
    const here = new Array<number>(t).fill(0);
    for (const l of labels) here[l]!++;
    for (let j = 0; j < t; j++) {
      counts[j]! += here[j]!;
      for (let k = 0; k < t; k++) information[j]![k]! += (j === k ? here[j]! : 0) - (here[j]! * here[k]!) / labels.length;
    }
  }
  const inner = invert(information.slice(1).map((row) => row.slice(1))) ?? [];
  const inverse = own.map((_, j) => own.map((__, k) => (j === 0 || k === 0 ? 0 : inner[j - 1]![k - 1]!)));
  const values = blocks.reduce((n, b) => n + b.values.length, 0);
  return {
    groups: own,
    apart: groups.filter((g) => !own.includes(g) && asked.some((u) => u.treatment === g)),
    blocks,
    counts,
    inverse,
    information,
    total: blocks.reduce((sum, b) => b.values.reduce((s, v) => s + v * v, sum), 0),
    df: values - blocks.length - t + 1,
  };
}

/** Σ of centred values by label, as the labels lie now. */
export function sumsByLabel({ blocks }: Pick<BlockModel, 'blocks'>, into: Float64Array): Float64Array {
  into.fill(0);
  for (const { values, labels } of blocks) for (let i = 0; i < values.length; i++) into[labels[i]!]! += values[i]!;
  return into;
}

/** Effects of treatments against the first, from their sums. */
export function effectsOf({ inverse }: Pick<BlockModel, 'inverse'>, sums: Float64Array, into: Float64Array): Float64Array {
  for (let j = 0; j < into.length; j++) {
    const row = inverse[j]!;
    let effect = 0;
    for (let k = 1; k < sums.length; k++) effect += row[k]! * sums[k]!;
    into[j] = effect;
  }
  return into;
}

/** What block and treatment leave of each value, in the order of the units that are in the model; null where nothing is left to judge by. */
export function residualsOf(units: readonly Unit[], groups: readonly string[]): { fitted: number; residual: number }[] | null {
  const model = blockModel(units, groups);
  if (model.groups.length < 1 || model.df < 1) return null;
  const effects = effectsOf(
    model,
    sumsByLabel(model, new Float64Array(model.groups.length)),
    new Float64Array(model.groups.length),
  );
  const effect = (u: Unit) => effects[model.groups.indexOf(u.treatment)]!;
  const levels = new Map<string, { sum: number; n: number }>();
  const inModel = units.filter((u) => model.groups.includes(u.treatment));
  for (const u of inModel) {
    const level = levels.get(u.block) ?? { sum: 0, n: 0 };
    levels.set(u.block, { sum: level.sum + u.value - effect(u), n: level.n + 1 });
  }
  return inModel.map((u) => {
    const { sum, n } = levels.get(u.block)!;
    const fitted = sum / n + effect(u);
    return { fitted, residual: u.value - fitted };
  });
}
