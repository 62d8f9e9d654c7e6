import { type IsoDay } from '../calendar/days';
import { type ComparedDesign } from '../compare/records';
import { type Finding } from '../measures/finding';
import { type OwnMeasure } from '../measures/ownMeasure';
import { type LostReason, type ReadingDoubt, type ReadingState } from '../readings/reading';

/** What a tidy table says, whatever its columns were called: one row a reading. */
export interface TidyTable {
  /** The first sowing; containers that were sown on another day say so. */
  sownOn: IsoDay;
  /** What is known of its days: dates since a sowing, dates counted from the first look, numbers of days alone, or nothing. */
  days: 'dates' | 'from-first-look' | 'days-only' | 'one-look';
  /** What was changed, in words; empty where nothing was. */
  factor: string;
  /** How the treatments are made of what was changed; null where their names alone tell it. */
  design: ComparedDesign | null;
  treatments: { code: string; label: string; control: boolean }[];
  units: TidyUnit[];
  /** Measures that are not built in. */
  own: readonly OwnMeasure[];
  readings: TidyReading[];
}

export interface TidyUnit {
  code: string;
  treatment: string;
  block: string | null;
  seeds: number;
  /** Its own sowing day; days are counted from it. */
  sownOn: IsoDay;
}

export interface TidyReading {
  unit: string;
  plant: string;
  day: IsoDay;
  state: ReadingState;
  findings: readonly Finding[];
  doubt: ReadingDoubt | null;
  lostReason: LostReason | null;
  note: string | null;
  /** UTC instant, where the file says it. */
  recordedAt: string | null;
  /** Key of the reading within the file, and of the one it corrects. */
  key: string | null;
  corrects: string | null;
}
