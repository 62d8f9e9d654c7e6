import { countsSeeds, seedCountOf } from '../../measures/registry';
import { daysBetween, formatDay } from '../../calendar/days';
import { gaps } from '../../calendar/schoolCalendar';
import { meanTemperature } from '../../calendar/roomTemperature';
import { type GrowingMethod, methodById, type Species, speciesById } from '../../seeds/catalogue';
import { saltConductivity } from '../../mixing/solutions';
import { cautionsFor } from '../cautions/cautions';
import { SEEDS_TO_COMPARE } from '../../seeds/sowingNumbers';
import { type FairRule } from './fairRule';
import { type FactorSubject, type PlanDocument } from '../document/planDocument';
import { RECIPES } from '../document/startingPlans';
import { keptSameFor } from '../document/startingPoints';

const BLANKS = 0.1;
/** Neighbouring amounts of a series should stand in this ratio. */
const RATIO = { least: 1.5, most: 4 };
/** Strongest salt water for a class, mmol/L; most plants stop before. */
const TOP_SALT = 200;
/** What is thinned in time may be sown so many times as thick. */
const OVERSOWN = 2;
/** A strength above so many times what a kind bears without loss stops most of it. */
const BEARS_TIMES = 3;
/** A wick or a saucer makes a container last about so many times as long. */
const RESERVOIR_TIMES = 2;
/** Weeks after which a pot has to hold what a growing plant needs. */
const SMALL_POT_DAYS = 21;

const species = (plan: PlanDocument): Species => speciesById(plan.speciesId)!;
const method = (plan: PlanDocument): GrowingMethod => methodById(plan.methodId)!;
const lower = (s: string) => s.toLowerCase();
const changes = (plan: PlanDocument, ...subjects: FactorSubject[]) => plan.factors.some((f) => subjects.includes(f.subject));

/** Days that plants last without anybody: what they hold, more with a reservoir, for ever where somebody comes in. */
function daysAlone(plan: PlanDocument): number {
  const { unattendedDays } = method(plan);
  return { nothing: unattendedDays, reservoir: RESERVOIR_TIMES * unattendedDays, somebody: Infinity }[plan.whileAway];
}

