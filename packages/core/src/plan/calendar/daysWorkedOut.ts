import { type WorkedOut } from '../workedOut/workOut';

/** What the days of a plan follow from. */
export type DaysWorkedOut = Pick<WorkedOut, 'recipes' | 'sproutings' | 'checkDays'>;
