export const WEEKDAY_NAMES = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
export const MONDAY_FIRST = [1, 2, 3, 4, 5, 6, 0];
