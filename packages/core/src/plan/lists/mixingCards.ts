import { aceticAcidIn, aceticPh, leftOver } from '../../mixing/acidAndChalk';
import {
  gramsPerLitre,
  MIX_BUFFERS,
  MOLAR_MASS,
  nitrogenPerLitre,
  osmoticPotential,
  saltConductivity,
  serialDilution,
} from '../../mixing/solutions';
import { roundUpMetric } from '../../quantities/kitchenMeasure';
import { formatMass } from '../../quantities/mass';
import { formatVolume } from '../../quantities/volume';
import { type Factor, type FactorSubject, type PlanDocument } from '../document/planDocument';
import { isWatered } from '../document/waterings';
import { type WorkedOut } from '../workedOut/workOut';

export interface MixingCard {
  title: string;
  steps: string[];
  /** What the numbers leave out. */
  limit: string;
}

/** What has to be got for what is mixed. */
export interface Additive {
  what: string;
  amount: number;
  unit: 'g' | 'mL';
}

/** Waterings that a batch of a solution should last for. */
const WATERINGS = 3;
const SPARE = 1.1;
/** Plant food as usually sold: percent nitrogen. */
const FEED_NITROGEN = 10;
/** Vinegar as usually sold: grams of acetic acid in 100 mL. */
const VINEGAR = 5;
const RATIO_TOLERANCE = 1e-6;

/** Something stirred into the water that the pots get. */
interface Stirred {
  title: string;
  what: string;
  unit: 'g' | 'mL';
  /** Grams or millilitres in a litre for an amount in the factor's unit. */
  perLitre: (amount: number) => number;
  /** What tells that it is right, or what to expect; a sentence with a space before it, or empty. */
  check: (amount: number) => string;
}

const saltCheck = (mmol: number): string => {
  const ec = saltConductivity(mmol);
  return ec.ok
    ? ` A meter shows about ${ec.mSPerCm.toFixed(1)} mS/cm; it pulls on water with ${osmoticPotential(mmol).toFixed(2).replace('-', '−')} MPa.`
    : '';
};
const salt = (gramsOf: (amount: number) => number): Stirred => ({
  title: 'Salt water',
  what: 'table salt',
  unit: 'g',
  perLitre: gramsOf,
  check: (amount) => saltCheck((gramsOf(amount) * 1000) / MOLAR_MASS.NaCl),
});
const vinegar = (millilitresOf: (amount: number) => number): Stirred => ({
  title: 'Sour water',
  what: `vinegar of ${VINEGAR} %`,
  unit: 'mL',
  perLitre: millilitresOf,
  check: (amount) => ` In pure water about pH ${aceticPh(aceticAcidIn(millilitresOf(amount), VINEGAR) / 1000).toFixed(1)}.`,
});

/** What is known of subjects and their units; others have no card. */
const STIRRED: Partial<Record<FactorSubject, Record<string, Stirred>>> = {
  salt: {
    'mmol/L': salt((mmol) => gramsPerLitre(mmol, MOLAR_MASS.NaCl)),
    'g/L': salt((grams) => grams),
    '%': salt((percent) => 10 * percent),
  },
  acid: {
    'mL/L': vinegar((millilitres) => millilitres),
    'mmol/L': vinegar((mmol) => mmol / aceticAcidIn(1, VINEGAR)),
  },
  feed: {
    'mg N/L': {
      title: 'Plant food',
      what: `food with ${FEED_NITROGEN} % nitrogen`,
      unit: 'g',
      perLitre: (mg) => mg / nitrogenPerLitre(1, FEED_NITROGEN),
      check: () => '',
    },
  },
};

/** Units in which amounts of a subject are worked out, the usual one first. */
export function unitsOf(subject: FactorSubject): string[] {
  const other: Partial<Record<FactorSubject, string[]>> = {
    chalk: ['g/L'],
    water: ['mL'],
    depth: ['mm'],
    soaking: ['h'],
    temperature: ['°C'],
    crowding: ['plants'],
    age: ['days'],
    'seed-age': ['years'],
  };
  return STIRRED[subject] ? Object.keys(STIRRED[subject]) : (other[subject] ?? []);
}

const amountsOf = (factor: Factor) => factor.levels.filter((l) => (l.amount ?? 0) > 0);

/** Millilitres of every strength: for a number of waterings of all containers that get it, rounded up to be measured. */
function batchMl(plan: PlanDocument, { treatments, soil }: WorkedOut, factor: Factor): number {
  const share = treatments.length / factor.levels.length;
  // What is shut gets its paper wetted once, and no watering.
  const each = isWatered(plan) ? plan.doseMl * WATERINGS : soil.waterPerContainerMl[1];
  return roundUpMetric(plan.containersEach * each * SPARE * share).ml;
}

/** Litres of mix for all containers of one level. */
function mixLitres(plan: PlanDocument, { treatments, soil, containers }: WorkedOut, factor: Factor): number {
  const own = plan.containersEach * (treatments.length / factor.levels.length);
  return (own * soil.totalMl) / Math.max(1, containers) / 1000;
}

const measured = (amount: number, unit: Stirred['unit']) => (unit === 'g' ? `${amount.toFixed(2)} g` : formatVolume(amount));

