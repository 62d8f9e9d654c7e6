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
  never_eat: serious('Nothing that is grown, soaked or treated here is food, even where the kind is eaten elsewhere.'),
  no_raw_sprouts: serious('Warm, wet sprouts grow bacteria: no tasting of sprouts.'),
  toxic_raw_seed: serious('The raw seeds are poisonous: count them out and count them back.'),
  glycoalkaloids: serious('Green tubers, shoots and leaves are poisonous: look and measure, then wash hands.'),
  toxic_foliage: care('Leaves and stems of this family are not to be eaten and can irritate skin.'),
  toxic_plant: serious('The whole plant is poisonous: gloves for sap, none for the youngest.', 'gloves'),
  latex_eye_hazard: { ...serious('Milky sap hurts eyes: an adult cuts, nobody rubs.', 'gloves, eye protection'), adult: true },
  cyanogenic_seed: care('The kernels are poisonous when chewed in number: count them back.'),
  tannin_toxic_if_eaten: care('Raw acorns upset the stomach: not for tasting.'),
  bitter_fruit_cucurbitacin: care('Fruits from saved seed can be bitter and poisonous: none is tasted.'),
  favism_G6PD: serious('Broad beans make some people very ill, even by pollen or dust.', '', 'G6PD deficiency (favism)'),
  legume_allergen: serious('Peas, beans, lentils and clover are relatives of peanut for some.', '', 'legumes and peanut'),
  nut_allergen: serious('Nuts and what held them stay out of the room.', '', 'nuts'),
  allergen_wheat_gluten: serious('Grain dust and flour can set off allergy or coeliac disease.', '', 'wheat and gluten'),
  allergen_mustard: serious('Mustard is a strong allergen, also on hands.', '', 'mustard'),
  allergen_seed: care('Sunflower and sesame can set off allergy.', '', 'sunflower and sesame seed'),
  pollen_allergy: care('End before flowering, or keep flowers away from those with hay fever.', '', 'pollen'),
  skin_irritant_mild: care('Sap or hairs may itch, more so in the sun: gloves for tender skin.', 'gloves', 'skin trouble'),
  spicy_seed_irritant: care('Crushed seeds burn in eyes: hands stay away from faces.'),
  irritant_if_hot_type: { ...serious('Hot kinds burn skin and eyes: choose a sweet one.', 'gloves'), adult: true },
  allergy_food_packaging: care('Use new or washed pots: milk, egg and nut traces stay in used ones.', '', 'milk, egg and nuts'),
  coated_seed: { ...serious('Coloured or dusted seed is treated with poison: buy untreated seed.', 'gloves'), adult: true },
  choking_small_parts: serious('Large seeds choke and go into noses: not for the youngest without an adult at the table.'),
  bag_suffocation: care('Thin bags are no toys: count them out and in.'),
  moulds: serious('Keep mouldy bags and boxes shut and bin them so.', '', 'asthma and weak immunity'),
  compost_bacteria: serious(
    'Potting mix holds bacteria: open the bag away from faces, dampen it, wash hands.',
    'gloves for cuts',
    'weak immunity',
  ),
  dust_mix: care('Dampen dry mix before it is poured: its dust harms lungs.', 'dust mask for the adult who mixes', 'asthma'),
  vinegar_acid: care('Vinegar stings eyes and cuts: pour below eye level, rinse with water.', 'eye protection'),
  crush_tablets: { ...care('An adult crushes tablets, in a bag.', 'eye protection'), adult: true },
  gas_pressure: serious('Acid on chalk makes gas: never in a closed bottle or bag.', 'eye protection'),
  salt_solution: care('Salt water is not for drinking; label it, and spare skin with cuts.'),
  fertiliser: { ...care('An adult measures the concentrate; students get the thinned feed, labelled.', 'gloves'), adult: true },
  unlabelled: serious('Every liquid in a marked bottle, none in one that held drinks.'),
  scarify_tools: { ...serious('An adult nicks or files seeds.', 'eye protection'), adult: true },
  scissors_skewers: care('Points go down while walking; an adult makes holes in cups.'),
  staples_sharp: care('Count staples and pins out and in.'),
  glass_jar: care('Glass stands in a tray; broken glass is for an adult.'),
  electric_water: { ...serious('Lamps, mats and pumps hang above the water line, on a protected socket.', ''), adult: true },
  hot_lamp: serious('Lamps that get hot stand out of reach.'),
  heat_mat: { ...care('Mats lie flat, uncovered, with a thermostat.'), adult: true },
  sealed_sun: care('A closed bag or cover in the sun cooks plants: bright shade instead.'),
  spill_slip: care('Trays under everything that is watered; wipe floors at once.'),
  lifting: { ...care('An adult carries bags of mix and full boxes.'), adult: true },
  window_height: care('Nobody climbs for a pot: trays come down to the table.'),
  outdoor_sun_insects: care('Outside: sun hats, water, and nobody near bees alone.', 'sun protection', 'insect stings'),
  bright_led_uv: care('Nobody looks into bright lamps: they hang below eye level or behind a screen.'),
  handwash: { gravity: 'habit', say: 'Everybody washes hands at the end of each session.', gear: '', ask: '' },
  invasive_some_regions: care('Not to be planted out: in some regions the kind spreads. Ask what is allowed where you are.'),
  invasive_disposal: care('Plants and mix go into the bin, tied up, when all is done.'),
  plant_disease_rules: care('Kinds of this family carry diseases that rules are made for: buy certified, bin at the end.'),
  unattended_weekend: { ...care('Lamps, mats and pumps are switched off, or on a checked timer, over a break.'), adult: true },
  prohibited: {
    gravity: 'block',
    say: 'This is too poisonous or corrosive for a class. Choose something else.',
    gear: '',
    ask: '',
  },
};
