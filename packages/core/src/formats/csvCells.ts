/** A cell that a spreadsheet would run, or that an earlier guard has marked. */
const RISKY = /^['=+\-@\t\r]/;
const GUARDED = /^'['=+\-@\t\r]/;

/** Puts an apostrophe before text that a spreadsheet would take for a formula. */
export function guardCell(text: string): string {
  return RISKY.test(text) ? `'${text}` : text;
}

/** Takes the guard's apostrophe off again; the exact inverse of `guardCell`. */
export function unguardCell(text: string): string {
  return GUARDED.test(text) ? text.slice(1) : text;
}
