import { type FairRule } from '../fairRule';
import { type PlanDocument } from '../../document/planDocument';
import { type LaidContainer, type Layout, layOut } from '../../layout/layOut';
import { dealAgain } from '../deals';
import { FEWEST_CONTAINERS, NOT_TESTS } from '../planFacts';

const ENDS = 3;
const DEALS = 60;

export const placeIsTreatment: FairRule = {
  code: 'place-is-treatment',
  check: ({ kind }, { layout, treatments }, teams) => {
    if (treatments.length < 2 || NOT_TESTS.includes(kind)) return null;
    const bad = badlyPlaced(layout);
    if (bad === null) return null;
    const { code, label } = treatments.find((t) => t.code === bad.treatment)!;
    return {
      severity: 'mend',
      params: { code, label, row: bad.row },
      fix: { label: 'Deal the places again', apply: (plan) => dealtWell(plan, teams) },
    };
  },
  words: (p) => ({
    what: p.row
      ? `All of ${p.code} (${p.label}) stand in one row from the window.`
      : `Nearly all of ${p.code} (${p.label}) stand at one end.`,
    why: 'Light and warmth change along a sill; the place would look like the treatment.',
  }),
};

/** A treatment that stands at one end or in one row only; null where none does. */
function badlyPlaced({ containers, trays }: Layout): { treatment: string; row: boolean } | null {
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
    if (badlyPlaced(layOut(dealt, teams)) === null) return dealt;
  }
  return dealAgain(plan);
}
