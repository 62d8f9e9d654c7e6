import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { numberInWords } from '../words/numberInWords';
import { type Question } from '../compare/question';
import { type Shown } from '../compare/shown';
import { type Contrast, isClear, type Sureness } from '../compare/sureness';
import { type GradeBand } from '../words/gradeBand';
import { toldSize } from './contrastWords';

/** A p as it stands in a table. */
export const showP = (p: number) => (p < 0.001 ? `< ${decimal(0.001, 3)}` : decimal(p, p < 0.1 ? 3 : 2));

/** `p = 0.043`, `p < 0.001`. */
export const sayP = (p: number) => say('claims.pValue', { isBound: p < 0.001, p: showP(p) });

/** How often luck does something: `less than once in 1,000`, `once in 100`, `7 times in 100`. */
export function oftenInWords(p: number): string {
  if (p < 0.001) return say('claims.lessOnce');
  if (p < 0.01) return say('claims.lessThanOnceInHundred');
  const times = Math.max(1, Math.round(100 * p));
  return say('claims.oneTimesIn', { times });
}

/** A number of ways as it can be read; beyond a million millions nobody counts zeros. */
export function waysWords(ways: number): string {
  if (ways < 1e12) return numberInWords(ways);
  return Number.isFinite(ways)
    ? say('claims.powerOfTen', { exponent: Math.round(Math.log10(ways)) })
    : say('claims.moreWrittenDown');
}

export type Within = 'teams' | 'treatments' | 'none';

/** What labels stay within when they are dealt again; none where all stand together. */
export function dealtWithin({ blocks }: Pick<Sureness, 'blocks'>, { between }: Pick<Question, 'between'>): Within {
  if (blocks < 2) return 'none';
  return between === 'teams' ? 'treatments' : 'teams';
}

/** How the labels were dealt: all ways counted, or so many drawn. */
export function dealtWords(
  sureness: Pick<Sureness, 'method' | 'arrangements' | 'draws' | 'blocks'>,
  question: Pick<Question, 'between'>,
): string {
  const { method, arrangements, draws } = sureness;
  const labels = say('claims.labelsWithin', { within: dealtWithin(sureness, question) });
  const ways = waysWords(arrangements);
  return method === 'exact'
    ? say('claims.waysDeal', { ways, labels })
    : say('claims.dealsDrawnWays', { draws: numberInWords(draws!), labels, ways });
}

/**
 * A difference with its interval; where teams that lost a container lean on the plain means so that it shows in the digits, both.
 * @param control what goes without saying as what it is held against
 */
export function contrastNumbers(c: Contrast, shown: Shown, control: string, within: Within): string {
  const { asked, interval, estimate, plain } = c;
  const size = toldSize(c);
  const signed = (v: number) => shown.signed(v * size);
  const against = asked.kind === 'difference' && asked.where === undefined && asked.against !== control ? asked.against : null;
  return say('claims.difference', {
    estimate: signed(estimate),
    hasAgainst: against !== null,
    against,
    hasInterval: Boolean(interval),
    low: interval && signed(interval.low),
    high: interval && signed(interval.high),
    plainDiffers: plain !== null && signed(plain) !== signed(estimate) && within !== 'none',
    plain: plain !== null && signed(plain),
    within,
  });
}

/** In how many deals luck does as much: for the youngest whether at all, then in a hundred, from 14 on as p, alone and among all looked at. */
export function luckWords(c: Contrast, { contrasts }: Pick<Sureness, 'contrasts'>, band: GradeBand): string {
  const several = contrasts.length > 1;
  if (band === 'early') return isClear(c) ? say('claims.luckAloneHardly') : say('claims.luckDone');
  if (band === 'primary') return say('claims.luckMakesGapBig', { oftenInWords: oftenInWords(c.pAmong) });
  if (band === 'middle')
    return say('claims.dealtAgainLuckAlone', {
      often: oftenInWords(c.pAlone),
      oftenAmongAll: oftenInWords(c.pAmong),
      several,
    });
  return say('claims.aloneAmongLooked', {
    sayP: sayP(c.pAlone),
    showP: showP(c.pAmong),
    countContrasts: contrasts.length,
    several,
  });
}
