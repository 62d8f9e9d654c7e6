import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { byTreatment } from '../recipes/byTreatment';
import { type Recipe } from '../recipes/recipe';
import { listInWords } from '../../words/listInWords';
import { formatMass } from '../../quantities/mass';
import { formatVolume, type Kitchen } from '../../quantities/volume';
import { roundUpKitchen, roundUpMetric } from '../../quantities/kitchenMeasure';
import { counted, plural } from '../../words/plural';
import { holdsStick, methodById } from '../../seeds/catalogue';
import { measuresOf } from '../../measures/registry';
import { additives, asMass } from './mixingCards';
import { seedLessonThings } from './seedLesson';
import { type PlanDocument } from '../document/planDocument';
import { type KindWorkedOut, spareSeedsInKit, type WorkedOut } from '../workedOut/workOut';
import { capital } from '../../words/capital';

export interface ListLine {
  what: string;
  /** For one team, as it is dealt: a range where teams differ; and for everybody with spares. */
  perTeam: string;
  total: string;
}

const shared = () => say('lists.forTheClass');

/** What to have at hand on sowing day: for each team as the containers are dealt, and in all, with spares. */
export function shoppingList(plan: PlanDocument, out: WorkedOut, teams: number, kitchen: Kitchen): ListLine[] {
  const method = methodById(plan.methodId)!;
  const groups = Math.max(1, teams);
  const spare = 1 + plan.sparePercent / 100;
  const volume = (ml: number) =>
    `${roundUpMetric(ml).text}${kitchen === 'metric' ? '' : ` (${roundUpKitchen(ml, kitchen).text})`}`;
  const own = dealt(out, groups);
  const perTeam = (words: (containers: number) => string) => (own === null ? shared() : range(own, words));
  const standing = out.containers + out.reserve;
  const inAll = Math.ceil(standing * spare - ROUNDING);
  const wholes = method.perWhole > 1 ? out.layout.trays.length : null;
  return [
    ...out.kinds.map((k) => seedLine(k, plan, out, groups)),
    {
      what: capital(plural(method.container)),
      perTeam: perTeam(String),
      total:
        wholes === null
          ? `${inAll}`
          : say('lists.standingInWholes', { standing, wholes: counted(wholes, out.layout.form.carrier) }),
    },
    {
      what: method.paper ? say('lists.paperPadsSpongeVolume') : say('lists.pottingMix'),
      perTeam: perTeam((n) => volume(n * out.soil.perContainerMl)),
      total: volume(mixToHave(plan, out)),
    },
    {
      what: say('lists.firstWater'),
      perTeam:
        own === null
          ? shared()
          : rangeOf(
              ofTeams(out, groups, (r) => r.firstWaterMl?.[1] ?? 0),
              volume,
            ),
      total: volume(out.firstWater.totalMl * spare),
    },
    {
      what: holdsStick(method) ? say('lists.stickLabels') : say('lists.labelsStick'),
      perTeam: perTeam(String),
      total: `${inAll}`,
    },
    ...(wholes === null && method.stands !== 'pane'
      ? [
          {
            what: say('lists.traysSaucers'),
            perTeam: own === null ? shared() : '1',
            total: `${trays(out, own === null ? 1 : groups)}`,
          },
        ]
      : []),
    ...(measuresLengths(plan)
      ? [{ what: say('lists.rulersShow', { ruled: RULED[plan.protocol.resolution] }), perTeam: '1', total: `${groups}` }]
      : []),
    ...(out.recipes.some((r) => r.keep !== null)
      ? [{ what: say('lists.smallScissorsTweezersThinning'), perTeam: '1', total: `${groups}` }]
      : []),
    ...seedLessonThings(plan).map((what) => ({ what, perTeam: '1', total: `${groups}` })),
    ...additives(plan, out).map((bought) => ({
      what: bought.what,
      // Mixed once for everybody: what one team needs of it is too little to be measured.
      perTeam: shared(),
      total: bought.unit === 'g' ? asMass(bought) : volume(bought.amount),
    })),
  ];
}

const RULED: Record<PlanDocument['protocol']['resolution'], string> = spoken({
  cm: 'lists.centimetres',
  'half-cm': 'lists.halfCentimetres',
  mm: 'lists.millimetres',
  'quarter-in': 'lists.quarterInches',
});

