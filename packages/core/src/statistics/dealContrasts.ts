import { say } from '@bright-sprout/words/say';
import { type BlockModel } from './blockModel';
import { mean } from './descriptives';

/** A question about treatments: a weighted sum of their effects (weights add up to 0), or the slope along amounts. */
export type Wanted = { key: string } & (
  | { weights: Readonly<Record<string, number>>; along?: undefined }
  | { along: Readonly<Record<string, number>>; weights?: undefined }
);

/** A question as the model computes it. */
export interface Question {
  key: string;
  /** Weight of each treatment of the model. */
  weights: number[];
  /** Part of the sampling variance that each treatment's containers bring, for a variance of 1. */
  parts: number[];
}

/** Questions that the model can answer, and why it cannot answer the others. */
export function questionsOf(model: BlockModel, wanted: readonly Wanted[]) {
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
  if (missing.some((g) => apart.includes(g))) return say('statistics.sharesTeamComparedNothing');
  if (missing.length > 0) return say('statistics.comparedValue');
  return groups.map((g) => weights[g] ?? 0);
}

/** The least-squares slope on amounts as weights of treatment effects: C·x / x′C·x. */
function slopeWeights({ groups, information }: BlockModel, along: Readonly<Record<string, number>>): number[] | string {
  if (groups.some((g) => !Number.isFinite(along[g]))) return say('statistics.everyTreatmentSeriesNeeds');
  const amounts = groups.map((g) => along[g]!);
  if (new Set(amounts).size < 3) return say('statistics.seriesNeedsValuesThree');
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
