import { daysBetween, type IsoDay, weekdayName } from '../../calendar/days';
import { shownOf } from '../../compare/shown';
import { type Measure } from '../../measures/measure';
import { formatLength, type RulerResolution } from '../../quantities/length';
import { capital } from '../../words/capital';
import { type GradeBand } from '../../words/gradeBand';
import { listInWords } from '../../words/listInWords';
import { counted, plural } from '../../words/plural';
import { type Point } from './point';

/** What the sentences of a point speak about. */
export interface PointSubject {
  measure: Measure;
  resolution: RulerResolution;
  /** What one container is called: `cup`. */
  container: string;
  /** First day of sowing: days are told as numbers since then. */
  sownOn: IsoDay;
  band: GradeBand;
}

export interface PointWords {
  /** What is there to see, with its numbers. */
  title: string;
  /** One open question to the class. */
  asks: string;
  /** How often luck alone does as much, and of what that is counted; null where luck has no part in it. */
  luck: { often: string; counted: string } | null;
}

/** All that a talking point says, made of its facts when it is shown. */
export function pointWords(point: Point, subject: PointSubject): PointWords {
  const { title, asks, luck } = said(point, subject);
  return {
    title: capital(title),
    asks: capital(asks),
    luck: luck === null || point.chance === null ? null : { often: classesWords(point.chance), counted: luck },
  };
}

/** `in 1 of 9 classes`, `in 3 of 4 classes`, `in fewer than 1 of 1,000 classes`. */
export function classesWords(chance: number): string {
  if (chance < 0.001) return 'in fewer than 1 of 1,000 classes';
  if (chance > 0.95) return 'in nearly every class';
  if (chance > 0.4) return `in ${Math.round(10 * chance)} of 10 classes`;
  return `in 1 of ${Math.round(1 / chance)} classes`;
}

/** So many grains of which one is inked draw the same; null where they cannot be counted at a glance. */
export function grainsOf(chance: number | null): { inked: number; of: number } | null {
  if (chance === null || chance < 1 / 40) return null;
  if (chance > 0.95) return { inked: 10, of: 10 };
  return chance > 0.4 ? { inked: Math.round(10 * chance), of: 10 } : { inked: 1, of: Math.round(1 / chance) };
}

interface Said {
  title: string;
  asks: string;
  luck: string | null;
}

/** More than these are counted, not named. */
const NAMED = 4;
const some = (codes: readonly string[], noun: string) =>
  codes.length <= NAMED ? listInWords(codes) : counted(codes.length, noun);

