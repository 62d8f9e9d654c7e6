import { type IsoDay } from '../../calendar/days';
import { type Measure } from '../../measures/measure';
import { type SplitFact } from '../../plan/layout/splitWords';
import { type RoomDay } from '../../room/roomRecord';
import { type Result } from '../../result/result';
import { type Group, type GroupedRecords } from '../groups';
import { type Question } from '../question';
import { type ComparedDesign } from '../records';
import { type Sureness } from '../sureness';

/** What else could explain a difference is looked up in: the marks, the records, and what is known of the plan. */
export interface CauseFacts {
  groups: readonly Group[];
  records: GroupedRecords;
  question: Question;
  measure: Measure;
  design: ComparedDesign | null;
  sureness: Result<Sureness>;
  /** The day up to which it was looked. */
  until: IsoDay;
  /** Places, from the order in which containers stand; null where nobody knows. */
  positions: ReadonlyMap<string, number> | null;
  split: SplitFact | null;
  /** What went otherwise on sowing day, by container. */
  deviations: readonly { containerId: string; words: string }[];
  /** Rules of the fair test that were broken knowingly, or still open, one sentence each. */
  exceptions: readonly string[];
  /** The room's temperature day by day; empty where nobody read it. */
  room: readonly RoomDay[];
  /** Below this it is cold for the kind, °C. */
  coldBelow: number;
}

/** Another explanation, checked: what was found, as a fact with its numbers. Words are made in `claims/causeWords.ts`. */
export type Cause = { verdict: 'fine' | 'ask' | 'unknown'; change?: Partial<Question> } & (
  | { code: 'place'; along: 'row' | 'column'; difference: number; p: number }
  | { code: 'place-unknown' }
  | { code: 'team'; team: string; offset: number; low: number; high: number }
  | { code: 'teams-alike'; most: number }
  | { code: 'no-teams' }
  | { code: 'apart'; groups: string[] }
  | { code: 'losses'; by: { label: string; lost: number; of: number }[]; uneven: boolean }
  | { code: 'survivors'; by: { label: string; out: number; of: number }[] }
  | { code: 'looks'; missing: string[]; days: number; uneven: boolean }
  | { code: 'sowing'; by: { label: string; containers: string[]; words: string[] }[]; uneven: boolean }
  | { code: 'exception'; sentence: string }
  | { code: 'room'; coldest: number; day: IsoDay; cold: boolean; weekend: boolean }
  | { code: 'room-unknown' }
  | { code: 'doubts'; containers: string[] }
  | { code: 'ages'; youngest: number; oldest: number }
  | { code: 'kinds' }
  | { code: 'gaps'; containers: number; longest: number; of: number }
  | { code: 'lot'; split: SplitFact }
);
