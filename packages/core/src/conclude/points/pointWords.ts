import { say } from '@bright-sprout/words/say';
import { daysBetween, type IsoDay, weekdayName } from '../../calendar/days';
import { type Shown, shownOf } from '../../compare/shown';
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
  if (chance < 0.001) return say('conclude.fewerClasses');
  if (chance > 0.95) return say('conclude.nearlyEveryClass');
  if (chance > 0.4) return say('conclude.inOfTenClasses', { classes: Math.round(10 * chance) });
  return say('conclude.inOneOfClasses', { classes: Math.round(1 / chance) });
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

/** What the sentences are put together with. */
interface Speaking {
  container: string;
  /** Several of them: `cups`. */
  pots: string;
  resolution: RulerResolution;
  young: boolean;
  /** The measure as it stood on a day, and as it grew a day. */
  shown: Shown;
  rate: Shown;
  words: (value: number) => string;
  onDay: (day: IsoDay) => string;
}

function said(point: Point, { measure, resolution, container, sownOn, band }: PointSubject): Said {
  const shown = shownOf({ follow: 'value', reach: '' }, measure, resolution, { container, seeds: false });
  const sentences = SENTENCES[point.code] as (point: Point, speaking: Speaking) => Said;
  return sentences(point, {
    container,
    pots: plural(container),
    resolution,
    young: band === 'early' || band === 'primary',
    shown,
    rate: shownOf({ follow: 'per-day', reach: '' }, measure, resolution, { container, seeds: false }),
    words: (v) => shown.words(v),
    onDay: (day) => say('common.dayAfterSowing', { daysBetween: daysBetween(sownOn, day) }),
  });
}

