import { say } from '@bright-sprout/words/say';
import { type GradeBand } from './gradeBand';

/** A word of the unit with one sentence about it, for younger and for older readers. */
export interface UnitWord {
  word: string;
  young: string;
  older: string;
}

const WORDS: readonly (UnitWord & { from: GradeBand })[] = [
  {
    get word() {
      return say('words.rootTip');
    },
    from: 'early',
    get young() {
      return say('words.pointedEndRootGrows');
    },
    get older() {
      return say('words.growingEndRootMostly');
    },
  },
  {
    get word() {
      return say('words.shoot');
    },
    from: 'early',
    get young() {
      return say('words.partGrowsLight');
    },
    get older() {
      return say('words.stemLeavesTogetherGrows');
    },
  },
  {
    get word() {
      return say('words.seedLeaf');
    },
    from: 'early',
    get young() {
      return say('words.firstLeafInsideSeed');
    },
    get older() {
      return say('words.leafSeedAlreadyFeeds');
    },
  },
  {
    get word() {
      return say('words.trueLeaf');
    },
    from: 'primary',
    get young() {
      return say('words.leafComesAfterSeed');
    },
    get older() {
      return say('words.leafMadeAfterSeed');
    },
  },
  {
    get word() {
      return say('words.germinate');
    },
    from: 'primary',
    get young() {
      return say('words.seedWakesRootComes');
    },
    get older() {
      return say('words.beginGrowingConventionOnce');
    },
  },
  {
    get word() {
      return say('words.emerge');
    },
    from: 'middle',
    get young() {
      return say('words.comeSoil');
    },
    get older() {
      return say('words.breakThroughSurfaceComes');
    },
  },
  {
    get word() {
      return say('words.control');
    },
    from: 'primary',
    get young() {
      return say('words.potsNothingSpecial');
    },
    get older() {
      return say('words.everythingElseHeldAgainst');
    },
  },
  {
    get word() {
      return say('words.fairTest');
    },
    from: 'primary',
    get young() {
      return say('words.onlyThingDifferent');
    },
    get older() {
      return say('words.factorChangedEverythingElse');
    },
  },
  {
    get word() {
      return say('words.mean');
    },
    from: 'primary',
    get young() {
      return say('words.addedSharedEvenly');
    },
    get older() {
      return say('words.sumValuesDividedMany');
    },
  },
  {
    get word() {
      return say('words.range');
    },
    from: 'primary',
    get young() {
      return say('words.smallestLargest');
    },
    get older() {
      return say('words.smallestLargestValueGrows');
    },
  },
  {
    get word() {
      return say('words.replicate');
    },
    from: 'middle',
    get young() {
      return say('words.morePotSameTreatment');
    },
    get older() {
      return say('words.containerTreatedOwnSeedlings');
    },
  },
  {
    get word() {
      return say('words.evidence');
    },
    from: 'primary',
    get young() {
      return say('words.sawMeasured');
    },
    get older() {
      return say('words.recordsLookDifferentClaim');
    },
  },
  {
    get word() {
      return say('words.interval');
    },
    from: 'middle',
    get young() {
      return say('words.somewhereTrueNumber');
    },
    get older() {
      return say('words.rangeMadeHoldsTrue');
    },
  },
  {
    get word() {
      return say('words.interaction');
    },
    from: 'upper',
    get young() {
      return say('words.twoThingsTogetherSomething');
    },
    get older() {
      return say('words.factorDependsLevelOther');
    },
  },
  {
    get word() {
      return say('words.confounded');
    },
    from: 'upper',
    get young() {
      return say('words.twoThingsChangedOnce');
    },
    get older() {
      return say('words.twoThingsVaryTogether');
    },
  },
];

const BANDS: readonly GradeBand[] = ['early', 'primary', 'middle', 'upper'];

/** Words of the unit that a band meets, with the sentence for its age. */
export function unitWords(band: GradeBand): { word: string; says: string }[] {
  const at = BANDS.indexOf(band);
  return WORDS.filter((w) => BANDS.indexOf(w.from) <= at).map(({ word, young, older }) => ({
    word,
    says: at <= 1 ? young : older,
  }));
}
