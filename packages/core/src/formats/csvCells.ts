/** What begins a formula in one spreadsheet or another, also behind white space and in full width. */
const FORMULA = String.raw`[\s\u00a0\ufeff\u200b]*[=+\-@\uff1d\uff0b\uff0d\uff20]`;
/** A cell that a spreadsheet would run or split, or that an earlier guard has marked. */
const RISKY = new RegExp(`^(?:'|${FORMULA}|[\\t\\r\\n])`);
/** A number by itself runs nothing. */
const NUMBER = /^[-+]?\d+([.,]\d+)?$/;

const isRisky = (text: string) => RISKY.test(text) && !NUMBER.test(text);

/** Puts an apostrophe before text that a spreadsheet would take for a formula. */
export function guardCell(text: string): string {
  return isRisky(text) ? `'${text}` : text;
}

/** Takes the guard's apostrophe off again; the exact inverse of `guardCell`. */
export function unguardCell(text: string): string {
  return text.startsWith("'") && isRisky(text.slice(1)) ? text.slice(1) : text;
}