/** What each kind of point says. */
const SENTENCES: { [C in Point['code']]: (point: Extract<Point, { code: C }>, speaking: Speaking) => Said } = {
  'first-and-last-up': (point, { container }) => {
    const when = (after: number, by: number) =>
      by - after > 1 ? say('conclude.betweenDayDay', { after, by }) : say('conclude.onDayBy', { by });
    const ahead = point.ahead === null || point.ahead.of < point.first.length ? null : point.ahead;
    return {
      title: say('conclude.cameFirstLast', {
        first: some(point.first, container),
        when: when(point.firstAfter, point.firstBy),
        last: some(point.last, container),
        whenLast: when(point.lastAfter, point.lastBy),
        oneAhead: ahead !== null,
        ahead: ahead && counted(ahead.of, container),
        label: ahead && ahead.label,
      }),
      asks: say('conclude.firstLastWait'),
      luck: say('conclude.dealsLabelsWithinTeams'),
    };
  },
  'unlike-twins': (point, { shown, pots, container, words }) => ({
    title: say('conclude.stayedBehindGotAhead', {
      container: point.container,
      behind: point.behind,
      twins: point.twins,
      reached: words(point.value),
      low: shown.number(point.low),
      high: words(point.high),
    }),
    asks: point.behind ? say('conclude.whatCouldHaveHappened') : say('conclude.mayMore'),
    luck: say('conclude.classesWhoseTreatmentDiffer', { pots, container }),
  }),
  'lines-crossed': (point, { onDay }) => ({
    title: say('conclude.ledSinceLeads', {
      ledBefore: point.ledBefore,
      before: onDay(point.early),
      since: onDay(point.crossed),
      leadsNow: point.leadsNow,
    }),
    asks: say('conclude.mayChangedWay'),
    luck: say('conclude.dealsBothLeadsAnyDay'),
  }),
  'fastest-stretch': (point, { rate, container, onDay }) => ({
    title: say('conclude.grewFastestOtherStretch', {
      fromDay: onDay(point.from),
      toDay: onDay(point.to),
      perDay: rate.words(point.perDay),
      next: rate.words(point.next),
    }),
    asks: say('conclude.daysOthers'),
    luck: say('conclude.classesStretchFasterNext', { container }),
  }),
  'dip-over-days-off': (point, { pots, words }) => {
    const days = say('conclude.fromTo', { from: weekdayName(point.from), to: weekdayName(point.to) });
    const who = point.label ?? say('conclude.wholeClass');
    const how = point.stoodStill ? say('conclude.stoodStill') : say('conclude.grewLess');
    return {
      title: say('conclude.beforeDaysOffAfter', { who, how, days, before: words(point.before), after: words(point.after) }),
      asks: say('conclude.missWhileNobody', { pots }),
      luck: say('conclude.classesWithoutDipSome'),
    };
  },
  'prediction-nearest': (point, { resolution }) => ({
    title: say('conclude.saidTallestReachCame', {
      team: point.team,
      said: formatLength(point.said, resolution),
      came: formatLength(point.came, resolution),
      dayNumber: point.dayNumber,
      teams: point.teams,
    }),
    asks: say('conclude.comeNumber'),
    luck: say('conclude.dealsNumbersAmongTeams'),
  }),
  'prediction-farthest': (point, { resolution }) => ({
    title: say('conclude.plantSurprisedMostExpected', {
      said: formatLength(point.said, resolution),
      came: formatLength(point.came, resolution),
      dayNumber: point.dayNumber,
    }),
    asks: say('conclude.needKnowExpect'),
    luck: say('conclude.dealsOneTeamAsFarOff'),
  }),
  'slip-mended': (point, { words }) => ({
    title: say('conclude.saidMendedBecameSlips', {
      container: point.container,
      was: words(point.was),
      now: words(point.now),
      corrections: point.corrections,
      severalCorrections: point.corrections > 1,
    }),
    asks: say('conclude.catchSlipBeforeCounts'),
    luck: null,
  }),
  'more-losses': (point, { pots, young }) => ({
    title: say('conclude.moreLostThanOthers', {
      lost: point.lost,
      of: point.of,
      pots,
      young,
      label: point.label,
      elsewhere: point.elsewhere,
      ofElsewhere: point.ofElsewhere,
    }),
    asks: say('conclude.treatmentSomethingHappenedBeside'),
    luck: say('conclude.dealsLostAmongTreatment', { pots }),
  }),
  'place-on-tray': (point, { shown }) => {
    const where = point.along === 'row' ? say('conclude.betweenWindowRowOther') : say('conclude.endTeamsRowOther');
    return {
      title: say('conclude.placeShowsWhateverTreatment', { shown: shown.size(point.difference) || say('common.aStep'), where }),
      asks: say('conclude.differentOverLightWarmth'),
      luck: say('conclude.classesPlaceNothingDirection'),
    };
  },
  'team-reads-high': (point, { shown, onDay }) => {
    const size = shown.size(point.offset) || say('common.aStep');
    const small = point.alsoSmall === null ? 'unknown' : point.alsoSmall ? 'too' : 'not';
    return {
      title: say('conclude.teamsNumbersLieApart', { size, someOffset: point.offset > 0, onDay: onDay(point.day), small }),
      asks: point.alsoSmall ? say('conclude.whereRulerBeginLay') : say('conclude.rulerLightPlaceCare'),
      luck: say('conclude.classesWhoseTeamsRead'),
    };
  },
  'within-reading-error': (point, { shown }) => ({
    title: say('conclude.differTwoUsReading', {
      label: point.label,
      against: point.against,
      gap: shown.size(point.difference) || say('conclude.lessStep'),
      readingError: shown.size(point.error),
    }),
    asks: say('conclude.differencesBigger'),
    luck: null,
  }),
  'never-came': (point, { pots, onDay, young }) => {
    const expected =
      point.expected < 0.5 ? say('conclude.none') : say('conclude.aboutCount', { count: Math.round(point.expected) });
    const who = point.seeds
      ? say('conclude.seedsNeverUp', { never: point.never, of: point.of, young, label: point.label })
      : point.containers.length <= NAMED
        ? `${listInWords(point.containers)} (${point.label})`
        : say('conclude.potsNeverUp', { never: point.never, of: point.of, pots, young, label: point.label });
    return {
      title: say('conclude.notUpAsExpected', {
        who,
        onDay: onDay(point.day),
        of: point.of,
        expected,
      }),
      asks: say('conclude.poorSeedsFind', { label: point.label }),
      luck: say('conclude.classesSownSuchSeed'),
    };
  },
  'growth-slowing': (point, { rate, onDay }) => ({
    title: say('conclude.slowingDownFastest', {
      perDay: rate.words(point.perDay),
      fromDay: onDay(point.from),
      toDay: onDay(point.to),
      fastest: rate.words(point.fastest),
    }),
    asks: say('conclude.mightRunningLightRoom'),
    luck: say('conclude.classesGrowEvenlyLast'),
  }),
  'expected-and-came': (point) => ({
    title:
      point.expected === point.came
        ? say('conclude.teamsSaidAhead', { said: point.said, teams: point.teams, expected: point.expected })
        : say('conclude.teamsSaidOtherAhead', {
            said: point.said,
            teams: point.teams,
            expected: point.expected,
            came: point.came,
            right: point.right,
            sameRight: point.right === 0,
          }),
    asks: point.expected === point.came ? say('conclude.madeSure') : say('conclude.takeGranted'),
    luck: say('conclude.classesWhoseTeamsThrow', { options: point.options }),
  }),
  'age-ladder': (point, { words }) => {
    const [youngest, oldest] = [point.ages[0]!, point.ages[point.ages.length - 1]!];
    return {
      title: say('conclude.readLeftRightAges', {
        countAges: point.ages.length,
        mean: words(youngest.mean),
        age: youngest.age,
        lastMean: words(oldest.mean),
        lastAge: oldest.age,
      }),
      asks: say('conclude.stepBiggestMustPlant'),
      luck: null,
    };
  },
};
