import { ageLadder } from './detectors/ageLadder';
import { expectedAndCame } from './detectors/expectedAndCame';
import { firstAndLastUp } from './detectors/firstAndLastUp';
import { linesCrossed } from './detectors/linesCrossed';
import { moreLosses, neverCame } from './detectors/missing';
import { placeOnTray, teamReadsHigh } from './detectors/placeAndTeam';
import { predictionFarthest, predictionNearest } from './detectors/predictions';
import { slipMended } from './detectors/slipMended';
import { dipOverDaysOff, fastestStretch, growthSlowing } from './detectors/stretches';
import { unlikeTwins } from './detectors/unlikeTwins';
import { withinReadingError } from './detectors/withinReadingError';
import { type Lesson, type LessonFacts, lessonOf } from './lesson';
import { type Found, type Point, type PointCode, RARE } from './point';

/** Every detector by the code of what it finds; each is a function of the lesson alone. */
const DETECTORS: { [C in PointCode]: (lesson: Lesson) => Found<C>[] } = {
  'first-and-last-up': firstAndLastUp,
  'unlike-twins': unlikeTwins,
  'lines-crossed': linesCrossed,
  'fastest-stretch': fastestStretch,
  'dip-over-days-off': dipOverDaysOff,
  'prediction-nearest': predictionNearest,
  'prediction-farthest': predictionFarthest,
  'slip-mended': slipMended,
  'more-losses': moreLosses,
  'place-on-tray': placeOnTray,
  'team-reads-high': teamReadsHigh,
  'within-reading-error': withinReadingError,
  'never-came': neverCame,
  'growth-slowing': growthSlowing,
  'expected-and-came': expectedAndCame,
  'age-ladder': ageLadder,
};

export const POINT_CODES = Object.keys(DETECTORS) as PointCode[];

/** What one detector finds. */
export function found(code: PointCode, lesson: Lesson): Point[] {
  return DETECTORS[code](lesson).map((point) => ({ code, ...point }) as Point);
}

/**
 * Everything in a class's records that is worth a question, the most surprising first: by how seldom luck alone would bring as much. What luck
 * has no part in stands where luck becomes rare, at one in twenty. Nothing is ranked by how pretty it is.
 */
export function talkingPoints(facts: LessonFacts): Point[] {
  const lesson = lessonOf(facts);
  if (lesson === null) return [];
  return POINT_CODES.flatMap((code) => found(code, lesson)).sort((a, b) => surprise(a) - surprise(b));
}

const surprise = ({ chance }: Point) => chance ?? RARE;
