import { type IsoDay } from '../../calendar/days';

/** One plant, or one container, as a figure draws it. */
export interface DrawnPlant {
  containerId: string;
  /** Stored unit; null where it is not up. */
  value: number | null;
  /** What the point is about; the others stand beside it. */
  marked: boolean;
}

/** A line of a treatment, or of the whole class, over the days that were looked at. */
export interface DrawnLine {
  /** Code of the treatment; empty for the whole class. */
  key: string;
  points: { day: IsoDay; value: number }[];
}

/** A value with the range it is known within, of a team or of a treatment. */
export interface DrawnSpan {
  label: string;
  /** Treatment whose mark it has; empty for a team. */
  key: string;
  low: number;
  at: number;
  high: number;
  marked: boolean;
}

/** What a talking point shows; every number in it is a record's, in the stored unit of the lesson's measure. */
export type PointFigure =
  | { kind: 'plants'; day: IsoDay; plants: DrawnPlant[]; band: { low: number; high: number } | null }
  | {
      kind: 'lines';
      lines: DrawnLine[];
      /** `off`: nobody was there. */
      stretch: { from: IsoDay; to: IsoDay; off: boolean } | null;
      cross: IsoDay | null;
    }
  | { kind: 'struck'; containerId: string; was: number; now: number }
  | { kind: 'spans'; spans: DrawnSpan[]; zero: boolean; band: { low: number; high: number } | null }
  | { kind: 'counts'; rows: { key: string; label: string; out: number; of: number }[] }
  | { kind: 'pegs'; rows: { label: string; said: number; came: number; marked: boolean }[] }
  | { kind: 'tray'; cells: { containerId: string; x: number; row: number; left: number }[] };

/** What every talking point has: where it hangs on the tape, and how often luck alone brings as much. */
interface OfAll {
  /** The same for the same thing in the same class, however often it is found: choices of the teacher hold on to it. */
  key: string;
  /** The day that it tells of. */
  day: IsoDay;
  /** Share of classes in which nothing but luck is at work and which show as much; null where luck is no answer. */
  chance: number | null;
  figure: PointFigure;
}

/** Facts found in a class's records that are worth a question: numbers here, sentences in `pointWords`. */
export type Point = OfAll &
  (
    | {
        code: 'first-and-last-up';
        first: string[];
        firstBy: number;
        firstAfter: number;
        last: string[];
        lastBy: number;
        lastAfter: number;
        /** Treatment that most of the first have, with how many. */
        ahead: { label: string; of: number } | null;
      }
    | { code: 'unlike-twins'; container: string; value: number; low: number; high: number; twins: number; behind: boolean }
    | { code: 'lines-crossed'; ledBefore: string; leadsNow: string; early: IsoDay; crossed: IsoDay; late: IsoDay }
    | {
        code: 'fastest-stretch';
        from: IsoDay;
        to: IsoDay;
        perDay: number;
        /** In the stretch that comes nearest to it. */
        next: number;
      }
    | {
        code: 'dip-over-days-off';
        /** Treatment that dipped; null for the whole class. */
        label: string | null;
        from: IsoDay;
        to: IsoDay;
        before: number;
        after: number;
        perDayBefore: number;
        perDayAfter: number;
        stoodStill: boolean;
      }
    | { code: 'prediction-nearest'; team: string; said: number; came: number; dayNumber: number; teams: number }
    | { code: 'prediction-farthest'; team: string; said: number; came: number; dayNumber: number; teams: number }
    | { code: 'slip-mended'; container: string; was: number; now: number; corrections: number; asked: boolean }
    | { code: 'more-losses'; label: string; lost: number; of: number; elsewhere: number; ofElsewhere: number }
    | { code: 'place-on-tray'; along: 'row' | 'column'; difference: number }
    | { code: 'team-reads-high'; team: string; offset: number; low: number; high: number; alsoSmall: boolean | null }
    | { code: 'within-reading-error'; label: string; against: string; difference: number; error: number }
    | {
        code: 'never-came';
        label: string;
        containers: string[];
        never: number;
        of: number;
        /** Of `of`, so many were to be expected by what is known of the seed. */
        expected: number;
        seeds: boolean;
      }
    | { code: 'growth-slowing'; from: IsoDay; to: IsoDay; perDay: number; fastest: number }
    | { code: 'expected-and-came'; expected: string; said: number; teams: number; came: string; right: number; options: number }
    | { code: 'age-ladder'; ages: { age: number; mean: number; containers: number }[] }
  );

export type PointCode = Point['code'];

/** Below this a thing is said to be more than luck brings; detectors that ask luck speak only then. */
export const RARE = 0.05;

/** A point of the code without its name, so that a detector says only what is its own. */
export type Found<C extends PointCode> = Omit<Extract<Point, { code: C }>, 'code'>;
