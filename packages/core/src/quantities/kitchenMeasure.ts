import { say } from '@bright-sprout/words/say';
import { type Kitchen, ML_PER } from './volume';

/** A volume that a measuring spoon, cup or jug can give: never less than asked. */
export interface KitchenMeasure {
  ml: number;
  /** `1¾ cups`, `2¼ tsp`, `35 mL`. */
  text: string;
}

/** Floating point must not push an exact quarter to the next one. */
const SLACK = 1e-9;
const METRIC_STEP_ML = 5;
const LITRE_STEP_ML = 50;
const QUARTERS = ['', '¼', '½', '¾'];

/** Rounds a volume in mL up to the next 5 mL, from a litre on to the next 50 mL. */
export function roundUpMetric(ml: number): KitchenMeasure {
  const step = ml > 1000 ? LITRE_STEP_ML : METRIC_STEP_ML;
  const up = Math.max(METRIC_STEP_ML, Math.ceil(ml / step - SLACK) * step);
  return { ml: up, text: up < 1000 ? say('quantities.millilitres', { amount: up }) : `${up / 1000} L` };
}

/** A range as it is measured: `35 mL to 55 mL`, or one volume where both ends round up to it. */
export function metricRange([low, high]: readonly [number, number]): string {
  const [from, to] = [roundUpMetric(low).text, roundUpMetric(high).text];
  return from === to ? from : say('quantities.fromTo', { from, to });
}

/** Rounds a volume in mL up to quarter teaspoons below a quarter cup, and to quarter cups from there on. */
export function roundUpKitchen(ml: number, kitchen: Kitchen): KitchenMeasure {
  const { tsp, cup } = ML_PER[kitchen];
  const quarters = (unit: number) => Math.max(1, Math.ceil((ml / unit) * 4 - SLACK));
  const spoons = ml < cup / 4 - SLACK && quarters(tsp) * (tsp / 4) < cup / 4;
  const count = quarters(spoons ? tsp : cup);
  const whole = Math.floor(count / 4);
  const number = `${whole === 0 ? '' : whole}${QUARTERS[count % 4]}`;
  return {
    ml: (count * (spoons ? tsp : cup)) / 4,
    text: `${number} ${spoons ? say('quantities.tsp') : count > 4 ? say('quantities.cups') : say('quantities.cup')}`,
  };
}
