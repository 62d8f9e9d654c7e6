import { type IsoDay } from '../calendar/days';
import { type Finding } from '../measures/finding';
import { type OwnMeasure } from '../measures/ownMeasure';
import { type LostReason, type ReadingDoubt, type ReadingState } from '../readings/reading';

/** What a tidy table says, whatever its columns were called: one row a reading. */
export interface TidyTable {
  /** The first sowing; containers that were sown on another day say so. */
  sownOn: IsoDay;
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
