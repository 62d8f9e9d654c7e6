import { say } from '@bright-sprout/words/say';
import { type Protocol } from './planDocument';

type Words = { [K in keyof Protocol]?: Partial<Record<Protocol[K] & string, { name: string; does: string }>> };

/** What each choice is called and, in one line, what it does to the records. */
export const PROTOCOL_WORDS = {
  sprouted: {
    'root-2mm': {
      get name() {
        return say('planning.rootTipMmLong');
      },
      get does() {
        return say('planning.seenDaysEarlierShoot');
      },
    },
    shoot: {
      get name() {
        return say('planning.shootShowsAboveSoil');
      },
      get does() {
        return say('planning.nobodyDigDepthSowing');
      },
    },
    'seed-leaves': {
      get name() {
        return say('planning.seedLeavesOpen');
      },
      get does() {
        return say('planning.easyAgreeDayMore');
      },
    },
  },
  height: {
    'growing-tip': {
      get name() {
        return say('planning.soilGrowingTipStem');
      },
      get does() {
        return say('planning.samePlantGivesSame');
      },
    },
    'highest-point': {
      get name() {
        return say('planning.soilHighestPointStands');
      },
      get does() {
        return say('planning.nothingTouchedPlantWilts');
      },
    },
    'longest-leaf': {
      get name() {
        return say('planning.soilTipLongestLeaf');
      },
      get does() {
        return say('planning.rightGrassesBittenLeaf');
      },
    },
  },
  beforeSprouting: {
    exclude: {
      get name() {
        return say('planning.noHeightAtAll');
      },
      get does() {
        return say('planning.meanSpeaksPlantsOthers');
      },
    },
    zero: {
      get name() {
        return say('planning.heightZero');
      },
      get does() {
        return say('planning.latePlantsPullMean');
      },
    },
  },
  afterLoss: {
    exclude: {
      get name() {
        return say('planning.leavesMeansDayCounted');
      },
      get does() {
        return say('planning.meanSpeaksSurvivorsSays');
      },
    },
    carry: {
      get name() {
        return say('planning.staysLastHeight');
      },
      get does() {
        return say('planning.lossesMoveMeanGrowth');
      },
    },
    zero: {
      get name() {
        return say('planning.countsZero');
      },
      get does() {
        return say('planning.treatmentKillsLooksShort');
      },
    },
  },
  seedlings: {
    tagged: {
      get name() {
        return say('planning.taggedOnes');
      },
      get does() {
        return say('planning.sameSeedlingFollowedDay');
      },
    },
    tallest: {
      get name() {
        return say('planning.theTallest');
      },
      get does() {
        return say('planning.quickAlwaysLittleAbove');
      },
    },
    all: {
      get name() {
        return say('planning.allOfThem');
      },
      get does() {
        return say('planning.mostWorkLeastDoubt');
      },
    },
  },
  seedsToHole: {
    one: {
      get name() {
        return say('planning.somePotsReserve');
      },
      get does() {
        return say('planning.thinningSomeContainersStay');
      },
    },
    few: {
      get name() {
        return say('planning.twoThree');
      },
      get does() {
        return say('planning.fewBlanksSomeoneThin');
      },
    },
    'nineteen-of-twenty': {
      get name() {
        return say('planning.enoughPlantThin');
      },
      get does() {
        return say('planning.blanksPlannedKindsOwn');
      },
    },
  },
  depth: {
    packet: {
      get name() {
        return say('planning.packetSays');
      },
      get does() {
        return say('planning.madeOpenGroundDeep');
      },
    },
    widths: {
      get name() {
        return say('planning.twoThreeTimesSeeds');
      },
      get does() {
        return say('planning.worksMostSeedsTiny');
      },
    },
    thickness: {
      get name() {
        return say('planning.deepSeedThick');
      },
      get does() {
        return say('planning.earlySeeQuickDry');
      },
    },
    surface: {
      get name() {
        return say('planning.onTheSurface');
      },
      get does() {
        return say('planning.seedsNeedLightMust');
      },
    },
  },
  firm: {
    press: {
      get name() {
        return say('planning.pressGently');
      },
      get does() {
        return say('planning.airPocketsSoilTouches');
      },
    },
    loose: {
      get name() {
        return say('planning.leaveLoose');
      },
      get does() {
        return say('planning.moreAirSettlesLater');
      },
    },
  },
  water: {
    'damp-before': {
      get name() {
        return say('planning.dampenSoilBeforeFilling');
      },
      get does() {
        return say('planning.containersStartSameWater');
      },
    },
    'by-touch': {
      get name() {
        return say('planning.byTouch');
      },
      get does() {
        return say('planning.getsNeedsAmountsDiffer');
      },
    },
    'fixed-volume': {
      get name() {
        return say('planning.fixedAmount');
      },
      get does() {
        return say('planning.fairWaterNeedBig');
      },
    },
    'by-weight': {
      get name() {
        return say('planning.byWeight');
      },
      get does() {
        return say('planning.fairestScaleSomeMinutes');
      },
    },
  },
  lightBefore: {
    'warm-covered': {
      get name() {
        return say('planning.warmSunCovered');
      },
      get does() {
        return say('planning.evenWarmthMoveLight');
      },
    },
    'bright-window': {
      get name() {
        return say('planning.brightWindowDay');
      },
      get does() {
        return say('planning.moveLessSunOverheat');
      },
    },
  },
  openBag: {
    never: {
      get name() {
        return say('planning.neverLookThrough');
      },
      get does() {
        return say('planning.dampStaysMouldStays');
      },
    },
    mist: {
      get name() {
        return say('planning.openMistCount');
      },
      get does() {
        return say('planning.countsSurerDampLost');
      },
    },
  },
  report: {
    'container-mean': {
      get name() {
        return say('planning.meanContainer');
      },
      get does() {
        return say('planning.everyPlantKeptContainer');
      },
    },
    tallest: {
      get name() {
        return say('planning.tallestContainer');
      },
      get does() {
        return say('planning.easyYoungHidesOnes');
      },
    },
  },
} satisfies Words;

/** A choice on which practitioners differ. */
export type ProtocolName = keyof typeof PROTOCOL_WORDS;
