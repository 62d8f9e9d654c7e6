import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { leftOver } from '../../mixing/acidAndChalk';
import { mixBuffers, serialDilution } from '../../mixing/solutions';
import { SETTLING } from '../../mixing/substrate';
import { roundUpMetric } from '../../quantities/kitchenMeasure';
import { formatMass } from '../../quantities/mass';
import { formatVolume } from '../../quantities/volume';
import { methodById } from '../../seeds/catalogue';
import { plural } from '../../words/plural';
import { type Factor, type Level, type PlanDocument } from '../document/planDocument';
import { type Additive, additiveOf, TABLET_GRAMS, VINEGAR } from '../recipes/additive';
import { allOf } from '../layout/layOut';
import { type Recipe } from '../recipes/recipe';
import { type WorkedOut } from '../workedOut/workOut';
import { capital } from '../../words/capital';
import { inOneLine } from '../../words/inOneLine';

export interface MixingCard {
  title: string;
  steps: string[];
  /** What the numbers leave out. */
  limit: string;
}

/** What has to be got for what is mixed. */
export interface Bought {
  what: string;
  amount: number;
  unit: 'g' | 'mL';
  /** It is sold in tablets too. */
  inTablets: boolean;
}

/** Waterings that a batch of a solution should last for. */
const WATERINGS = 3;
const SPARE = 1.1;
const RATIO_TOLERANCE = 1e-6;
const gypsum = () => say('lists.blackboardChalkOftenGypsum');

/** A level of a factor that adds something, with the containers that get it and what they take together. */
interface Added {
  level: Level & { amount: number };
  containers: number;
  /** Of its solution that is mixed at once, or of the settled mix it is stirred into, mL. */
  ml: number;
}

/** How every solution of the plan is made and what goes into the soil, one card for each factor that needs one. */
export function mixingCards(plan: PlanDocument, out: WorkedOut): MixingCard[] {
  return plan.factors.flatMap((factor): MixingCard[] => {
    const additive = additiveOf(factor);
    const levels = additive ? addedBy(plan, out, factor, additive) : [];
    if (!additive || levels.length === 0) return [];
    if (additive.into === 'water') return [solutionCard(factor, additive, levels)];
    return [additive.into === 'mix' ? mixCard(plan, factor, additive, levels) : eachCard(plan, factor, additive, levels)];
  });
}

/** What has to be bought for the mixing. */
export function additives(plan: PlanDocument, out: WorkedOut): Bought[] {
  return plan.factors.flatMap((factor): Bought[] => {
    const additive = additiveOf(factor);
    const levels = additive ? addedBy(plan, out, factor, additive) : [];
    if (!additive || levels.length === 0) return [];
    const batch = batchMl(levels);
    const amount = levels.reduce((sum, { level, containers, ml }) => {
      const one = additive.measured(level.amount, plan.fillMl);
      return sum + one * (additive.into === 'each' ? containers : (additive.into === 'water' ? batch : ml) / 1000);
    }, 0);
    return [
      { what: additive.bought, amount, unit: additive.unit, inTablets: factor.subject === 'chalk' && additive.unit === 'g' },
    ];
  });
}

function addedBy(plan: PlanDocument, { recipes, layout }: WorkedOut, factor: Factor, { into }: Additive): Added[] {
  const f = plan.factors.indexOf(factor);
  const { paper } = methodById(plan.methodId)!;
  // Paper is wetted with the solution itself; what is shut gets no other. Nothing is stirred into paper.
  const liquid = ({ firstWaterMl, doseMl }: Recipe) => (paper ? (firstWaterMl?.[1] ?? 0) : 0) + (doseMl ?? 0) * WATERINGS;
  if (paper && into !== 'water') return [];
  return factor.levels.flatMap((level): Added[] => {
    const { amount } = level;
    if (amount === null || amount <= 0) return [];
    const own = recipes
      .filter((r) => r.treatment.levels[f] === level)
      .map((r) => ({ r, containers: allOf(layout).filter((c) => c.treatment === r.treatment.code).length }));
    return [
      {
        level: { ...level, amount },
        containers: own.reduce((sum, o) => sum + o.containers, 0),
        ml: own.reduce((sum, o) => sum + o.containers * (into === 'water' ? liquid(o.r) : o.r.fillMl), 0),
      },
    ];
  });
}

