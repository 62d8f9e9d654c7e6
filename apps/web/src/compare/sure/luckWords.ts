import { type Contrast, type Sureness } from '@bright-sprout/core/compare/sureness';
import { type GradeBand } from '@bright-sprout/core/words/gradeBand';

export const showP = (p: number) => (p < 0.001 ? '< 0.001' : p.toFixed(p < 0.1 ? 3 : 2));

/** `p = 0.043`, `p < 0.001`. */
export const sayP = (p: number) => `p ${p < 0.001 ? '' : '= '}${showP(p)}`;

/** A number of ways as it can be read; beyond a million millions nobody counts zeros. */
export function waysWords(ways: number): string {
  if (ways < 1e12) return Math.round(ways).toLocaleString('en');
  return Number.isFinite(ways) ? `about 10^${Math.round(Math.log10(ways))}` : 'more than can be written down';
}

/** How the labels were dealt: all ways counted, or so many drawn. */
export function dealtWords({ method, arrangements, draws }: Pick<Sureness, 'method' | 'arrangements' | 'draws'>): string {
  const ways = waysWords(arrangements);
  return method === 'exact'
    ? `all ${ways} ways to deal the labels within teams`
    : `${draws!.toLocaleString('en')} deals of the labels within teams, drawn from ${ways} ways`;
}

/** In how many deals luck does as much: for the younger in a hundred, from 14 on as p, alone and among all looked at. */
export function luckWords(c: Contrast, sureness: Sureness, band: GradeBand): string {
  const several = sureness.contrasts.length > 1;
  if (band === 'early' || band === 'primary') return `Luck makes a gap this big ${inHundred(c.pAmong)}.`;
  if (band === 'middle')
    return `Dealt again, luck alone makes a gap this big ${inHundred(c.pAlone)}${several ? `; counting how many we looked at, ${inHundred(c.pAmong)}` : ''}.`;
  return `${sayP(c.pAlone)} alone${several ? `, ${showP(c.pAmong)} among all ${sureness.contrasts.length} looked at` : ''}.`;
}

function inHundred(p: number): string {
  if (p < 0.001) return 'less than once in 1,000 deals';
  if (p < 0.01) return 'less than once in 100 deals';
  const times = Math.max(1, Math.round(100 * p));
  return `${times === 1 ? 'once' : `${times} times`} in 100 deals`;
}
