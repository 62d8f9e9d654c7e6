import { spoken } from '@bright-sprout/words/spoken';
import { type Protocol } from './planDocument';

type Words = { [K in keyof Protocol]?: Partial<Record<Protocol[K] & string, { name: string; does: string }>> };

/** What each choice is called and, in one line, what it does to the records. */
export const PROTOCOL_WORDS = {
  sprouted: {
    'root-2mm': spoken({
      name: 'planning.rootTipMmLong',
      does: 'planning.seenDaysEarlierShoot',
    }),
    shoot: spoken({
      name: 'planning.shootShowsAboveSoil',
      does: 'planning.nobodyDigDepthSowing',
    }),
    'seed-leaves': spoken({
      name: 'planning.seedLeavesOpen',
      does: 'planning.easyAgreeDayMore',
    }),
  },
  height: {
    'growing-tip': spoken({
      name: 'planning.soilGrowingTipStem',
      does: 'planning.samePlantGivesSame',
    }),
    'highest-point': spoken({
      name: 'planning.soilHighestPointStands',
      does: 'planning.nothingTouchedPlantWilts',
    }),
    'longest-leaf': spoken({
      name: 'planning.soilTipLongestLeaf',
      does: 'planning.rightGrassesBittenLeaf',
    }),
  },
  beforeSprouting: {
    exclude: spoken({
      name: 'planning.noHeightAtAll',
      does: 'planning.meanSpeaksPlantsOthers',
    }),
    zero: spoken({
      name: 'planning.heightZero',
      does: 'planning.latePlantsPullMean',
    }),
  },
  afterLoss: {
    exclude: spoken({
      name: 'planning.leavesMeansDayCounted',
      does: 'planning.meanSpeaksSurvivorsSays',
    }),
    carry: spoken({
      name: 'planning.staysLastHeight',
      does: 'planning.lossesMoveMeanGrowth',
    }),
    zero: spoken({
      name: 'planning.countsZero',
      does: 'planning.treatmentKillsLooksShort',
    }),
  },
  seedlings: {
    tagged: spoken({
      name: 'planning.taggedOnes',
      does: 'planning.sameSeedlingFollowedDay',
    }),
    tallest: spoken({
      name: 'planning.theTallest',
      does: 'planning.quickAlwaysLittleAbove',
    }),
    all: spoken({
      name: 'planning.allOfThem',
      does: 'planning.mostWorkLeastDoubt',
    }),
  },
  seedsToHole: {
    one: spoken({
      name: 'planning.somePotsReserve',
      does: 'planning.thinningSomeContainersStay',
    }),
    few: spoken({
      name: 'planning.twoThree',
      does: 'planning.fewBlanksSomeoneThin',
    }),
    'nineteen-of-twenty': spoken({
      name: 'planning.enoughPlantThin',
      does: 'planning.blanksPlannedKindsOwn',
    }),
  },
  depth: {
    packet: spoken({
      name: 'planning.packetSays',
      does: 'planning.madeOpenGroundDeep',
    }),
    widths: spoken({
      name: 'planning.twoThreeTimesSeeds',
      does: 'planning.worksMostSeedsTiny',
    }),
    thickness: spoken({
      name: 'planning.deepSeedThick',
      does: 'planning.earlySeeQuickDry',
    }),
    surface: spoken({
      name: 'planning.onTheSurface',
      does: 'planning.seedsNeedLightMust',
    }),
  },
  firm: {
    press: spoken({
      name: 'planning.pressGently',
      does: 'planning.airPocketsSoilTouches',
    }),
    loose: spoken({
      name: 'planning.leaveLoose',
      does: 'planning.moreAirSettlesLater',
    }),
  },
  water: {
    'damp-before': spoken({
      name: 'planning.dampenSoilBeforeFilling',
      does: 'planning.containersStartSameWater',
    }),
    'by-touch': spoken({
      name: 'planning.byTouch',
      does: 'planning.getsNeedsAmountsDiffer',
    }),
    'fixed-volume': spoken({
      name: 'planning.fixedAmount',
      does: 'planning.fairWaterNeedBig',
    }),
    'by-weight': spoken({
      name: 'planning.byWeight',
      does: 'planning.fairestScaleSomeMinutes',
    }),
  },
  lightBefore: {
    'warm-covered': spoken({
      name: 'planning.warmSunCovered',
      does: 'planning.evenWarmthMoveLight',
    }),
    'bright-window': spoken({
      name: 'planning.brightWindowDay',
      does: 'planning.moveLessSunOverheat',
    }),
  },
  openBag: {
    never: spoken({
      name: 'planning.neverLookThrough',
      does: 'planning.dampStaysMouldStays',
    }),
    mist: spoken({
      name: 'planning.openMistCount',
      does: 'planning.countsSurerDampLost',
    }),
  },
  report: {
    'container-mean': spoken({
      name: 'planning.meanContainer',
      does: 'planning.everyPlantKeptContainer',
    }),
    tallest: spoken({
      name: 'planning.tallestContainer',
      does: 'planning.easyYoungHidesOnes',
    }),
  },
} satisfies Words;

/** A choice on which practitioners differ. */
export type ProtocolName = keyof typeof PROTOCOL_WORDS;
