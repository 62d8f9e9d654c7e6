/** Moments on which something that depends on the day can go wrong: every weekday, and the odd nights of the year. */
export const ODD_MOMENTS: [words: string, moment: string][] = [
  ['on a Monday', '2026-03-16T09:30:00Z'],
  ['on a Tuesday', '2026-03-17T09:30:00Z'],
  ['on a Wednesday', '2026-03-18T09:30:00Z'],
  ['on a Thursday', '2026-03-19T09:30:00Z'],
  ['on a Friday', '2026-03-20T09:30:00Z'],
  ['on a Saturday', '2026-03-21T09:30:00Z'],
  ['on a Sunday', '2026-03-22T09:30:00Z'],
  ['on the night when summer time begins', '2026-03-29T00:59:00Z'],
  ['on the night when summer time ends', '2026-10-25T00:59:00Z'],
  ['in the last hour of a year', '2026-12-31T23:10:00Z'],
  ['on the 29th of February', '2028-02-29T12:00:00Z'],
];
