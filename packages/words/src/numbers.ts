import { wordsNow } from './words';

const formats = new Map<string, Intl.NumberFormat>();

function written(value: number, least: number, most: number): string {
  const { locale } = wordsNow();
  const key = `${locale} ${least} ${most}`;
  let format = formats.get(key);
  if (!format) {
    format = new Intl.NumberFormat(locale, {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      signDisplay: 'negative',
      useGrouping: false,
    });
    formats.set(key, format);
  }
  return format.format(value).replace('-', '−');
}

/** A number with so many decimals, as the language that is spoken writes it: `13.90`, `−0.50`; nothing is below zero by rounding. */
export const decimal = (value: number, digits: number): string => written(Number(value.toFixed(digits)), digits, digits);

/** A number with at most so many decimals: `13.9`, `2`. */
export const rounded = (value: number, digits: number): string => written(Number(value.toFixed(digits)), 0, digits);

/** A number by its first figures that count: `0.0123`, `1.24`, `1240`. */
export const figures = (value: number, count: number): string => written(Number(value.toPrecision(count)), 0, 20);
