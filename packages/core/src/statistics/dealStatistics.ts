import { TIE } from './arrangements';
import { type BlockModel, effectsOf } from './blockModel';
import { type Question } from './dealContrasts';
import { invert } from './leastSquares';

/**
 * The spread of a treatment's own containers counts, drawn towards the spread of all as if by so many more containers (Smyth
 * 2004): with few containers its own is too uncertain, with unequal ones the common one is wrong.
 */
const DRAWN_BY = 2;

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
export function statistics(model: BlockModel, questions: readonly Question[]) {
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
