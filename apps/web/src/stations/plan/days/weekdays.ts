/** Weekdays in the order of a school week, as `weekday` counts them. */
export const MONDAY_FIRST = [1, 2, 3, 4, 5, 6, 0];
