import { type IsoDay } from '../../calendar/days';
import { type PlanDocument } from '../document/planDocument';

/** Something that cannot be done on its day, with a way out. */
export interface CalendarConflict {
  day: IsoDay;
  what: string;
  wayOut: string;
  /** It was put on another day and nothing is left to decide. */
  settled?: boolean;
  /** The way out that can be gone with one press. */
  fix?: { label: string; apply: (plan: PlanDocument) => PlanDocument };
}
