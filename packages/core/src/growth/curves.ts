import { say } from '@bright-sprout/words/say';
/** The growth curves, in the parameters in which they are reported; t in days (any unit), y in mm (any unit). */

export type CurveName = 'linear' | 'monomolecular' | 'logistic' | 'gompertz' | 'richards';

/** Where growth is fastest; for the monomolecular curve that is at the first time. */
export interface FastestGrowth {
  t: number;
  y: number;
  rate: number;
}

export interface GrowthCurve {
  name: CurveName;
  /** Names of the parameters, in order. */
  parameters: readonly string[];
  value: (p: readonly number[], t: number) => number;
  /** Level that growth tends to; null for a straight line, which tends to none. */
  asymptote: (p: readonly number[]) => number | null;
  /** Inflection and greatest rate; null for a curve without an inflection. */
  inflection: (p: readonly number[]) => FastestGrowth | null;
  /** Rate of growth at a time. */
  rate: (p: readonly number[], t: number) => number;
  /** Whether the parameters describe growth that levels off. */
  allowed: (p: readonly number[]) => boolean;
}

/** y = intercept + slope·t: what growth looks like while nothing slows it down. */
const linear: GrowthCurve = {
  name: 'linear',
  parameters: ['intercept', 'slope'],
  value: ([intercept, slope], t) => intercept! + slope! * t,
  asymptote: () => null,
  inflection: () => null,
  rate: ([, slope]) => slope!,
  allowed: () => true,
};

/** y = Asym + (R0 − Asym)·exp(−e^lrc·t) (Mitscherlich 1909). */
const monomolecular: GrowthCurve = {
  name: 'monomolecular',
  get parameters() {
    return [say('growth.asym'), 'R0', 'lrc'];
  },
  value: ([asym, r0, lrc], t) => asym! + (r0! - asym!) * Math.exp(-Math.exp(lrc!) * t),
  asymptote: ([asym]) => asym!,
  inflection: () => null,
  rate: (p, t) => Math.exp(p[2]!) * (p[0]! - monomolecular.value(p, t)),
  allowed: ([asym, r0]) => asym! > r0!,
};

/** y = Asym/(1 + exp((xmid − t)/scal)) (Verhulst 1838). */
const logistic: GrowthCurve = {
  name: 'logistic',
  get parameters() {
    return [say('growth.asym'), 'xmid', 'scal'];
  },
  value: ([asym, xmid, scal], t) => asym! / (1 + Math.exp((xmid! - t) / scal!)),
  asymptote: ([asym]) => asym!,
  inflection: ([asym, xmid, scal]) => ({ t: xmid!, y: asym! / 2, rate: asym! / (4 * scal!) }),
  rate: (p, t) => {
    const y = logistic.value(p, t);
    return (y * (1 - y / p[0]!)) / p[2]!;
  },
  allowed: ([asym, , scal]) => asym! > 0 && scal! > 0,
};

/** y = Asym·exp(−b2·b3^t) (Gompertz 1825). */
const gompertz: GrowthCurve = {
  name: 'gompertz',
  get parameters() {
    return [say('growth.asym'), 'b2', 'b3'];
  },
  value: ([asym, b2, b3], t) => asym! * Math.exp(-b2! * b3! ** t),
  asymptote: ([asym]) => asym!,
  inflection: ([asym, b2, b3]) => {
    const k = -Math.log(b3!);
    return { t: Math.log(b2!) / k, y: asym! / Math.E, rate: (asym! * k) / Math.E };
  },
  rate: (p, t) => -Math.log(p[2]!) * p[1]! * p[2]! ** t * gompertz.value(p, t),
  allowed: ([asym, b2, b3]) => asym! > 0 && b2! > 0 && b3! > 0 && b3! < 1,
};

/** y = b1/(1 + exp(b2 − b3·t))^(1/b4) (Richards 1959). */
const richards: GrowthCurve = {
  name: 'richards',
  parameters: ['b1', 'b2', 'b3', 'b4'],
  value: ([b1, b2, b3, b4], t) => b1! / (1 + Math.exp(b2! - b3! * t)) ** (1 / b4!),
  asymptote: ([b1]) => b1!,
  inflection: ([b1, b2, b3, b4]) => ({
    t: (b2! - Math.log(b4!)) / b3!,
    y: b1! / (1 + b4!) ** (1 / b4!),
    rate: (b1! * b3!) / (1 + b4!) ** (1 + 1 / b4!),
  }),
  rate: (p, t) => {
    const e = Math.exp(p[1]! - p[2]! * t);
    return (richards.value(p, t) * p[2]! * e) / (p[3]! * (1 + e));
  },
  allowed: ([b1, , b3, b4]) => b1! > 0 && b3! > 0 && b4! > 0,
};

export const CURVES: Record<CurveName, GrowthCurve> = { linear, monomolecular, logistic, gompertz, richards };

/** Values by the names of a curve's parameters. */
export function named({ parameters }: GrowthCurve, values: readonly number[]): Record<string, number> {
  return Object.fromEntries(parameters.map((name, i) => [name, values[i]!]));
}

/** The same in the order of the curve's parameters. */
export function inOrder({ parameters }: GrowthCurve, values: Readonly<Record<string, number>>): number[] {
  return parameters.map((name) => values[name]!);
}
