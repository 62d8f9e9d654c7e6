import { say } from '@bright-sprout/words/say';
import { type Factor, type FactorSubject } from '../../document/planDocument';
import { amountName } from '../../document/levelNames';
import { usualFactor } from '../../document/usualFactor';
import { type FairRule } from '../fairRule';

/** So much between the least and the most hardly shows in a class, by subject and unit; rough, and on the low side. */
const HARDLY_SHOWS: Partial<Record<FactorSubject, Record<string, number>>> = {
  // −0.05 MPa; tap water alone can hold as much.
  salt: { 'mmol/L': 10, 'g/L': 0.6, '%': 0.06 },
  // Tap water of usual hardness takes up 2 mmol/L of acid.
  acid: { 'mL/L': 2.4, 'mmol/L': 2 },
  chalk: { 'g/L': 0.5 },
  feed: { 'mg N/L': 10 },
  temperature: { '°C': 2 },
  depth: { mm: 5 },
  soaking: { h: 1 },
};

/** What lies between the least and the most of a factor; null where not all levels have amounts. */
function between({ levels }: Factor): number | null {
  const amounts = levels.flatMap((l) => (l.amount === null ? [] : [l.amount]));
  return amounts.length === levels.length && amounts.length > 1 ? Math.max(...amounts) - Math.min(...amounts) : null;
}

const isWeak = (factor: Factor): boolean => {
  const least = HARDLY_SHOWS[factor.subject]?.[factor.unit];
  const span = between(factor);
  return least !== undefined && span !== null && span > 0 && span < least;
};

/** Stirred in: the same steps, as many times stronger as it takes to come up to what is usual. */
const STRONGER: readonly FactorSubject[] = ['salt', 'acid', 'chalk', 'feed'];

function stronger(factor: Factor): Factor {
  const most = Math.max(...factor.levels.map((l) => l.amount ?? 0));
  const usual = Math.max(...usualFactor(factor.subject).levels.map((l) => l.amount ?? 0));
  const times = usual / most;
  return {
    ...factor,
    levels: factor.levels.map((l) => {
      if (!l.amount) return l;
      const amount = Number((l.amount * times).toPrecision(3));
      return { ...l, amount, label: amountName(amount, factor.unit) };
    }),
  };
}

export const tooWeak: FairRule = {
  code: 'too-weak',
  check: ({ factors }) => {
    const weak = factors.find(isWeak);
    if (!weak) return null;
    const usual = usualFactor(weak.subject);
    const mends = STRONGER.includes(weak.subject) && weak.unit === usual.unit;
    const most = Math.max(...usual.levels.map((l) => l.amount ?? 0));
    return {
      severity: 'mend',
      params: { factor: weak.name, span: Number(between(weak)!.toPrecision(3)), unit: weak.unit },
      fix: mends
        ? {
            label: say('fairTest.goUpTo', { most, unit: weak.unit }),
            apply: (p) => ({ ...p, factors: p.factors.map((f) => (f.name === weak.name && isWeak(f) ? stronger(f) : f)) }),
          }
        : null,
    };
  },
  words: (p) => ({
    what: say('fairTest.betweenLeastMostLie', { factor: p.factor, span: p.span, unit: p.unit }),
    why: say('fairTest.stepTooSmallMatter'),
  }),
};