/** Millilitres of every strength that are mixed at once: what the level that takes most of it needs, rounded up to be measured. */
const batchMl = (levels: readonly Added[]) => roundUpMetric(Math.max(0, ...levels.map((l) => l.ml)) * SPARE).ml;

const SOLUTIONS: Partial<Record<Factor['subject'], string>> = spoken({
  salt: 'lists.saltWater',
  acid: 'lists.sourWater',
  feed: 'lists.plantFood',
});

function solutionCard({ subject }: Factor, additive: Additive, levels: readonly Added[]): MixingCard {
  const ml = batchMl(levels);
  const of = (amount: number) => (additive.measured(amount, 0) * ml) / 1000;
  const dissolved = (amount: number) => (additive.unit === 'g' ? `${decimal(of(amount), 2)} g` : formatVolume(of(amount)));
  return {
    title: say('lists.ofEach', { solutions: SOLUTIONS[subject], formatVolume: formatVolume(ml) }),
    steps: [
      ...levels.map(({ level }) =>
        inOneLine(
          say('lists.ofWaterUpTo', {
            label: level.label,
            dissolved: dissolved(level.amount),
            what: additive.what,
            formatVolume: formatVolume(ml),
          }),
          additive.check(level.amount),
        ),
      ),
      ...inSteps(
        levels.map((l) => l.level),
        ml,
      ),
      say('lists.labelBottleStrengthDate'),
    ],
    limit: mixBuffers(),
  };
}

/** Amounts that fall by the same factor can be made from the strongest alone, each from the one before. */
function inSteps(levels: readonly Added['level'][], ml: number): string[] {
  const falling = [...levels].sort((a, b) => b.amount - a.amount);
  if (falling.length < 2) return [];
  const factor = falling[0]!.amount / falling[1]!.amount;
  const even = falling.slice(1).every((l, i) => Math.abs(falling[i]!.amount / l.amount / factor - 1) < RATIO_TOLERANCE);
  const series = even ? serialDilution(falling[0]!.amount, factor, falling.length - 1, ml, (x) => roundUpMetric(x).ml) : null;
  if (!series?.ok) return [];
  const chain = series.steps.map((s, i) =>
    say('lists.fromOfAndOf', {
      label: falling[i + 1]!.label,
      volume: formatVolume(s.carryMl),
      from: falling[i]!.label,
      water: formatVolume(s.waterMl),
    }),
  );
  return [
    say('lists.weighOnceMakeError', {
      formatVolume: formatVolume(series.stockMl),
      label: falling[0]!.label,
      chain: chain.join('; '),
    }),
  ];
}

/** Stirred into the dry mix of all pots of a level; mix is measured loose, and an amount for a litre is for what settles. */
function mixCard(plan: PlanDocument, factor: Factor, additive: Additive, levels: readonly Added[]): MixingCard {
  const litres = (ml: number) => `${decimal(ml / 1000, 1)} L`;
  return {
    title: say('lists.litresOfEach', {
      name: capital(factor.name),
      litres: litres(Math.max(...levels.map((l) => l.ml)) * SETTLING),
    }),
    steps: [
      ...levels.map(({ level, ml, containers }) => {
        const grams = (additive.measured(level.amount, plan.fillMl) * ml) / 1000;
        return say('lists.dryLooseMixSettles', {
          label: level.label,
          mass: formatMass(grams),
          what: additive.what,
          litres: litres(ml * SETTLING),
          settled: litres(ml),
          massEach: formatMass(grams / containers),
          containerOf: containerOf(plan),
        });
      }),
      say('lists.stirEvenlyDampenLet'),
      ...leftOverInPot(plan, factor),
    ],
    limit: `${gypsum()} ${mixBuffers()}`,
  };
}

