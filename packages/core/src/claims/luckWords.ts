import { type Question } from '../compare/question';
import { type Shown } from '../compare/shown';
import { type Contrast, isClear, type Sureness } from '../compare/sureness';
import { type GradeBand } from '../words/gradeBand';
import { toldSize } from './contrastWords';

/** A p as it stands in a table. */
export const showP = (p: number) => (p < 0.001 ? '< 0.001' : p.toFixed(p < 0.1 ? 3 : 2));

/** `p = 0.043`, `p < 0.001`. */
export const sayP = (p: number) => `p ${p < 0.001 ? '' : '= '}${showP(p)}`;

/** How often luck does something: `less than once in 1,000`, `once in 100`, `7 times in 100`. */
export function oftenInWords(p: number): string {
  if (p < 0.001) return 'less than once in 1,000';
  if (p < 0.01) return 'less than once in 100';
  const times = Math.max(1, Math.round(100 * p));
  return `${times === 1 ? 'once' : `${times} times`} in 100`;
}

/** A number of ways as it can be read; beyond a million millions nobody counts zeros. */
export function waysWords(ways: number): string {
  if (ways < 1e12) return Math.round(ways).toLocaleString('en');
  return Number.isFinite(ways) ? `about 10^${Math.round(Math.log10(ways))}` : 'more than can be written down';
}

/** What labels stay within when they are dealt again; null where all stand together. */
export function dealtWithin({ blocks }: Pick<Sureness, 'blocks'>, { between }: Pick<Question, 'between'>): string | null {
  if (blocks < 2) return null;
  return between === 'teams' ? 'treatments' : 'teams';
}

/** How the labels were dealt: all ways counted, or so many drawn. */
export function dealtWords(
  sureness: Pick<Sureness, 'method' | 'arrangements' | 'draws' | 'blocks'>,
  question: Pick<Question, 'between'>,
): string {
  const { method, arrangements, draws } = sureness;
  const within = dealtWithin(sureness, question);
  const labels = `the labels${within === null ? '' : ` within ${within}`}`;
  const ways = waysWords(arrangements);
  return method === 'exact'
    ? `all ${ways} ways to deal ${labels}`
    : `${draws!.toLocaleString('en')} deals of ${labels}, drawn from ${ways} ways`;
}

/**
 * A difference with its interval; where teams that lost a container lean on the plain means so that it shows in the digits, both.
 * @param control what goes without saying as what it is held against
 */
export function contrastNumbers(c: Contrast, shown: Shown, control: string, within: string | null): string {
  const { asked, interval, estimate, plain } = c;
  const size = toldSize(c);
  const say = (v: number) => shown.signed(v * size);
  const against =
    asked.kind === 'difference' && asked.where === undefined && asked.against !== control ? ` against ${asked.against}` : '';
  const range = interval ? `, 95 % interval ${say(interval.low)} to ${say(interval.high)}` : '';
  const both =
    plain !== null && say(plain) !== say(estimate) && within !== null
      ? ` Plain difference of means: ${say(plain)}; within ${within} it is fairer.`
      : '';
  return `${say(estimate)}${against}${range}.${both}`;
}

/** In how many deals luck does as much: for the youngest whether at all, then in a hundred, from 14 on as p, alone and among all looked at. */
export function luckWords(c: Contrast, { contrasts }: Pick<Sureness, 'contrasts'>, band: GradeBand): string {
  const several = contrasts.length > 1;
  if (band === 'early') return isClear(c) ? 'luck alone hardly does that.' : 'luck could have done that.';
  if (band === 'primary') return `Luck makes a gap this big ${oftenInWords(c.pAmong)} deals.`;
  if (band === 'middle')
    return `Dealt again, luck alone makes a gap this big ${oftenInWords(c.pAlone)} deals${several ? `; counting how many we looked at, ${oftenInWords(c.pAmong)} deals` : ''}.`;
  return `${sayP(c.pAlone)} alone${several ? `, ${showP(c.pAmong)} among all ${contrasts.length} looked at` : ''}.`;
}
