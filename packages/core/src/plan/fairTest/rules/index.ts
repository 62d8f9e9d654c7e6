import { beyondBearing } from './beyondBearing';
import { cannotBeSeen } from './cannotBeSeen';
import { comparesAfterAll } from './comparesAfterAll';
import { controlIsTreated } from './controlIsTreated';
import { deeperThanFilling } from './deeperThanFilling';
import { dryBeforeMonday } from './dryBeforeMonday';
import { dryBetweenChecks } from './dryBetweenChecks';
import { endsTooSoon } from './endsTooSoon';
import { fewerSeedsThanPlants } from './fewerSeedsThanPlants';
import { fewSeedsToCount } from './fewSeedsToCount';
import { kindAndMethod } from './kindAndMethod';
import { kindsAreNoTest } from './kindsAreNoTest';
import { largeSeedOnTop } from './largeSeedOnTop';
import { lightSeedCovered } from './lightSeedCovered';
import { looksTooSeldom } from './looksTooSeldom';
import { manyBlanks } from './manyBlanks';
import { moreThanOneThing } from './moreThanOneThing';
import { nameContradictsAmount } from './nameContradictsAmount';
import { noBreakTyped } from './noBreakTyped';
import { noControl } from './noControl';
import { noSoilToChange } from './noSoilToChange';
import { nothingDiffers } from './nothingDiffers';
import { nothingMeasured } from './nothingMeasured';
import { observerIsTreatment } from './observerIsTreatment';
import { placeIsTreatment } from './placeIsTreatment';
import { placesStandApart } from './placesStandApart';
import { potTooSmall } from './potTooSmall';
import { roomStopsSeeds } from './roomStopsSeeds';
import { sownApart } from './sownApart';
import { standsElsewhere } from './standsElsewhere';
import { teamIsTreatment } from './teamIsTreatment';
import { tooFewContainers } from './tooFewContainers';
import { tooManyInOne } from './tooManyInOne';
import { tooStrong } from './tooStrong';
import { tooWeak } from './tooWeak';
import { trayIsTreatment } from './trayIsTreatment';
import { unfairDifference } from './unfairDifference';
import { unevenSteps } from './unevenSteps';
import { unsafeMaterial } from './unsafeMaterial';
import { type FairRule } from '../fairRule';

/** Every rule of the fair-test check, in the order in which equally grave ones are told. A new rule is a file here and a line. */
export const FAIR_RULES: readonly FairRule[] = [
  noControl,
  comparesAfterAll,
  nothingMeasured,
  nothingDiffers,
  tooWeak,
  nameContradictsAmount,
  controlIsTreated,
  moreThanOneThing,
  unfairDifference,
  tooFewContainers,
  teamIsTreatment,
  placesStandApart,
  standsElsewhere,
  trayIsTreatment,
  placeIsTreatment,
  observerIsTreatment,
  sownApart,
  kindsAreNoTest,
  roomStopsSeeds,
  endsTooSoon,
  looksTooSeldom,
  dryBeforeMonday,
  dryBetweenChecks,
  noBreakTyped,
  manyBlanks,
  fewerSeedsThanPlants,
  fewSeedsToCount,
  tooManyInOne,
  noSoilToChange,
  deeperThanFilling,
  largeSeedOnTop,
  lightSeedCovered,
  cannotBeSeen,
  kindAndMethod,
  potTooSmall,
  beyondBearing,
  unsafeMaterial,
  unevenSteps,
  tooStrong,
];
