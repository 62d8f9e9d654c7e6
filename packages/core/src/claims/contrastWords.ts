import { say } from '@bright-sprout/words/say';
import { type Contrast } from '../compare/sureness';

/** `25 mmol/L` */
export const amountWords = (value: number, unit: string) => `${Number(value.toPrecision(3))}${unit && ` ${unit}`}`;

/** What a contrast is called in a list. */
export function contrastName({ asked }: Pick<Contrast, 'asked'>): string {
  switch (asked.kind) {
    case 'difference':
      return asked.where === undefined ? asked.of : `${asked.of} (${asked.where})`;
    case 'main':
      return say('claims.overAllOf', { of: asked.of, over: asked.over });
    case 'interaction':
      return say('claims.meets', { of: asked.of, at: asked.at });
    case 'slope':
      return say('claims.eachMore', { amountWords: amountWords(asked.step, asked.unit), factor: asked.factor });
  }
}

/** Its size as it is told: a slope for one step of its amounts. */
export const toldSize = ({ asked }: Pick<Contrast, 'asked'>): number => (asked.kind === 'slope' ? asked.step : 1);
