import { say } from '@bright-sprout/words/say';
/** Numbers as people write them: `6`, `2,5`, `1/4`, `6 1/4`, `6-1/4`, `6¼`. */

const VULGAR: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅙': '1/6',
  '⅚': '5/6',
};

/** Source of a regular expression for one number. */
export const NUMBER = String.raw`(?:\d+\s+\d+\s*/\s*\d+|\d+-\d+/\d+|\d+\s*/\s*\d+|\d*[.,]\d+|\d+[.,]?)`;

/** Writes fraction characters out: `6¼` becomes `6 1/4`. */
export function spellFractions(text: string): string {
  return text.replace(new RegExp(`[${Object.keys(VULGAR).join('')}]`, 'g'), (c) => ` ${VULGAR[c]}`).trim();
}

/** The value of a text that matches `NUMBER`; undefined for a division by nought. */
export function readNumber(text: string): number | undefined {
  const mixed = /^(?:(\d+)(?:\s+|-))?(\d+)\s*\/\s*(\d+)$/.exec(text.trim());
  if (!mixed) return Number(text.replace(',', '.'));
  const denominator = Number(mixed[3]);
  return denominator === 0 ? undefined : Number(mixed[1] ?? 0) + Number(mixed[2]) / denominator;
}

/** True where a text carries two decimal marks or a thousands mark that could be one. */
export function hasTwoDecimalMarks(text: string): boolean {
  return /\d[.,]\d{3}[.,]\d/.test(text) || /[.,]{2}/.test(text) || /\d[.,]\d+[.,]\d/.test(text);
}

/** A quantity as typed, with its value in the base unit of its kind. */
export interface Typed<Unit extends string> {
  value: number;
  /** Exactly what was typed. */
  text: string;
  unit: Unit;
}

export type TypedResult<Unit extends string> = ({ ok: true } & Typed<Unit>) | { ok: false; reason: string };

/** How one kind of quantity is typed. */
export interface UnitTable<Unit extends string> {
  /** As in “A … cannot be below zero.” */
  noun: string;
  /** Base units in one of each unit. */
  per: Record<Unit, number>;
  /** Spelling in lower case to unit. */
  words: Record<string, Unit>;
  example: string;
}

/**
 * Reads one amount or a sum of amounts (`1 cup + 2 tbsp`) in any unit of a table.
 * @param assumed unit where none is typed; without it a bare number is refused.
 */
export function parseAmount<Unit extends string>(
  text: string,
  { noun, per, words, example }: UnitTable<Unit>,
  assumed?: Unit,
): TypedResult<Unit> {
  const refuse = (reason: string): TypedResult<Unit> => ({ ok: false, reason });
  const typed = text.trim();
  if (typed === '') return refuse(say('common.nothingTypedYet'));
  if (/^[-−–]/.test(typed)) return refuse(say('quantities.cannotBelowZero', { noun }));
  if (hasTwoDecimalMarks(typed)) return refuse(say('quantities.typedMoreDecimalMarks', { typed }));
  const spellings = Object.keys(words)
    .sort((a, b) => b.length - a.length)
    .map((w) => w.replace('.', String.raw`\.`));
  const term = new RegExp(String.raw`^(${NUMBER})\s*(${spellings.join('|')})?\.?$`, 'i');
  let value = 0;
  let unit: Unit | undefined;
  for (const part of spellFractions(typed).split('+')) {
    const found = term.exec(part.trim());
    if (!found) return refuse(say('quantities.writeLike', { typed, noun, example }));
    const number = readNumber(found[1]!);
    if (number === undefined) return refuse(say('quantities.typedDividesByZero', { typed }));
    unit = found[2] ? words[found[2].toLowerCase()]! : (assumed ?? unit);
    if (!unit) return refuse(say('quantities.unitWriteLike', { typed, example }));
    value += number * per[unit];
  }
  return { ok: true, value: Number(value.toPrecision(15)), text: typed, unit: unit! };
}
