import { decimal, figures } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { type Measure } from '../measures/measure';
import { differenceWords, summaryNumber, summaryUnit, summaryValue, summaryWords } from '../measures/summaryWords';
import { type RulerResolution } from '../quantities/length';
import { plural } from '../words/plural';
import { type Question } from './question';

/** How the values of a question are named, counted and put into words: everything that figures, tables and claims say of them. */
export interface Shown {
  /** Noun in lower case: `height`, `growth in height a day`, `day of sprouting`. */
  name: string;
  /** Unit on an axis; empty where there is none. */
  unit: string;
  /** A value in that unit as a plain number. */
  inUnit: (value: number) => number;
  number: (value: number) => string;
  words: (value: number) => string;
  /** A difference with its sign and unit. */
  signed: (difference: number) => string;
  /** Its size alone; empty where steps have no size. */
  size: (difference: number) => string;
  /** After the kind: `was taller`, `came up later`. */
  more: string;
  less: string;
  /** The same after several kinds, where it differs: `were taller`. */
  ofMany?: { more: string; less: string };
  /** Figures begin at zero. */
  fromZero: boolean;
  /** Plants can be drawn at the value: it is a height as it stood. */
  drawsPlants: boolean;
  /** Ranks with their words, in order, where values are such. */
  ranks: readonly string[] | null;
  /** What it speaks of: the plants, or the soil that they stand in. */
  about: Measure['about'];
}

type Words = Omit<Shown, 'signed' | 'ranks' | 'drawsPlants' | 'about' | 'fromZero'> & Partial<Shown>;

const filled = (words: Words): Shown => ({
  ranks: null,
  drawsPlants: false,
  about: 'plants',
  fromZero: true,
  signed: (d) => `${d > 0 ? '+' : ''}${words.number(d)}${words.unit && ` ${words.unit}`}`,
  ...words,
});

const DAYS: Pick<Words, 'unit' | 'inUnit' | 'number' | 'words' | 'size'> = {
  unit: 'days',
  inUnit: (v) => v,
  number: (v) => decimal(v, 1),
  words: (v) => say('compare.daysWith', { days: decimal(v, 1) }),
  size: (d) => say('compare.daysWith', { days: decimal(Math.abs(d), 1) }),
};

const PERCENT = {
  unit: '%',
  inUnit: (v: number) => v,
  number: (v: number) => decimal(v, 0),
  words: (v: number) => `${decimal(v, 0)} %`,
};