/** Given to each container by itself: so much into each, and so much in all. */
function eachCard(plan: PlanDocument, factor: Factor, additive: Additive, levels: readonly Added[]): MixingCard {
  const container = containerOf(plan);
  const one = ({ level }: Added) => additive.measured(level.amount, plan.fillMl);
  return {
    title: say('lists.forEach', { what: capital(additive.what), container }),
    steps: [
      ...levels.map((l) =>
        say('lists.intoEachOfIn', {
          label: l.level.label,
          measuredOut: measuredOut(plan, factor, additive, l),
          containers: l.containers,
          container: plural(container),
          amountOf: amountOf(additive, one(l) * l.containers),
        }),
      ),
      stirredIn(factor, additive),
      ...leftOverInPot(plan, factor),
    ],
    limit: factor.subject === 'chalk' ? `${gypsum()} ${mixBuffers()}` : mixBuffers(),
  };
}

const amountOf = ({ unit }: Additive, amount: number) => (unit === 'g' ? formatMass(amount) : formatVolume(amount));

/** What one container gets: tablets by number, sand with the mix that is left. */
function measuredOut(plan: PlanDocument, { subject, unit }: Factor, additive: Additive, { level }: Added): string {
  const one = additive.measured(level.amount, plan.fillMl);
  if (unit === 'tablets') return say('lists.crushedTablets', { n: level.amount, amountOf: amountOf(additive, one) });
  if (subject === 'soil')
    return say('lists.sandMix', {
      amountOf: amountOf(additive, one),
      formatVolume: formatVolume(Math.max(0, plan.fillMl - one)),
    });
  return say('lists.amountOfWhat', { amount: amountOf(additive, one), what: additive.what });
}

function stirredIn({ subject }: Factor, { unit }: Additive): string {
  if (subject === 'soil') return say('lists.stirEvenlyBeforeFilled');
  return unit === 'mL' ? say('lists.pourOverDampMix') : say('lists.stirEvenlyMixDampen');
}

const containerOf = ({ methodId }: PlanDocument) => methodById(methodId)!.container;
const strongest = ({ levels }: Factor) => [...levels].sort((a, b) => (b.amount ?? 0) - (a.amount ?? 0))[0]!;

/** Chalk crossed with acid: what is left of both in one pot, where most of one meets most of the other. */
function leftOverInPot(plan: PlanDocument, chalk: Factor): string[] {
  const acid = plan.factors.find((f) => f.subject === 'acid');
  const [sour, white] = [acid && additiveOf(acid), additiveOf(chalk)];
  if (chalk.subject !== 'chalk' || !acid || !sour || !white) return [];
  const [most, whitest] = [strongest(acid), strongest(chalk)];
  if (!most.amount || !whitest.amount) return [];
  const once = sour.into === 'each';
  const vinegarMl = sour.measured(most.amount, plan.fillMl) * (once ? 1 : plan.doseMl / 1000);
  const chalkMg = 1000 * white.measured(whitest.amount, plan.fillMl) * (white.into === 'mix' ? plan.fillMl / 1000 : 1);
  const left = leftOver(vinegarMl, chalkMg, VINEGAR);
  const words =
    left.what === 'acid'
      ? say('lists.acidLeftMmol', { mmol: decimal(left.mmol, 1) })
      : left.what === 'chalk'
        ? say('lists.chalkLeftEnoughSuch', {
            formatMass: formatMass(left.mg / 1000),
            waterings: Math.floor(chalkMg / Math.max(1e-9, chalkMg - left.mg)),
            once,
          })
        : say('lists.nothingLeftEither');
  return [say('lists.whereAcidMeetsChalk', { once, acid: most.label, chalk: whitest.label, words })];
}

/** The mass to buy; chalk is sold in tablets too. */
export function asMass({ inTablets, amount }: Bought): string {
  const mass = formatMass(amount);
  return inTablets ? say('lists.massInTablets', { mass, tablets: Math.ceil(amount / TABLET_GRAMS - RATIO_TOLERANCE) }) : mass;
}
