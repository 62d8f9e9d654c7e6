import {
  gramsPerLitre,
  MIX_BUFFERS,
  MOLAR_MASS,
  nitrogenPerLitre,
  saltConductivity,
  osmoticPotential,
} from '../mixing/solutions';
import { formatMass } from '../quantities/mass';
import { type Kitchen } from '../quantities/volume';
import { formatVolume } from '../quantities/volume';
import { roundUpKitchen, roundUpMetric } from '../quantities/kitchenMeasure';
import { methodById, speciesById } from '../seeds/catalogue';
import { type PlanDocument } from './planDocument';
import { type WorkedOut } from './workOut';

export interface ListLine {
  what: string;
  /** For one team, and for everybody with spares. */
  perTeam: string;
  total: string;
}

export interface MixingCard {
  title: string;
  steps: string[];
  /** What the numbers leave out. */
  limit: string;
}

/** Waterings that a batch of a solution should last for. */
const WATERINGS = 3;
/** Plant food as usually sold: percent nitrogen. */
const FEED_NITROGEN = 10;

/** What to have at hand on sowing day: per team and in all, with spares. */
export function shoppingList(plan: PlanDocument, out: WorkedOut, teams: number, kitchen: Kitchen): ListLine[] {
  const species = speciesById(plan.speciesId)!;
  const method = methodById(plan.methodId)!;
  const groups = Math.max(1, teams);
  const spare = 1 + plan.sparePercent / 100;
  const each = (total: number) => Math.ceil(total / groups);
  const containers = Math.ceil(out.containers * spare);
  const volume = (ml: number) =>
    `${roundUpMetric(ml).text}${kitchen === 'metric' ? '' : ` (${roundUpKitchen(ml, kitchen).text})`}`;
  const packets = out.toBuy.ok && out.toBuy.packets !== null ? ` = ${out.toBuy.packets} packets of ${plan.packetSeeds}` : '';
  const grams =
    species.thousandSeedGrams === null ? '' : `, about ${formatMass((out.seedsSown * spare * species.thousandSeedGrams) / 1000)}`;
  return [
    {
      what: `Seeds of ${species.name.toLowerCase()}, untreated`,
      perTeam: `${each(out.seedsSown)}`,
      total: `${out.toBuy.ok ? out.toBuy.seeds : out.seedsSown}${packets}${grams}`,
    },
    {
      what: `${method.container.replace(/^./, (c) => c.toUpperCase())}s`,
      perTeam: `${each(out.containers)}`,
      total: `${containers}`,
    },
    {
      what: method.paper ? 'Paper, pads or sponge, by volume' : 'Potting mix',
      perTeam: volume(out.soil.totalMl / groups),
      total: volume(out.soil.totalMl * spare),
    },
    { what: 'First water', perTeam: volume(out.soil.waterTotalMl[1] / groups), total: volume(out.soil.waterTotalMl[1] * spare) },
    { what: 'Stick labels', perTeam: `${each(out.containers)}`, total: `${containers}` },
    { what: 'Trays or saucers', perTeam: '1', total: `${Math.max(groups, out.layout.trays.length)}` },
    {
      what: `Rulers that show ${plan.protocol.resolution === 'quarter-in' ? 'quarter inches' : 'millimetres'}`,
      perTeam: '1',
      total: `${groups}`,
    },
    ...(plan.kind === 'crowding' || plan.seedsEach > plan.keep
      ? [{ what: 'Small scissors or tweezers for thinning', perTeam: '1', total: `${groups}` }]
      : []),
    ...additives(plan, out).map((a) => ({ what: a.what, perTeam: a.perTeam(groups), total: a.total })),
  ];
}

/** Litres of every strength for a number of waterings of one treatment. */
function litresOf(plan: PlanDocument): number {
  return (plan.containersEach * plan.doseMl * WATERINGS * 1.1) / 1000;
}

function additives(
  plan: PlanDocument,
  { treatments }: WorkedOut,
): { what: string; total: string; perTeam: (groups: number) => string }[] {
  return plan.factors.flatMap((factor) => {
    const litres = litresOf(plan) * (treatments.length / factor.levels.length);
    const amounts = factor.levels.map((l) => l.amount ?? 0).filter((a) => a > 0);
    const sum = amounts.reduce((a, b) => a + b, 0);
    if (sum === 0) return [];
    if (factor.subject === 'salt' && factor.unit === 'mmol/L') {
      const grams = gramsPerLitre(sum, MOLAR_MASS.NaCl) * litres;
      return [{ what: 'Table salt without additives', total: formatMass(grams), perTeam: (g: number) => formatMass(grams / g) }];
    }
    if (factor.subject === 'feed' && factor.unit === 'mg N/L') {
      const grams = (sum / nitrogenPerLitre(1, FEED_NITROGEN)) * litres;
      return [
        {
          what: `Plant food with ${FEED_NITROGEN} % nitrogen`,
          total: formatMass(grams),
          perTeam: (g: number) => formatMass(grams / g),
        },
      ];
    }
    return [];
  });
}