/** @param container what a container is called */
export function shownOf(
  question: Pick<Question, 'follow' | 'reach'>,
  measure: Measure,
  resolution: RulerResolution,
  { container, seeds }: { container: string; seeds: boolean },
): Shown {
  const { name } = measure;
  const unit = summaryUnit(measure, resolution);
  const inUnit = (v: number) => summaryValue(measure, v, resolution);
  switch (question.follow) {
    case 'sprouted':
      return filled({ ...DAYS, name: say('compare.daysUntil'), more: say('compare.cameLater'), less: say('compare.cameSooner') });
    case 'share-up':
      return filled({
        ...PERCENT,
        name: seeds ? say('compare.shareSeeds') : say('compare.shareOfUp', { container: plural(container) }),
        size: (d) =>
          say('compare.ofEachHundred', { percent: decimal(Math.abs(d), 0), things: plural(seeds ? 'seed' : container) }),
        more: seeds ? say('compare.moreSeeds') : say('compare.cameMore', { container: plural(container) }),
        less: seeds ? say('compare.fewerSeeds') : say('compare.cameFewer', { container: plural(container) }),
      });
    case 'reached': {
      const goal = reachWords(measure, question.reach, resolution);
      return filled({
        ...DAYS,
        name: say('compare.daysUntilGoal', { goal }),
        more: say('compare.reachedLater', { goal }),
        less: say('compare.reachedSooner', { goal }),
      });
    }
    case 'change':
      return filled({
        ...plain(measure, resolution),
        name: say('compare.changeIn', { name }),
        more: measure.quantity === 'length' ? say('compare.grewMore') : say('compare.gainedMore', { name }),
        less: measure.quantity === 'length' ? say('compare.grewLess') : say('compare.gainedLess', { name }),
        fromZero: false,
      });
    case 'per-day': {
      const number = (v: number) => figures(inUnit(v), 2);
      const perDay = say('compare.unitADay', { unit: unit || (measure.noun?.[1] ?? '') }).trim();
      return filled({
        name: say('compare.growthDay', { name }),
        unit: perDay,
        inUnit,
        number,
        words: (v) => `${number(v)} ${perDay}`,
        size: (d) => `${number(Math.abs(d))} ${perDay}`,
        more: say('compare.grewFaster'),
        less: say('compare.grewMoreSlowly'),
        fromZero: false,
      });
    }
    case 'relative-rate': {
      const number = (v: number) => decimal(100 * v, 1);
      return filled({
        name: say('compare.relativeGrowthRate', { name }),
        unit: say('compare.percentADay'),
        inUnit: (v) => 100 * v,
        number,
        words: (v) => say('compare.numberPercentADay', { number: number(v) }),
        size: (d) => say('compare.numberPercentADay', { number: number(Math.abs(d)) }),
        more: say('compare.grewFasterSize'),
        less: say('compare.grewMoreSlowlySize'),
        fromZero: false,
      });
    }
    case 'area':
      return area(measure, resolution);
    case 'highest':
      return filled({
        ...plain(measure, resolution),
        name: say('compare.greatestOf', { name }),
        more: say('compare.gotMore', { more: measure.more }),
        less: say('compare.stayedLess', { less: measure.less }),
      });
    default:
      return filled({
        ...plain(measure, resolution),
        name,
        more: say('compare.wasOrHad', { verb: measure.verb, many: false, words: measure.more }),
        less: say('compare.wasOrHad', { verb: measure.verb, many: false, words: measure.less }),
        ofMany: {
          more: say('compare.wasOrHad', { verb: measure.verb, many: true, words: measure.more }),
          less: say('compare.wasOrHad', { verb: measure.verb, many: true, words: measure.less }),
        },
        drawsPlants: measure.drawn === 'height',
      });
  }
}

function area(measure: Measure, resolution: RulerResolution): Shown {
  const { name } = measure;
  const unit = summaryUnit(measure, resolution);
  const inUnit = (v: number) => summaryValue(measure, v, resolution);
  const number = (v: number) => figures(inUnit(v), 3);
  const area = say('compare.unitTimesDays', { unit: unit || (measure.noun?.[1] ?? '') }).trim();
  return filled({
    name: say('compare.areaUnderLine', { name }),
    unit: area,
    inUnit,
    number,
    words: (v) => `${number(v)} ${area}`,
    size: (d) => `${number(Math.abs(d))} ${area}`,
    more: say('compare.moreAreaUnderLine'),
    less: say('compare.lessAreaUnderLine'),
  });
}

function plain(measure: Measure, resolution: RulerResolution) {
  return {
    unit: summaryUnit(measure, resolution),
    inUnit: (v: number) => summaryValue(measure, v, resolution),
    number: (v: number) => summaryNumber(measure, v, resolution),
    words: (v: number) => summaryWords(measure, v, resolution),
    size: (d: number) => differenceWords(measure, d, resolution),
    ranks: measure.summedUp === 'order' ? measure.choices.map((c) => c.words) : null,
    about: measure.about,
  };
}

/** What was to be reached: `12 cm`, `true leaves`. */
export function reachWords(measure: Measure, reach: string, resolution: RulerResolution): string {
  const choice = measure.choices.find((c) => c.code === reach);
  return choice ? choice.words : summaryWords(measure, Number(reach), resolution);
}
