import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { daysBetween } from '../../../calendar/days';
import { countsSeeds } from '../../../measures/registry';

export const looksTooSeldom: FairRule = {
  code: 'looks-too-seldom',
  ofEveryKind: true,
  check: (plan, { checkDays, forecast }) => {
    if (!checkDays.ok || !forecast.ok)
      return checkDays.ok
        ? null
        : { severity: 'stop', params: { trouble: 'no-day', reason: checkDays.reason, spread: 0, widest: 0 }, fix: null };
    if (checkDays.days.length === 0)
      return {
        severity: 'stop',
        params: { trouble: 'no-check', reason: '', spread: 0, widest: 0 },
        fix: { label: say('fairTest.lookEverySchoolDay'), apply: (p) => ({ ...p, cadence: { kind: 'school-days' } }) },
      };
    const { first, ninety } = forecast;
    if (plan.kind === 'viability' || !countsSeeds(plan.measures) || !first.likely || !ninety.likely) return null;
    const spread = Math.max(1, daysBetween(first.likely, ninety.likely));
    const days = [plan.sowOn, ...checkDays.days];
    const during = days
      .slice(1)
      .filter((d, i) => d >= first.likely! && days[i]! <= ninety.likely!)
      .map((d) => daysBetween(days[days.indexOf(d) - 1]!, d));
    const widest = Math.max(0, ...during);
    if (widest <= Math.max(1, spread / 2) || plan.cadence.kind === 'school-days') return null;
    return {
      severity: 'mend',
      params: { trouble: 'coarse', reason: '', spread, widest },
      fix: { label: say('fairTest.lookEverySchoolDay'), apply: (p) => ({ ...p, cadence: { kind: 'school-days' } }) },
    };
  },
  words: (p) => ({
    what:
      p.trouble === 'no-day'
        ? String(p.reason)
        : p.trouble === 'no-check'
          ? say('fairTest.checkFallsBetweenSowing')
          : say('fairTest.seedsComeWithinAbout', { spread: p.spread, sameSpread: p.spread === 1, widest: p.widest }),
    why:
      p.trouble === 'no-day'
        ? say('fairTest.withoutSchoolDayNobody')
        : p.trouble === 'no-check'
          ? say('fairTest.nobodyLooksNothingKnown')
          : say('fairTest.twoTreatmentsComeDays'),
  }),
};
