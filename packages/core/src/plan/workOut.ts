import { type IsoDay } from '../calendar/days';
import { checkDays } from '../calendar/schoolCalendar';
import { type Result } from '../compare/descriptives';
import { substrateNeed, type SubstrateNeed } from '../mixing/substrate';
import { methodById, speciesById } from '../seeds/catalogue';
import { type EmergenceForecast, forecastEmergence } from '../seeds/emergenceForecast';
import { type SowingDepth, sowingDepth } from '../seeds/sowingDepth';
import {
  type BlankContainers,
  blankContainers,
  chanceOfAtLeast,
  type SeedChance,
  seedsToBuy,
  seedsToSow,
} from '../seeds/sowingNumbers';
import { type Layout, layOut } from './layOut';
import { type PlanDocument } from './planDocument';
import { type PlannedTreatment, planTreatments } from './planTreatments';
import { POTS_LOSE } from './startingPoints';

/** Everything that follows from a plan; cheap enough for every keystroke. */
export interface WorkedOut {
  treatments: PlannedTreatment[];
  layout: Layout;
  containers: number;
  seedsSown: number;
  toBuy: Result<{ seeds: number; packets: number | null }>;
  /** Share of seeds expected up in class pots, or the test it comes from. */
  chance: SeedChance;
  /** Seeds for 19 of 20 containers with the wanted plants; null where no number does. */
  seedsAdvised: number | null;
  chanceOfEnough: number;
  blanks: BlankContainers;
  soil: SubstrateNeed;
  depth: SowingDepth;
  forecast: Result<EmergenceForecast>;
  checkDays: Result<{ days: IsoDay[] }>;
}

/** What is known of the seed lot: its newest test on paper, and the depth on its packet. */
export interface KnownLot {
  test: { up: number; of: number } | null;
  depthMm: readonly [number, number] | null;
}

export function workOut(plan: PlanDocument, teams: number, lot: KnownLot | null = null): WorkedOut {
  const species = speciesById(plan.speciesId)!;
  const method = methodById(plan.methodId)!;
  const treatments = planTreatments(plan);
  const layout = layOut(plan, teams);
  const containers = layout.containers.length;
  const chance: SeedChance = lot?.test ?? { share: species.germination * (method.paper ? 1 : POTS_LOSE) };
  const keep = plan.kind === 'crowding' ? plan.keep : 1;
  return {
    treatments,
    layout,
    containers,
    seedsSown: containers * plan.seedsEach,
    toBuy: seedsToBuy(containers, plan.seedsEach, plan.sparePercent, plan.packetSeeds >= 1 ? plan.packetSeeds : null),
    chance,
    seedsAdvised: plan.protocol.seedsToHole === 'one' ? 1 : plan.protocol.seedsToHole === 'few' ? 3 : seedsToSow(chance, keep),
    chanceOfEnough: chanceOfAtLeast(keep, plan.seedsEach, chance),
    blanks: blankContainers(containers, plan.seedsEach, chance),
    soil: substrateNeed(containers, plan.fillMl, method.damp, method.paper ? 1 : undefined),
    depth: sowingDepth(species, { school: plan.protocol.depth, packetMm: lot?.depthMm ?? undefined }),
    forecast: forecastEmergence(species, {
      sownOn: plan.sowOn,
      seeds: containers * plan.seedsEach,
      room: plan.room,
      calendar: plan.calendar,
      rootTip: plan.protocol.sprouted === 'root-2mm',
      germination: 'share' in chance ? chance.share : (chance.up + 0.5) / (chance.of + 1),
    }),
    checkDays: checkDays(plan.calendar, plan.sowOn, plan.endOn, plan.cadence),
  };
}
