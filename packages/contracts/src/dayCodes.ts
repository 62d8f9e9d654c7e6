/**
 * Why a look stands on another day than its device showed, where nobody said it in words of their own: the clock of the device was
 * wrong, or it was typed into the log.
 */
export const DAY_CODES = ['wrong-clock', 'in-the-log'] as const;
export type DayCode = (typeof DAY_CODES)[number];
