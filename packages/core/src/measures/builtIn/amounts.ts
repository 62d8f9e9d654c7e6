import { say } from '@bright-sprout/words/say';
import { type Measure, measure, measureLike } from '../measure';

const WEIGHED = {
  quantity: 'mass',
  unit: 'g',
  shownIn: ['g', 'mg'],
  step: 0.01,
  least: 0,
  most: 10_000,
  get beyond() {
    return say('measures.massKilograms');
  },
  summedUp: 'mean',
  get more() {
    return say('measures.heavier');
  },
  get less() {
    return say('measures.lighter');
  },
} as const;

/** What is weighed, judged in per cent, or read from a meter. */
export const AMOUNTS: Measure[] = [
  measureLike(WEIGHED, {
    code: 'fresh-mass',
    get name() {
      return say('measures.freshMass');
    },
    question: () => say('measures.heavyFresh'),
    of: 'plant',
  }),
  measureLike(WEIGHED, {
    code: 'dry-mass',
    get name() {
      return say('measures.dryMass');
    },
    question: () => say('measures.heavyDried'),
    of: 'plant',
  }),
  measureLike(WEIGHED, {
    code: 'harvest',
    get name() {
      return say('measures.harvest');
    },
    question: () => say('measures.muchHarvested'),
    of: 'container',
  }),
  measure({
    code: 'percent-green',
    get name() {
      return say('measures.greenCover');
    },
    question: (band) => (band === 'early' ? say('measures.muchGreen') : say('measures.manyPerCentGreen')),
    quantity: 'share',
    of: 'container',
    unit: '%',
    step: 1,
    least: 0,
    most: 100,
    get beyond() {
      return say('measures.aShareIsFrom');
    },
    summedUp: 'mean',
    get more() {
      return say('measures.greener');
    },
    get less() {
      return say('measures.lessGreen');
    },
  }),
  measure({
    code: 'soil-moisture',
    about: 'soil',
    get name() {
      return say('measures.soilMoisture');
    },
    question: () => say('measures.moistureMeterSay'),
    quantity: 'share',
    of: 'container',
    unit: '%',
    step: 1,
    least: 0,
    most: 100,
    get beyond() {
      return say('measures.soilMoistureRange');
    },
    summedUp: 'mean',
    get more() {
      return say('measures.wetter');
    },
    get less() {
      return say('measures.drier');
    },
    plausibility: 'none',
  }),
  measure({
    code: 'soil-ph',
    about: 'soil',
    get name() {
      return say('measures.phSoil');
    },
    question: () => say('measures.phStripMeterShow'),
    quantity: 'number',
    of: 'container',
    unit: 'pH',
    step: 0.1,
    least: 0,
    most: 14,
    get beyond() {
      return say('measures.aPhIsFrom');
    },
    summedUp: 'median',
    get more() {
      return say('measures.lessAcid');
    },
    get less() {
      return say('measures.moreAcid');
    },
    plausibility: 'none',
  }),
];
