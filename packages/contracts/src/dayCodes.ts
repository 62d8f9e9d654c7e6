/**
 * Why a check stands on another day than its device showed, where nobody said it in words of their own: the clock of the device was
 * wrong, it was typed into the log, or the team chose one of the usual reasons.
 */
/** Reasons that a team chooses between. */
export const CHOSEN_DAY_CODES = ['from-paper', 'checked-then', 'wrong-date'] as const;
export const DAY_CODES = [...CHOSEN_DAY_CODES, 'wrong-clock', 'in-the-log'] as const;
export type ChosenDayCode = (typeof CHOSEN_DAY_CODES)[number];
export type DayCode = (typeof DAY_CODES)[number];