const measuresLengths = ({ measures, ownMeasures }: PlanDocument) =>
  measuresOf({ measures, own: ownMeasures }).some((m) => m.quantity === 'length');

const ROUNDING = 1e-9;
const trays = ({ layout }: WorkedOut, groups: number) => Math.max(groups, layout.trays.length);

/** Mix to have, with what is spare: the same wherever it is told, in millilitres. */
export function mixToHave(plan: Pick<PlanDocument, 'sparePercent'>, out: WorkedOut): number {
  return out.soil.totalMl * (1 + plan.sparePercent / 100);
}

/** Fewest and most containers that a team has, of some treatments or of all; null where the class shares them. */
function dealt({ layout }: WorkedOut, groups: number, treatments?: readonly string[]): readonly [number, number] | null {
  if (layout.containers.every((c) => c.team === null)) return null;
  const counts = Array.from(
    { length: groups },
    (_, team) => layout.containers.filter((c) => c.team === team && (!treatments || treatments.includes(c.treatment))).length,
  );
  return [Math.min(...counts), Math.max(...counts)];
}

function seedLine(
  { species, treatments, toBuy, sown }: KindWorkedOut,
  plan: PlanDocument,
  out: WorkedOut,
  groups: number,
): ListLine {
  const seeds = toBuy.ok ? toBuy.seeds : sown;
  const packets = toBuy.ok ? toBuy.packets : null;
  const grams = species.thousandSeedGrams === null ? null : (seeds * species.thousandSeedGrams) / 1000;
  // What goes home has its spare seeds in the kit.
  const kit = (n: number) => n + (plan.assignment === 'own-pot' ? spareSeedsInKit(n) : 0);
  const each = (r: Recipe) => (treatments.includes(r.treatment.code) ? kit(r.seeds) : 0);
  return {
    what: say('lists.seedsUntreated', { name: species.name.toLowerCase() }),
    perTeam: dealt(out, groups) === null ? shared() : rangeOf(ofTeams(out, groups, each), String),
    total: say('lists.seedsInAll', {
      seeds,
      byPacket: packets !== null,
      packets: packets ?? 0,
      packetSeeds: plan.packetSeeds,
      hasMass: grams !== null,
      mass: grams !== null && formatMass(grams),
    }),
  };
}

/** What each team needs for its own containers, where one of a treatment takes so much. */
function ofTeams({ layout, recipes }: WorkedOut, groups: number, each: (recipe: Recipe) => number): number[] {
  const of = new Map(recipes.map((r) => [r.treatment.code, each(r)]));
  return Array.from({ length: groups }, (_, team) =>
    layout.containers.filter((c) => c.team === team).reduce((sum, c) => sum + of.get(c.treatment)!, 0),
  );
}

const rangeOf = (amounts: readonly number[], words: (amount: number) => string) =>
  range([Math.min(...amounts), Math.max(...amounts)], words);

/** What the fewest and the most take, in words; once where it is the same. */
function range([low, high]: readonly [number, number], words: (amount: number) => string): string {
  if (low === high || words(low) === words(high)) return words(high);
  return say('lists.lowToHigh', { low: low === 0 ? say('lists.none') : words(low), high: words(high) });
}

/** What goes home with a student who grows a pot there. */
export function homeKit(plan: PlanDocument, out: WorkedOut): string[] {
  const method = methodById(plan.methodId)!;
  return [
    say('lists.mixBag', { container: method.container, formatVolume: formatVolume(plan.fillMl * 1.15), paper: method.paper }),
    ...byTreatment(out.recipes, (r) => r.seeds).map(({ treatments, value }) =>
      say('lists.seedsFoldedPaperSpare', {
        count: treatments.length > 0 ? `${listInWords(treatments)}: ` : '',
        kind: value,
        spareSeedsInKit: spareSeedsInKit(value),
      }),
    ),
    say('lists.cupMarkedFirstWater', { formatVolume: formatVolume(out.firstWater.eachMl[1]) }),
    say('lists.stickLabelSquareOpens'),
    say('lists.classCodeEmblemPin'),
    say('lists.paperRulerBeginsEnd'),
    say('lists.runSheetCheckDays'),
  ];
}
