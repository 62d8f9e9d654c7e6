import { formatMass } from '../../quantities/mass';
import { formatVolume, type Kitchen } from '../../quantities/volume';
import { roundUpKitchen, roundUpMetric } from '../../quantities/kitchenMeasure';
import { counted, plural } from '../../words/plural';
import { methodById } from '../../seeds/catalogue';
import { additives } from './mixingCards';
import { type PlanDocument } from '../document/planDocument';
import { type KindWorkedOut, type WorkedOut } from '../workedOut/workOut';

export interface ListLine {
  what: string;
  /** For one team, and for everybody with spares. */
  perTeam: string;
  total: string;
}

/** What to have at hand on sowing day: per team and in all, with spares. */
export function shoppingList(plan: PlanDocument, out: WorkedOut, teams: number, kitchen: Kitchen): ListLine[] {
  const method = methodById(plan.methodId)!;
  const groups = Math.max(1, teams);
  const spare = 1 + plan.sparePercent / 100;
  const each = (total: number) => Math.ceil(total / groups);
  const containers = Math.ceil(out.containers * spare);
  const volume = (ml: number) =>
    `${roundUpMetric(ml).text}${kitchen === 'metric' ? '' : ` (${roundUpKitchen(ml, kitchen).text})`}`;
  return [
    ...out.kinds.map((k) => seedLine(k, plan, groups)),
    {
      what: plural(method.container).replace(/^./, (c) => c.toUpperCase()),
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
    ...additives(plan, out).map(({ what, amount, unit }) => {
      const words = (n: number) => (unit === 'g' ? formatMass(n) : volume(n));
      return { what, perTeam: words(amount / groups), total: words(amount) };
    }),
  ];
}

function seedLine({ species, containers, toBuy }: KindWorkedOut, plan: PlanDocument, groups: number): ListLine {
  const sown = containers * plan.seedsEach;
  const seeds = toBuy.ok ? toBuy.seeds : sown;
  const packets = toBuy.ok && toBuy.packets !== null ? ` = ${counted(toBuy.packets, 'packet')} of ${plan.packetSeeds}` : '';
  const grams = species.thousandSeedGrams === null ? '' : `, about ${formatMass((seeds * species.thousandSeedGrams) / 1000)}`;
  return {
    what: `Seeds of ${species.name.toLowerCase()}, untreated`,
    perTeam: `${Math.ceil(sown / groups)}`,
    total: `${seeds}${packets}${grams}`,
  };
}

/** What goes home with a student who grows a pot there. */
export function homeKit(plan: PlanDocument, out: WorkedOut): string[] {
  const method = methodById(plan.methodId)!;
  return [
    `1 ${method.container}${method.paper ? '' : ` and ${formatVolume(plan.fillMl * 1.15)} of mix in a bag`}`,
    `${plan.seedsEach} seeds in a folded paper, and ${Math.max(1, Math.ceil(plan.seedsEach * 0.2))} to spare`,
    `A cup marked at ${formatVolume(out.soil.waterPerContainerMl[1])} for the first water`,
    'A stick label: its square opens the pot on a phone',
    'Class code, emblem and PIN of the team on a card',
    'A paper ruler that begins at its end',
    'The run sheet, the check days, and the cautions on one page',
  ];
}
