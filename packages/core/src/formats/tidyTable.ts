import { type IsoDay } from '../calendar/days';
import { type LostReason, type ReadingState } from '../readings/reading';

/** What a tidy table says, whatever its columns were called: one row a reading. */
export interface TidyTable {
  sownOn: IsoDay;
  treatments: { code: string; label: string; control: boolean }[];
  units: { code: string; treatment: string; block: string | null; seeds: number }[];
  readings: TidyReading[];
}

export interface TidyReading {
  unit: string;
  plant: string;
  day: IsoDay;
  state: ReadingState;
  valueMm: number | null;
  typed: string | null;
  leaves: number | null;
  lostReason: LostReason | null;
  note: string | null;
  /** UTC instant, where the file says it. */
  recordedAt: string | null;
  /** Key of the reading within the file, and of the one it corrects. */
  key: string | null;
  corrects: string | null;
}