/** How every solution of the plan is made and what goes into the soil, one card for each factor that needs one. */
export function mixingCards(plan: PlanDocument, out: WorkedOut): MixingCard[] {
  return plan.factors.flatMap((factor): MixingCard[] => {
    const stirred = STIRRED[factor.subject]?.[factor.unit];
    const levels = amountsOf(factor);
    if (levels.length === 0) return [];
    if (factor.subject === 'chalk' && factor.unit === 'g/L') return [chalkCard(plan, out, factor)];
    if (!stirred) return [];
    const ml = batchMl(plan, out, factor);
    const steps = levels.map(
      (l) =>
        `${l.label}: ${measured((stirred.perLitre(l.amount!) * ml) / 1000, stirred.unit)} of ${stirred.what}, water up to ${formatVolume(ml)}.${stirred.check(l.amount!)}`,
    );
    return [
      {
        title: `${stirred.title}, ${formatVolume(ml)} of each`,
        steps: [
          ...steps,
          ...inSteps(levels, ml),
          'Label the bottle with strength and date; the control gets as much plain water.',
        ],
        limit: MIX_BUFFERS,
      },
    ];
  });
}

/** Amounts that fall by the same factor can be made from the strongest alone, each from the one before. */
function inSteps(levels: Factor['levels'], ml: number): string[] {
  const falling = [...levels].sort((a, b) => b.amount! - a.amount!);
  if (falling.length < 2) return [];
  const factor = falling[0]!.amount! / falling[1]!.amount!;
  const even = falling.slice(1).every((l, i) => Math.abs(falling[i]!.amount! / l.amount! / factor - 1) < RATIO_TOLERANCE);
  const series = even ? serialDilution(falling[0]!.amount!, factor, falling.length - 1, ml, (x) => roundUpMetric(x).ml) : null;
  if (!series?.ok) return [];
  const chain = series.steps.map(
    (s, i) =>
      `${falling[i + 1]!.label} from ${formatVolume(s.carryMl)} of ${falling[i]!.label} and ${formatVolume(s.waterMl)} of water`,
  );
  return [
    `Or weigh once: make ${formatVolume(series.stockMl)} of ${falling[0]!.label}, then ${chain.join('; ')}. An error in the first is in all.`,
  ];
}

/** Chalk goes into the dry mix; crossed with acid, what is left of both is worked out for one pot. */
function chalkCard(plan: PlanDocument, out: WorkedOut, factor: Factor): MixingCard {
  const litres = mixLitres(plan, out, factor);
  const acid = plan.factors.find((f) => STIRRED.acid![f.unit] && f.subject === 'acid');
  return {
    title: `Chalk in the mix, ${litres.toFixed(1)} L of each`,
    steps: [
      ...amountsOf(factor).map(
        (l) =>
          `${l.label}: ${formatMass(l.amount! * litres)} of powdered calcium carbonate into ${litres.toFixed(1)} L of dry mix.`,
      ),
      'Stir it in evenly, then dampen, and let it stand for three days before anything is sown.',
      ...(acid ? leftOverInPot(plan, factor, acid) : []),
    ],
    limit: `Blackboard chalk is often gypsum, which takes up no acid: look for calcium carbonate. ${MIX_BUFFERS}`,
  };
}

function leftOverInPot(plan: PlanDocument, chalk: Factor, acid: Factor): string[] {
  const strongest = amountsOf(acid).sort((a, b) => b.amount! - a.amount!)[0];
  const most = amountsOf(chalk).sort((a, b) => b.amount! - a.amount!)[0];
  if (!strongest || !most) return [];
  const vinegarMl = (STIRRED.acid![acid.unit]!.perLitre(strongest.amount!) * plan.doseMl) / 1000;
  const chalkMg = most.amount! * plan.fillMl;
  const left = leftOver(vinegarMl, chalkMg, VINEGAR);
  const words =
    left.what === 'acid'
      ? `acid is left: ${left.mmol.toFixed(1)} mmol`
      : left.what === 'chalk'
        ? `chalk is left: ${formatMass(left.mg / 1000)}, enough for ${Math.floor(chalkMg / Math.max(1e-9, chalkMg - left.mg))} such waterings`
        : 'nothing is left of either';
  return [`After one watering with ${strongest.label} on ${most.label}, ${words}. It fizzes: no lids.`];
}

/** What has to be bought for the mixing. */
export function additives(plan: PlanDocument, out: WorkedOut): Additive[] {
  return plan.factors.flatMap((factor): Additive[] => {
    const sum = amountsOf(factor).reduce((total, l) => total + l.amount!, 0);
    if (sum === 0) return [];
    const stirred = STIRRED[factor.subject]?.[factor.unit];
    if (stirred) {
      const name =
        stirred.what === 'table salt'
          ? 'Table salt without additives'
          : stirred.what.replace(/^./, (c) => c.toUpperCase()).replace(/^Food/, 'Plant food');
      const perLitre = amountsOf(factor).reduce((total, l) => total + stirred.perLitre(l.amount!), 0);
      return [{ what: name, amount: (perLitre * batchMl(plan, out, factor)) / 1000, unit: stirred.unit }];
    }
    if (factor.subject !== 'chalk' || factor.unit !== 'g/L') return [];
    return [{ what: 'Calcium carbonate, powdered', amount: sum * mixLitres(plan, out, factor), unit: 'g' }];
  });
}
