import { say } from '@bright-sprout/words/say';
/** How grave a caution is. `block`: not for a class; something else has to be found. */
export type Gravity = 'block' | 'serious' | 'care' | 'habit';

export interface CautionWords {
  gravity: Gravity;
  /** For the teacher. */
  say: string;
  /** What to wear or have at hand, or empty. */
  gear: string;
  /** Ask families about this allergy or condition before starting, or empty. */
  ask: string;
  /** Only an adult does it. */
  adult?: boolean;
}

const care = (say: string, gear = '', ask = ''): CautionWords => ({ gravity: 'care', say, gear, ask });
const serious = (say: string, gear = '', ask = ''): CautionWords => ({ gravity: 'serious', say, gear, ask });

/** What is said about each hazard; ids are those of the species and method facts. */
export const CAUTIONS: Record<string, CautionWords> = {
  get never_eat() {
    return serious(say('cautions.nothingGrownSoakedTreated'));
  },
  get no_raw_sprouts() {
    return serious(say('cautions.warmWetSproutsGrow'));
  },
  get toxic_raw_seed() {
    return serious(say('cautions.rawSeedsPoisonousCount'));
  },
  get glycoalkaloids() {
    return serious(say('cautions.greenTubersShootsLeaves'));
  },
  get toxic_foliage() {
    return care(say('cautions.leavesStemsFamilyEaten'));
  },
  get toxic_plant() {
    return serious(say('cautions.wholePlantPoisonousGloves'), 'gloves');
  },
  get latex_eye_hazard() {
    return { ...serious(say('cautions.milkySapHurtsEyes'), say('cautions.glovesEyeProtection')), adult: true };
  },
  get cyanogenic_seed() {
    return care(say('cautions.kernelsPoisonousWhenChewed'));
  },
  get tannin_toxic_if_eaten() {
    return care(say('cautions.rawAcornsUpsetStomach'));
  },
  get bitter_fruit_cucurbitacin() {
    return care(say('cautions.fruitsSavedSeedBitter'));
  },
  get favism_G6PD() {
    return serious(say('cautions.broadBeansMakeSome'), '', say('cautions.g6pdDeficiencyFavism'));
  },
  get legume_allergen() {
    return serious(say('cautions.peasBeansLentilsClover'), '', say('cautions.legumesPeanut'));
  },
  get nut_allergen() {
    return serious(say('cautions.nutsHeldThemStay'), '', 'nuts');
  },
  get allergen_wheat_gluten() {
    return serious(say('cautions.grainDustFlourSet'), '', say('cautions.wheatGluten'));
  },
  get allergen_mustard() {
    return serious(say('cautions.mustardStrongAllergenAlso'), '', 'mustard');
  },
  get allergen_seed() {
    return care(say('cautions.sunflowerSesameSetOff'), '', say('cautions.sunflowerSesameSeed'));
  },
  get pollen_allergy() {
    return care(say('cautions.endBeforeFloweringKeep'), '', 'pollen');
  },
  get skin_irritant_mild() {
    return care(say('cautions.sapHairsMayItch'), 'gloves', say('cautions.skinTrouble'));
  },
  get spicy_seed_irritant() {
    return care(say('cautions.crushedSeedsBurnEyes'));
  },
  get irritant_if_hot_type() {
    return { ...serious(say('cautions.hotKindsBurnSkin'), 'gloves'), adult: true };
  },
  get allergy_food_packaging() {
    return care(say('cautions.useNewWashedPots'), '', say('cautions.milkEggNuts'));
  },
  get coated_seed() {
    return { ...serious(say('cautions.colouredDustedSeedTreated'), 'gloves'), adult: true };
  },
  get choking_small_parts() {
    return serious(say('cautions.largeSeedsChokeGo'));
  },
  get bag_suffocation() {
    return care(say('cautions.thinBagsToysCount'));
  },
  get moulds() {
    return serious(say('cautions.keepMouldyBagsBoxes'), '', say('cautions.asthmaWeakImmunity'));
  },
  get compost_bacteria() {
    return serious(say('cautions.pottingMixHoldsBacteria'), say('cautions.glovesCuts'), say('cautions.weakImmunity'));
  },
  get dust_mix() {
    return care(say('cautions.dampenDryMixBefore'), say('cautions.dustMaskAdultMixes'), 'asthma');
  },
  get vinegar_acid() {
    return care(say('cautions.vinegarStingsEyesCuts'), say('cautions.eyeProtection'));
  },
  get crush_tablets() {
    return { ...care(say('cautions.adultCrushesTabletsBag'), say('cautions.eyeProtection')), adult: true };
  },
  get gas_pressure() {
    return serious(say('cautions.acidChalkMakesGas'), say('cautions.eyeProtection'));
  },
  get salt_solution() {
    return care(say('cautions.saltWaterDrinkingLabel'));
  },
  get fertiliser() {
    return { ...care(say('cautions.adultMeasuresConcentrateStudents'), 'gloves'), adult: true };
  },
  get unlabelled() {
    return serious(say('cautions.everyLiquidMarkedBottle'));
  },
  get scarify_tools() {
    return { ...serious(say('cautions.adultNicksFilesSeeds'), say('cautions.eyeProtection')), adult: true };
  },
  get scissors_skewers() {
    return care(say('cautions.pointsGoDownWhile'));
  },
  get staples_sharp() {
    return care(say('cautions.countStaplesPins'));
  },
  get glass_jar() {
    return care(say('cautions.glassStandsTrayBroken'));
  },
  get electric_water() {
    return { ...serious(say('cautions.lampsMatsPumpsHang'), ''), adult: true };
  },
  get hot_lamp() {
    return serious(say('cautions.lampsGetHotStand'));
  },
  get heat_mat() {
    return { ...care(say('cautions.matsLieFlatUncovered')), adult: true };
  },
  get sealed_sun() {
    return care(say('cautions.closedBagCoverSun'));
  },
  get spill_slip() {
    return care(say('cautions.traysUnderEverythingWatered'));
  },
  get lifting() {
    return { ...care(say('cautions.adultCarriesBagsMix')), adult: true };
  },
  get window_height() {
    return care(say('cautions.nobodyClimbsPotTrays'));
  },
  get outdoor_sun_insects() {
    return care(say('cautions.outsideSunHatsWater'), say('cautions.sunProtection'), say('cautions.insectStings'));
  },
  get bright_led_uv() {
    return care(say('cautions.nobodyLooksBrightLamps'));
  },
  handwash: {
    gravity: 'habit',
    get say() {
      return say('cautions.everybodyWashesHandsEnd');
    },
    gear: '',
    ask: '',
  },
  get invasive_some_regions() {
    return care(say('cautions.plantedSomeRegionsKind'));
  },
  get invasive_disposal() {
    return care(say('cautions.plantsMixGoBin'));
  },
  get plant_disease_rules() {
    return care(say('cautions.kindsFamilyCarryDiseases'));
  },
  get unattended_weekend() {
    return { ...care(say('cautions.lampsMatsPumpsSwitched')), adult: true };
  },
  prohibited: {
    gravity: 'block',
    get say() {
      return say('cautions.tooPoisonousCorrosiveClass');
    },
    gear: '',
    ask: '',
  },
};
