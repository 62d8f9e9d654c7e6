import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { inOneLine } from '../../words/inOneLine';
import { listInWords } from '../../words/listInWords';
import { counted } from '../../words/plural';
import { SEED_LOOK_WORDS } from '../document/seedLookWords';
import { type EventFact, type Leaving, type PlanEvent } from './planEvents';
import { capital } from '../../words/capital';

export interface EventWords {
  title: string;
  /** What to do, a sentence; empty where the title says it. */
  note: string;
}

/** What an event says. */
export function eventWords(event: PlanEvent): EventWords {
  const [title, note] = WORDS[event.code](event as never);
  return { title, note };
}

type Words = { [Code in EventFact['code']]: (fact: Extract<EventFact, { code: Code }>) => [title: string, note: string] };

const staysSo = (kept: boolean | undefined) => (kept ? say('planDays.labelWantsDarkCovered') : '');
const gapName = ({ gap, weekend }: { gap: string | null; weekend: boolean }) =>
  gap ?? (weekend ? say('planDays.theWeekend') : say('planDays.daysOff'));

const LEAVING: Record<Leaving['cover'], string> = spoken({
  lifted: 'planDays.waterTurnCloseCovers',
  stays: 'planDays.seePaperDampShut',
  none: 'planDays.fillWaterUnderPaper',
});

function beforeGap({ how, cover }: Leaving, alone: string): string {
  switch (how) {
    case 'short':
      return say('planDays.aloneFor', { leaving: LEAVING[cover], alone });
    case 'somebody':
      return say('planDays.waterHandOverSomebody', { alone });
    case 'reservoir':
      return say('planDays.fillReservoirsTestWicks', { alone });
    case 'too-long':
      return say('planDays.aloneLongerLastSet', { alone });
  }
}

type Soak = Extract<EventFact, { code: 'soak' }>;

function soakHours({ leastHours, mostHours }: Soak): string {
  return leastHours === mostHours ? say('planDays.hours', { mostHours }) : say('planDays.toHours', { leastHours, mostHours });
}

/** `22:15` */
const clock = (hour: number) => `${Math.floor(hour)}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;

const WORDS: Words = {
  'get-together': () => [say('planDays.getEverythingTogether'), say('planDays.shoppingListKitList')],
  'seed-lesson': ({ looks }) => [
    say('planDays.lookSeeds'),
    say('planDays.sheetUnderPrepare', { looks: capital(listInWords(looks.map((l) => SEED_LOOK_WORDS[l].name))) }),
  ],
  'soil-stands': () => [say('planDays.mixSoilLetStand'), say('planDays.chalkNeedsFewDays')],
  'cold-spell': ({ species }) => [say('planDays.coldSpellBegins', { species }), say('planDays.seedsLieMoistRefrigerator')],
  soak: (fact) => [
    fact.chosen
      ? say('planDays.soakSeedsSoaked', { species: fact.species })
      : say('planDays.soakSeeds', { species: fact.species }),
    say('planDays.plentyWaterBeginAbout', {
      soakHours: soakHours(fact),
      clock: fact.hour === undefined ? '' : clock(fact.hour),
      home: Boolean(fact.home),
      sameHour: fact.hour === undefined,
    }),
  ],
  sow: ({ treatments }) => [
    say('planDays.sowTreatments', { several: treatments.length > 0, treatments: listInWords(treatments) }),
    say('planDays.runSheetSaysTeam'),
  ],
  'first-look': () => [say('planDays.firstLook'), say('planDays.firstMayToday')],
  'into-light': ({ kept, species }) => [
    say('planDays.moveLight', { ofKind: Boolean(species), species }),
    inOneLine(say('planDays.aboutHalfShouldBright'), staysSo(kept)),
  ],
  'lift-covers': ({ kept, species }) => [
    species ? say('planDays.liftCoversMoveLight', { species }) : say('planDays.liftCoversAndMove'),
    inOneLine(say('planDays.aboutHalfShouldLeave'), staysSo(kept)),
  ],
  'covers-off': ({ kept, species }) => [
    say('planDays.takeCoversOff', { ofKind: Boolean(species), species }),
    inOneLine(say('planDays.usedAirRoomNow'), staysSo(kept)),
  ],
  check: () => [say('planDays.check'), say('planDays.everyContainerGetsAnswer')],
  thin: ({ keep, species }) => [
    say('planDays.thinTo', { ofKind: Boolean(species), species, keep: keep ?? say('planDays.numberLabel') }),
    say('planDays.stayDecidedLotWritten'),
  ],
  'into-soil': ({ species }) => [
    say('planDays.moveSoil', { ofKind: Boolean(species), species }),
    say('planDays.foodPaperSpongeHold'),
  ],
  'harden-off': ({ species }) => [say('planDays.beginHardenOff', { species }), say('planDays.hourOutsideShadeToday')],
  'harden-step': ({ species, hours, night }) => [
    say('planDays.hardenOffDayNight', { species, hours, night }),
    night ? say('planDays.stayNowUnlessFrost') : say('planDays.outsideLittleBrighterYesterday'),
  ],
  harvest: ({ species }) => [say('planDays.harvestThe', { species }), say('planDays.containerContainerCutWeigh')],
  'plant-out': ({ species }) => [say('planDays.plantOutThe', { species }), say('planDays.eveningUnderCloudWater')],
  'before-gap': (fact) => [
    say('planDays.before', { gapName: gapName(fact) }),
    beforeGap(fact.leaving, counted(fact.days, 'day')),
  ],
  'come-in': (fact) => [
    say('planDays.somebodyComesWater'),
    say('planDays.middleNothingAloneMore', { gapName: gapName(fact), every: fact.every }),
  ],
  lesson: () => [say('planDays.lesson'), say('planDays.plantsLookedTogether')],
  end: () => [say('planDays.end'), say('planDays.lastLookClearAway')],
};
