import { noAnswer, type Result } from '../result/result';

/** Carries a kept document from one shape to the next. */
type Step = (earlier: never) => unknown;

/** How documents of a kind are kept: in which shape today, and how those of earlier shapes get there. */
export interface KeptShape<Kept> {
  /** Number of today's shape. */
  readonly now: number;
  /**
   * A document as it was kept, in today's shape. Refused where it is of a later shape than this program knows: what it says there
   * would be lost.
   */
  read(document: unknown, shape: number): Result<{ kept: Kept }>;
}

/**
 * @param name what the documents are, as a refusal names them
 * @param steps the first carries shape 1 to shape 2, and so on; none while there was only one
 */
export function keptShape<Kept>(name: string, steps: readonly Step[]): KeptShape<Kept> {
  const now = steps.length + 1;
  return {
    now,
    read: (document, shape) => {
      if (!Number.isInteger(shape) || shape < 1 || shape > now)
        return noAnswer(
          `${name} was kept by a later version of this program (shape ${shape}, known here: ${now}). Bring this program up to date.`,
        );
      return { ok: true, kept: steps.slice(shape - 1).reduce<unknown>((kept, step) => step(kept as never), document) as Kept };
    },
  };
}
