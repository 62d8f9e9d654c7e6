import { say } from '@bright-sprout/words/say';
import { NUMBER, readNumber, spellFractions, type TypedResult } from './typedNumber';

export type TemperatureUnit = 'c' | 'f';

const TERM = new RegExp(String.raw`^([-−–+]?)\s*(${NUMBER})\s*(?:°\s*|degrees?\s*)?(c|f|celsius|fahrenheit)?$`, 'i');
/** Colder or hotter than this is no room and no weather. */
const RANGE_C = { low: -60, high: 70 };

/** Degrees Fahrenheit to Celsius; exact. */
export function celsiusFrom(fahrenheit: number): number {
  return ((fahrenheit - 32) * 5) / 9;
}

export function fahrenheitFrom(celsius: number): number {
  return (celsius * 9) / 5 + 32;
}

/** A difference of Celsius degrees in Fahrenheit degrees: nothing is added. */
export function fahrenheitDifference(celsiusDifference: number): number {
  return (celsiusDifference * 9) / 5;
}

/** Reads a temperature as typed, in °C: `21`, `-3 °C`, `70 F`. A bare number needs the unit assumed. */
export function parseTemperature(text: string, assumed?: TemperatureUnit): TypedResult<TemperatureUnit> {
  const typed = text.trim();
  if (typed === '') return { ok: false, reason: say('common.nothingTypedYet') };
  const found = TERM.exec(spellFractions(typed));
  const number = found ? readNumber(found[2]!) : undefined;
  if (!found || number === undefined) return { ok: false, reason: say('quantities.temperatureWriteLikeC', { typed }) };
  const unit = (found[3]?.[0]?.toLowerCase() as TemperatureUnit | undefined) ?? assumed;
  if (!unit) return { ok: false, reason: say('quantities.cF', { typed }) };
  const signed = found[1] && found[1] !== '+' ? -number : number;
  const value = unit === 'c' ? signed : celsiusFrom(signed);
  if (value < RANGE_C.low || value > RANGE_C.high)
    return { ok: false, reason: say('quantities.roomLikeCF', { typed, formatTemperature: formatTemperature(value, 'c') }) };
  return { ok: true, value: Number(value.toPrecision(12)), text: typed, unit };
}

/** `21 °C`, `69.8 °F`. */
export function formatTemperature(celsius: number, unit: TemperatureUnit = 'c'): string {
  const value = Number((unit === 'c' ? celsius : fahrenheitFrom(celsius)).toFixed(1));
  return `${String(value).replace('-', '−')} ${unit === 'c' ? '°C' : '°F'}`;
}