/** How every solution of the plan is made, one card for each factor that needs one. */
export function mixingCards(plan: PlanDocument, out: WorkedOut): MixingCard[] {
  return plan.factors.flatMap((factor): MixingCard[] => {
    const amounts = factor.levels.filter((l) => (l.amount ?? 0) > 0);
    if (amounts.length === 0) return [];
    const millilitres = roundUpMetric(litresOf(plan) * (out.treatments.length / factor.levels.length) * 1000).ml;
    const label = 'Label the bottle with strength and date; the control gets as much plain water.';
    if (factor.subject === 'salt' && factor.unit === 'mmol/L')
      return [
        {
          title: `Salt water, ${formatVolume(millilitres)} of each`,
          steps: [
            ...amounts.map((l) => {
              const ec = saltConductivity(l.amount!);
              const check = ec.ok
                ? ` A meter shows about ${ec.mSPerCm.toFixed(1)} mS/cm; it pulls on water with ${osmoticPotential(l.amount!).toFixed(2).replace('-', '−')} MPa.`
                : '';
              return `${l.label}: ${((gramsPerLitre(l.amount!, MOLAR_MASS.NaCl) * millilitres) / 1000).toFixed(2)} g of table salt, water up to ${formatVolume(millilitres)}.${check}`;
            }),
            label,
          ],
          limit: MIX_BUFFERS,
        },
      ];
    if (factor.subject === 'feed' && factor.unit === 'mg N/L')
      return [
        {
          title: `Plant food, ${formatVolume(millilitres)} of each`,
          steps: [
            ...amounts.map(
              (l) =>
                `${l.label}: ${(((l.amount! / nitrogenPerLitre(1, FEED_NITROGEN)) * millilitres) / 1000).toFixed(2)} g of food with ${FEED_NITROGEN} % nitrogen, water up to ${formatVolume(millilitres)}.`,
            ),
            label,
          ],
          limit: MIX_BUFFERS,
        },
      ];
    return [];
  });
}

/** What happens on sowing day, step by step, for one team. */
export function runSheet(plan: PlanDocument, out: WorkedOut): string[] {
  const method = methodById(plan.methodId)!;
  const species = speciesById(plan.speciesId)!;
  const [low, high] = out.soil.waterPerContainerMl;
  const depth = out.depth.mm[1] === 0 ? 'Press the seeds onto the surface; do not cover them.' : `Make holes ${Math.round((out.depth.mm[0] + out.depth.mm[1]) / 2)} mm deep with a marked stick.`; // prettier-ignore
  const large = (species.thousandSeedGrams ?? 5000) > 150;
  return [
    `Count the seeds into sets of ${plan.seedsEach}, one set for each ${method.container}.`,
    method.paper
      ? `Wet the paper with ${formatVolume(low)} to ${formatVolume(high)} of water and let it stop dripping.`
      : `Fill each ${method.container} with ${formatVolume(plan.fillMl)} of mix${plan.protocol.water === 'damp-before' ? ' that is damp already' : ''}, up to the line.`,
    method.paper ? 'Lay the seeds apart, where they can be seen.' : depth,
    large && !method.paper
      ? 'Lay each large seed on its side, scar downwards where it has one.'
      : `Put one set into each ${method.container}, apart from each other.`,
    ...(method.paper
      ? []
      : [plan.protocol.firm === 'press' ? 'Close the holes and press gently.' : 'Close the holes and leave the soil loose.']),
    ...(method.paper || plan.protocol.water === 'damp-before'
      ? []
      : [`Water with ${formatVolume(low)} to ${formatVolume(high)}, the same for all.`]),
    `Put the label into the ${method.container} itself, and read its code aloud.`,
    'Stand it on its place on the tray.',
    'Write down what went otherwise: an extra seed, a broken one, other soil.',
  ];
}

/** What goes home with a student who grows a pot there. */
export function homeKit(plan: PlanDocument, out: WorkedOut): string[] {
  const method = methodById(plan.methodId)!;
  return [
    `1 ${method.container}${method.paper ? '' : ` and ${formatVolume(plan.fillMl * 1.15)} of mix in a bag`}`,
    `${plan.seedsEach} seeds in a folded paper, and ${Math.max(1, Math.ceil(plan.seedsEach * 0.2))} to spare`,
    `A cup marked at ${formatVolume(out.soil.waterPerContainerMl[1])} for the first water`,
    'A stick label with code and class',
    'A paper ruler that begins at its end',
    'The run sheet, the check days, and the cautions on one page',
  ];
}
