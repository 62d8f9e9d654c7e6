import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type FairRule } from '../fairRule';
import { type PlanDocument } from '../../document/planDocument';
import { type LaidContainer, type Layout, layOut } from '../../layout/layOut';
import { balanceOf, type Lopsided } from '../../layout/balance';
import { placeFactor } from '../../layout/layOut';
import { dealAgain } from '../deals';
import { FEWEST_CONTAINERS, NOT_TESTS } from '../planFacts';

const ENDS = 3;
const DEALS = 60;
/** A deal by lot is so lopsided once in a hundred times. */
const RARE = 0.01;

const STANDS: Record<Lopsided, string> = spoken({
  'one-side': 'fairTest.toOneSide',
  ends: 'fairTest.atTheEnds',
  middle: 'fairTest.inTheMiddle',
  window: 'fairTest.nearWindow',
  room: 'fairTest.awayWindow',
});

export const placeIsTreatment: FairRule = {
  code: 'place-is-treatment',
  check: (plan, { layout, treatments }, teams) => {
    if (treatments.length < 2 || NOT_TESTS.includes(plan.kind)) return null;
    const bad = badlyPlaced(layout) ?? lopsided(plan, layout);
    if (bad === null) return null;
    const { code, label } = treatments.find((t) => t.code === bad.treatment)!;
    return {
      severity: 'mend',
      params: { code, label, row: bad.row, how: bad.how ?? null, inHundred: bad.inHundred ?? null },
      fix: { label: say('fairTest.dealPlacesAgain'), apply: (p) => dealtWell(p, teams) },
    };
  },
  words: (p) => ({
    what: p.how
      ? say('fairTest.standsMoreOthersDeals', {
          code: p.code,
          label: p.label,
          stands: STANDS[p.how as Lopsided],
          deals: p.inHundred === 0 ? say('fairTest.notOne') : p.inHundred,
        })
      : p.row
        ? say('fairTest.standRowWindow', { code: p.code, label: p.label })
        : say('fairTest.nearlyStandEnd', { code: p.code, label: p.label }),
    why: say('fairTest.lightWarmthChangeAlong'),
  }),
};

interface Placed {
  treatment: string;
  row: boolean;
  how?: Lopsided;
  inHundred?: number;
}

/** Any other pattern that hardly a deal has; places that are compared stand apart anyway. */
function lopsided(plan: PlanDocument, layout: Layout): Placed | null {
  if (placeFactor(plan) !== null || plan.assignment === 'own-pot') return null;
  const balance = balanceOf(layout);
  if (balance === null || balance.share > RARE) return null;
  return { treatment: balance.treatment, row: false, how: balance.how, inHundred: Math.round(100 * balance.share) };
}

/** A treatment that stands at one end or in one row only; null where none does. */
function badlyPlaced({ containers, trays }: Layout): Placed | null {
  const third = (c: LaidContainer) => Math.floor((c.column * ENDS) / Math.max(1, trays[c.tray]!.columns));
  for (const treatment of new Set(containers.map((c) => c.treatment))) {
    const own = containers.filter((c) => c.treatment === treatment);
    if (own.length < FEWEST_CONTAINERS) continue;
    if ([0, 2].some((end) => own.filter((c) => third(c) === end).length > 0.75 * own.length)) return { treatment, row: false };
    if (trays[0]!.rows > 1 && own.length >= 4 && new Set(own.map((c) => c.row)).size === 1) return { treatment, row: true };
  }
  return null;
}

/** The next draw in which no treatment stands at one end or in one row. */
function dealtWell(plan: PlanDocument, teams: number): PlanDocument {
  for (let draw = 1; draw < DEALS; draw++) {
    const dealt = { ...plan, moved: {}, drawSeed: plan.drawSeed + draw };
    const layout = layOut(dealt, teams);
    if (badlyPlaced(layout) === null && lopsided(dealt, layout) === null) return dealt;
  }
  return dealAgain(plan);
}