/** Rules about seeds, time, room and method. */
export const BIOLOGY_RULES: Record<string, FairRule> = {
  'room-stops-seeds': (plan) => {
    if (changes(plan, 'temperature')) return null;
    const { thermal, name, sproutsAt } = species(plan);
    const [coldest, warmest, mean] = [Math.min(plan.room.day, plan.room.night), plan.room.day, meanTemperature(plan.room)];
    const sentence =
      mean <= thermal.base + 1
        ? `${name} needs more than ${thermal.base} °C to sprout; the room is ${Math.round(mean)} °C on average.`
        : warmest >= thermal.ceiling
          ? `${name} stops at ${thermal.ceiling} °C; the room reaches ${warmest} °C.`
          : mean < sproutsAt.min || warmest > sproutsAt.max
            ? `${name} sprouts well between ${sproutsAt.min} and ${sproutsAt.max} °C; the room goes from ${coldest} to ${warmest} °C.`
            : null;
    if (sentence === null) return null;
    const middle = Math.round((sproutsAt.optimum[0] + sproutsAt.optimum[1]) / 2);
    return {
      severity: mean <= thermal.base + 1 || warmest >= thermal.ceiling ? 'stop' : 'mend',
      what: sentence,
      why: 'Seeds that are too cold or too hot wait or rot, whatever else is done to them.',
      fix: {
        label: `Find a place of about ${middle} °C`,
        apply: (p) => ({ ...p, room: { ...p.room, day: middle, night: middle - 2, weekend: null } }),
      },
    };
  },
  'ends-too-soon': (plan, { forecast }) => {
    if (!forecast.ok) return null;
    const { latest, likely } = forecast.half;
    const needed = latest ?? likely;
    if (needed !== null && daysBetween(needed, plan.endOn) >= (plan.measures.includes('height') ? 7 : 3)) return null;
    const to = needed ?? forecast.half.earliest;
    if (to === null)
      return {
        severity: 'stop',
        what: 'Within four months hardly half would be up in this room.',
        why: 'Nothing can be compared before it is up.',
        fix: null,
      };
    const end = new Date(Date.parse(`${to}T12:00:00Z`) + 10 * 86_400_000).toISOString().slice(0, 10);
    return {
      severity: 'stop',
      what: `Half may be up only by ${formatDay(to)}, and the plan ends on ${formatDay(plan.endOn)}.`,
      why: 'What is asked about has to have time to happen.',
      fix: { label: `End on ${formatDay(end)}`, apply: (p) => ({ ...p, endOn: end }) },
    };
  },
  'looks-too-seldom': (plan, { checkDays, forecast }) => {
    if (!checkDays.ok || !forecast.ok)
      return checkDays.ok
        ? null
        : { severity: 'stop', what: checkDays.reason, why: 'Without a school day nobody looks.', fix: null };
    if (checkDays.days.length === 0)
      return {
        severity: 'stop',
        what: 'No check falls between sowing and the end.',
        why: 'Nobody looks, so nothing is known.',
        fix: { label: 'Look on every school day', apply: (p) => ({ ...p, cadence: { kind: 'school-days' } }) },
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
      what: `Seeds come up within about ${spread} ${spread === 1 ? 'day' : 'days'}, and checks are up to ${widest} days apart.`,
      why: 'Two treatments that come up days apart would be seen on the same day.',
      fix: { label: 'Look on every school day', apply: (p) => ({ ...p, cadence: { kind: 'school-days' } }) },
    };
  },
  'dry-before-monday': (plan) => {
    const { name } = method(plan);
    const lasts = daysAlone(plan);
    const long = gaps(plan.calendar, plan.sowOn, plan.endOn).filter((g) => g.days > lasts);
    const [worst] = [...long].sort((a, b) => b.days - a.days);
    if (!worst) return null;
    return {
      severity: worst.days > 2 * lasts ? 'stop' : 'mend',
      what: `${worst.holiday ?? 'The weekend'} from ${formatDay(worst.from, 'short')} leaves the plants alone for ${worst.days} days; ${lower(name)}${plan.whileAway === 'reservoir' ? ' with a reservoir' : ''} lasts ${lasts}.`,
      why: 'Plants die on weekends and holidays: somebody has to come, or they need a reservoir, or a later start.',
      fix: { label: 'Somebody comes in to water', apply: (p) => ({ ...p, whileAway: 'somebody' }) },
    };
  },
  'many-blanks': (plan, { blanks, containers, seedsAdvised }) => {
    if (plan.kind === 'viability' || blanks.expected <= BLANKS * containers) return null;
    return {
      severity: 'mend',
      what: `About ${Math.round(blanks.expected)} of ${containers} containers will stay empty (${blanks.range90[0]} to ${blanks.range90[1]}).`,
      why: 'Empty containers leave holes in the comparison that nobody chose.',
      fix:
        seedsAdvised === null
          ? null
          : { label: `Sow ${seedsAdvised} in each`, apply: (p) => ({ ...p, seedsEach: Math.max(p.seedsEach, seedsAdvised) }) },
    };
  },
  'few-seeds-to-count': (plan) => {
    const seeds = plan.containersEach * plan.seedsEach;
    if (!countsSeeds(plan.measures) || seeds >= SEEDS_TO_COMPARE || changes(plan, 'crowding')) return null;
    return {
      severity: 'mend',
      what: `${seeds} seeds for each are few to compare shares with.`,
      why: 'With 10 seeds, 8 up can mean anything from half to nearly all.',
      fix: {
        label: `Sow ${Math.ceil(SEEDS_TO_COMPARE / plan.containersEach)} in each`,
        apply: (p) => ({ ...p, seedsEach: Math.ceil(SEEDS_TO_COMPARE / p.containersEach) }),
      },
    };
  },
  'too-many-in-one': (plan) => {
    const { maxSeeds } = method(plan);
    const mg = species(plan).thousandSeedGrams ?? 5000;
    const most = mg > 150 ? maxSeeds.large : mg >= 5 ? maxSeeds.medium : maxSeeds.small;
    const thinnedInTime = plan.keep <= most && plan.seedsEach <= OVERSOWN * most;
    if (plan.seedsEach <= most || thinnedInTime || plan.kind === 'crowding' || plan.kind === 'patch') return null;
    return {
      severity: 'mind',
      what: `${plan.seedsEach} seeds are many for one ${method(plan).container}; ${most} fit well.`,
      why: 'Crowded seeds share mould and water, and are hard to count.',
      fix: { label: `Sow ${most} in each`, apply: (p) => ({ ...p, seedsEach: most, keep: Math.min(p.keep, most) }) },
    };
  },
  'light-seed-covered': (plan) => {
    const { needsLight, name } = species(plan);
    const buried = plan.factors.some((f) => f.subject === 'depth' && f.levels.some((l) => (l.amount ?? 0) > 6));
    if (!needsLight || !buried) return null;
    return {
      severity: 'mend',
      what: `${name} needs light to sprout and would be buried.`,
      why: 'Covered, many of these seeds simply wait: depth and darkness cannot be told apart.',
      fix: { label: 'Take garden pea instead', apply: (p) => ({ ...p, speciesId: 'garden_pea' }) },
    };
  },
  'cannot-be-seen': (plan) => {
    const m = method(plan);
    const hidden =
      plan.measures.includes('root-length') && !m.rootsVisible
        ? 'root-length'
        : plan.measures.includes('height') && !m.heightMeasurable
          ? 'height'
          : null;
    if (hidden === null) return null;
    return {
      severity: 'stop',
      what:
        hidden === 'root-length' ? `Roots cannot be seen in ${lower(m.name)}.` : `Height cannot be measured in ${lower(m.name)}.`,
      why: 'What nobody can see cannot be written down.',
      fix: {
        label: 'Leave that measure out',
        apply: (p) => ({
          ...p,
          measures:
            p.measures.filter((x) => x !== hidden).length > 0
              ? p.measures.filter((x) => x !== hidden)
              : [seedCountOf(p.protocol.sprouted)],
        }),
      },
    };
  },
  'kind-and-method': (plan) => {
    const m = method(plan);
    if (!m.avoidFor.includes(plan.speciesId)) return null;
    return {
      severity: 'mend',
      what: `${species(plan).name} does badly in ${lower(m.name)}.`,
      why: 'A poor start hides what is being tested.',
      fix: { label: 'Grow it in a cup', apply: (p) => ({ ...p, methodId: 'cup_mix', fillMl: 215 }) },
    };
  },
  'pot-too-small': (plan) => {
    const m = method(plan);
    const needed = species(plan).potMlPerPlant * plan.keep;
    const days = daysBetween(plan.sowOn, plan.endOn);
    if (m.paper || days <= SMALL_POT_DAYS || plan.kind === 'crowding' || plan.kind === 'patch' || plan.fillMl >= 0.5 * needed)
      return null;
    return {
      severity: 'mind',
      what: `${plan.fillMl} mL is tight for ${plan.keep === 1 ? 'a plant' : `${plan.keep} plants`} of ${lower(species(plan).name)} over ${days} days; ${needed} mL is roomy.`,
      why: 'Roots without room stop growth in every treatment, and differences shrink.',
      fix: m.containerMl[1] >= needed ? { label: `Fill ${needed} mL`, apply: (p) => ({ ...p, fillMl: needed }) } : null,
    };
  },
  'beyond-bearing': (plan) => {
    const { salt, name } = species(plan);
    const factor = plan.factors.find((f) => f.subject === 'salt' && f.unit === 'mmol/L');
    const weakest = Math.min(...(factor?.levels ?? []).flatMap((l) => (l.amount && l.amount > 0 ? [l.amount] : [])));
    const ec = Number.isFinite(weakest) ? saltConductivity(weakest) : null;
    if (!factor || !ec?.ok || salt.threshold === null || ec.mSPerCm <= BEARS_TIMES * salt.threshold) return null;
    const share = salt.threshold / ec.mSPerCm;
    const milder = (amount: number) => Number((amount * share).toPrecision(2));
    return {
      severity: 'mend',
      what: `Even the weakest salt water (${ec.mSPerCm.toFixed(1)} mS/cm) is far beyond what ${lower(name)} bears (about ${salt.threshold}).`,
      why: 'Where nothing grows in any strength, nothing is learnt about how much is too much.',
      fix: {
        label: `Begin at ${milder(weakest)} mmol/L`,
        apply: (p) => ({
          ...p,
          factors: p.factors.map((f) =>
            f.subject === 'salt'
              ? {
                  ...f,
                  levels: f.levels.map((l) =>
                    l.amount && l.amount > 0 ? { ...l, label: `${milder(l.amount)} mmol/L`, amount: milder(l.amount) } : l,
                  ),
                }
              : f,
          ),
        }),
      },
    };
  },
  'unsafe-material': (plan) => {
    const blocked = cautionsFor(plan).find((c) => c.gravity === 'block');
    if (!blocked) return null;
    const recipe = RECIPES[0]!;
    return {
      severity: 'stop',
      what: `“${blocked.from}” is too poisonous or corrosive for a class.`,
      why: 'No result is worth a hurt eye: something milder shows the same.',
      fix: {
        label: `Ask about ${recipe.factors[0]!.name} instead`,
        apply: (p) => ({
          ...p,
          question: recipe.question,
          kind: 'dose-series',
          factors: recipe.factors,
          keptSame: keptSameFor(recipe.factors, p.keptSame),
        }),
      },
    };
  },
  'uneven-steps': (plan) => {
    const series = plan.factors.find(
      (f) =>
        f.levels.filter((l) => (l.amount ?? 0) > 0).length >= 2 &&
        ['salt', 'acid', 'chalk', 'feed', 'water', 'depth'].includes(f.subject),
    );
    if (!series) return null;
    const amounts = series.levels
      .map((l) => l.amount ?? 0)
      .filter((a) => a > 0)
      .sort((a, b) => a - b);
    const ratios = amounts.slice(1).map((a, i) => a / amounts[i]!);
    if (ratios.every((r) => r >= RATIO.least - 1e-9 && r <= RATIO.most + 1e-9)) return null;
    const halved = amounts.map((_, i) => Number((amounts[amounts.length - 1]! / 2 ** (amounts.length - 1 - i)).toPrecision(3)));
    return {
      severity: 'mind',
      what: `Steps of ${series.name} are ${ratios.some((r) => r < RATIO.least) ? 'too close' : 'too far apart'} to tell much.`,
      why: 'Amounts that double from step to step say most about where the effect begins.',
      fix: {
        label: `Use ${halved.join(', ')} ${series.unit}`,
        apply: (p) => ({
          ...p,
          factors: p.factors.map((f) => (f.name === series.name ? { ...f, levels: doubled(f.levels, halved, f.unit) } : f)),
        }),
      },
    };
  },
  'too-strong': (plan) => {
    const salt = plan.factors.find(
      (f) => f.subject === 'salt' && f.unit === 'mmol/L' && f.levels.some((l) => (l.amount ?? 0) > TOP_SALT),
    );
    if (!salt) return null;
    return {
      severity: 'mend',
      what: `More than ${TOP_SALT} mmol/L of salt stops nearly every seed.`,
      why: 'A treatment in which nothing grows tells only that it was too much.',
      fix: {
        label: `Go up to ${TOP_SALT} mmol/L`,
        apply: (p) => ({
          ...p,
          factors: p.factors.map((f) =>
            f.subject === 'salt'
              ? {
                  ...f,
                  levels: f.levels.map((l) =>
                    (l.amount ?? 0) > TOP_SALT ? { label: `${TOP_SALT} mmol/L`, amount: TOP_SALT } : l,
                  ),
                }
              : f,
          ),
        }),
      },
    };
  },
};

/** The levels above nothing, from small to large, with new amounts. */
function doubled(levels: readonly { label: string; amount: number | null }[], amounts: readonly number[], unit: string) {
  const order = levels.filter((l) => (l.amount ?? 0) > 0).sort((a, b) => a.amount! - b.amount!);
  return levels.map((l) => {
    const at = order.indexOf(l);
    return at < 0 ? l : { label: `${amounts[at]} ${unit}`.trim(), amount: amounts[at]! };
  });
}