function said(point: Point, subject: PointSubject): Said {
  const { measure, resolution, container, sownOn, band } = subject;
  const shown = shownOf({ follow: 'value', reach: '' }, measure, resolution, { container, seeds: false });
  const rate = shownOf({ follow: 'per-day', reach: '' }, measure, resolution, { container, seeds: false });
  const pots = plural(container);
  const onDay = (day: IsoDay) => `day ${daysBetween(sownOn, day)}`;
  const words = (v: number) => shown.words(v);
  const young = band === 'early' || band === 'primary';
  switch (point.code) {
    case 'first-and-last-up': {
      const when = (after: number, by: number) => (by - after > 1 ? `between day ${after} and day ${by}` : `on day ${by}`);
      const lead =
        point.ahead === null || point.ahead.of < point.first.length
          ? ''
          : ` All ${counted(point.ahead.of, container)} were ${point.ahead.label}.`;
      return {
        title: `${some(point.first, container)} came up first, ${when(point.firstAfter, point.firstBy)}; ${some(point.last, container)} last, ${when(point.lastAfter, point.lastBy)}.${lead}`,
        asks: 'What did the first have that the last had to wait for?',
        luck: 'deals of the labels within teams in which one treatment has as many of the first',
      };
    }
    case 'unlike-twins':
      return {
        title: `${point.container} ${point.behind ? 'stayed behind' : 'got ahead of'} its ${point.twins} twins: ${words(point.value)} against ${shown.number(point.low)} to ${words(point.high)}.`,
        asks: point.behind ? 'What could have happened to it?' : 'What may it have had more of?',
        luck: `classes whose ${pots} of one treatment differ as these do, and in which some ${container} lies so far out`,
      };
    case 'lines-crossed':
      return {
        title: `${point.ledBefore} led on ${onDay(point.early)}; since ${onDay(point.crossed)} ${point.leadsNow} leads.`,
        asks: 'What may have changed on the way?',
        luck: 'deals of the labels within teams in which both leads are as clear, on any day, between any two treatments',
      };
    case 'fastest-stretch':
      return {
        title: `From ${onDay(point.from)} to ${onDay(point.to)} they grew fastest: ${rate.words(point.perDay)}; in no other stretch more than ${rate.words(point.next)}.`,
        asks: 'What did those days have that the others had not?',
        luck: `classes in which no stretch is faster than the next, and that differ from ${container} to ${container} as this one does`,
      };
    case 'dip-over-days-off': {
      const days = `${weekdayName(point.from)} to ${weekdayName(point.to)}`;
      const who = point.label ?? 'The whole class';
      const how = point.stoodStill ? 'stood still' : 'grew less';
      return {
        title: `${who} ${how} from ${days}: ${words(point.before)} before the days off, ${words(point.after)} after.`,
        asks: `What did those ${pots} miss while nobody was there?`,
        luck: 'classes without a dip in which some gap looks as deep beside the days before and after it',
      };
    }
    case 'prediction-nearest':
      return {
        title: `${point.team} said the tallest would reach ${formatLength(point.said, resolution)}; ${formatLength(point.came, resolution)} came by day ${point.dayNumber}, the nearest of ${point.teams}.`,
        asks: 'How did you come to your number?',
        luck: 'deals of the numbers among the teams in which one comes as near',
      };
    case 'prediction-farthest':
      return {
        title: `One plant surprised most: ${formatLength(point.said, resolution)} expected, ${formatLength(point.came, resolution)} came by day ${point.dayNumber}.`,
        asks: 'What would you need to know to expect that?',
        luck: 'deals of the numbers among the teams in which one lies as far off',
      };
    case 'slip-mended':
      return {
        title: `${point.container} said ${words(point.was)} and was mended: it became ${words(point.now)}.${point.corrections > 1 ? ` ${point.corrections} slips were found and mended.` : ''}`,
        asks: 'How can we catch a slip before it counts?',
        luck: null,
      };
    case 'more-losses':
      return {
        title: `${point.lost} of ${point.of} ${pots} ${young ? 'of' : 'with'} ${point.label} were lost; of all others ${point.elsewhere} of ${point.ofElsewhere}.`,
        asks: 'Did the treatment do that, or something that happened beside it?',
        luck: `deals of all that were lost among all ${pots} in which one treatment gets as many`,
      };
    case 'place-on-tray': {
      const where = point.along === 'row' ? 'between the window row and the other' : 'from one end of a team’s row to the other';
      return {
        title: `Place shows: ${shown.size(point.difference) || 'a step'} ${where}, whatever the treatment.`,
        asks: 'What is different over there: light, warmth, a draught?',
        luck: 'classes in which place does nothing and in which one direction along the tray looks as steep',
      };
    }
    case 'team-reads-high': {
      const size = shown.size(point.offset) || 'a step';
      const small =
        point.alsoSmall === null
          ? ''
          : point.alsoSmall
            ? ' Their smallest plants show it as much.'
            : ' Their small plants did not show it.';
      return {
        title: `One team’s numbers lie ${size} ${point.offset > 0 ? 'above' : 'below'} the others’ on ${onDay(point.day)}, treatments taken into account.${small}`,
        asks: point.alsoSmall
          ? 'Where does each ruler begin? Lay them side by side.'
          : 'Is it the ruler, the light at that place, or the care?',
        luck: `classes whose teams all read and care alike, in which some team lies as far off`,
      };
    }
    case 'within-reading-error':
      return {
        title: `${point.label} and ${point.against} differ by ${shown.size(point.difference) || 'less than a step'}; two of us reading one plant can differ by ${shown.size(point.error)}.`,
        asks: 'Which of our differences are bigger than that?',
        luck: null,
      };
    case 'never-came': {
      const expected = point.expected < 0.5 ? 'none' : `about ${Math.round(point.expected)}`;
      const who = point.seeds
        ? `${point.never} of ${point.of} seeds ${young ? 'of' : 'with'} ${point.label}`
        : point.containers.length <= NAMED
          ? `${listInWords(point.containers)} (${point.label})`
          : `${point.never} of ${point.of} ${pots} ${young ? 'of' : 'with'} ${point.label}`;
      return {
        title: `${who} had not come up by ${onDay(point.day)}. Of ${point.of}, ${expected} ${expected === 'none' || expected === 'about 1' ? 'was' : 'were'} to be expected.`,
        asks: `${point.label}, or poor seeds: how could we find out?`,
        luck: 'classes sown with such seed, treated alike, in which one treatment misses as many',
      };
    }
    case 'growth-slowing':
      return {
        title: `They are slowing down: ${rate.words(point.perDay)} from ${onDay(point.from)} to ${onDay(point.to)}, ${rate.words(point.fastest)} at their fastest.`,
        asks: 'What might be running out: light, room, food, or time?',
        luck: `classes that grow evenly and in which the last days look as slow`,
      };
    case 'expected-and-came':
      return {
        title:
          point.expected === point.came
            ? `${point.said} of ${point.teams} teams said ${point.expected} would be ahead, and it is.`
            : `${point.said} of ${point.teams} teams said ${point.expected} would be ahead; ${point.came} is, which ${point.right === 0 ? 'nobody' : point.right === 1 ? 'one team' : `${point.right} teams`} had said.`,
        asks: point.expected === point.came ? 'What made you so sure?' : 'What did we all take for granted?',
        luck: `classes whose teams throw dice for one of ${point.options}, and in which as many, or as few, are right`,
      };
    case 'age-ladder': {
      const [youngest, oldest] = [point.ages[0]!, point.ages[point.ages.length - 1]!];
      return {
        title: `Read from left to right, ${point.ages.length} ages are one plant’s life: ${words(youngest.mean)} at ${counted(youngest.age, 'day')} old, ${words(oldest.mean)} at ${counted(oldest.age, 'day')}.`,
        asks: 'Which step is the biggest, and what must a plant do in it?',
        luck: null,
      };
    }
  }
}
