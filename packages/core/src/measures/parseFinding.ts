import { say } from '@bright-sprout/words/say';
import { type LengthUnit, parseLength, RESOLUTION_UNIT, type RulerResolution } from '../quantities/length';
import { type MassUnit, parseMass } from '../quantities/mass';
import { hasTwoDecimalMarks, NUMBER, readNumber, spellFractions } from '../quantities/typedNumber';
import { type Result } from '../result/result';
import { choiceFound, type Finding, numberFound } from './finding';
import { type Measure } from './measure';

/**
 * Reads what was typed for a measure: a length or mass in any unit, a count, a share with or without its sign, a number with
 * its own unit, or the name of a choice.
 * @param unit of a length or mass that is typed without one: the ruler's or the usual one where it is not given; null refuses
 *   a bare number, since nobody can know what it means
 */
export function parseFinding(
  measure: Measure,
  text: string,
  { resolution, unit }: { resolution: RulerResolution; unit?: string | null },
): Result<{ finding: Finding }> {
  const typed = text.trim();
  if (typed === '') return { ok: false, reason: say('common.nothingTypedYet') };
  if (measure.choices.length > 0) return parseChoice(measure, typed);
  const read = readValue(measure, typed, resolution, unit);
  if (!read.ok) return read;
  const problem = valueProblem(measure, read.value);
  return problem === null
    ? { ok: true, finding: numberFound(measure.code, read.value, read.typed) }
    : { ok: false, reason: problem };
}

/** Why a number in the stored unit cannot be one of the measure, in words; null where it can. */
export function valueProblem(measure: Measure, value: number): string | null {
  const { quantity, least, most, beyond, name } = measure;
  if (!Number.isFinite(value)) return say('measures.isANumber', { name: capital(name) });
  if ((quantity === 'count' || quantity === 'count-of') && !Number.isInteger(value)) return say('measures.wholeNumber', { name });
  const below = least !== null && (quantity === 'length' && measure.plausibility === 'growth' ? value <= least : value < least);
  return below || (most !== null && value > most) ? beyond : null;
}

function parseChoice(measure: Measure, typed: string): Result<{ finding: Finding }> {
  const wanted = typed.toLowerCase();
  const found = measure.choices.find((c) => c.code.toLowerCase() === wanted || c.words.toLowerCase() === wanted);
  return found
    ? { ok: true, finding: choiceFound(measure.code, found.code) }
    : { ok: false, reason: say('measures.knownChoose', { typed, choices: measure.choices.map((c) => c.words).join(', ') }) };
}

type Read = Result<{ value: number; typed: string }>;

function readValue(measure: Measure, typed: string, resolution: RulerResolution, unit: string | null | undefined): Read {
  if (measure.quantity === 'length') {
    const usual = measure.byRuler ? RESOLUTION_UNIT[resolution] : measure.shownIn[0];
    const assumed = (unit === null ? undefined : (unit ?? usual)) as LengthUnit | undefined;
    const length = parseLength(typed, assumed);
    return length.ok ? { ok: true, value: length.mm, typed: withUnit(typed, assumed) } : length;
  }
  if (measure.quantity === 'mass') {
    const assumed = (unit === null ? undefined : (unit ?? measure.shownIn[0])) as MassUnit | undefined;
    const mass = parseMass(typed, assumed);
    return mass.ok ? { ok: true, value: mass.value, typed: withUnit(typed, assumed) } : mass;
  }
  const bare = spellFractions(typed.replace(unitAtEnd(measure.unit), '').trim());
  if (hasTwoDecimalMarks(bare)) return { ok: false, reason: say('measures.moreDecimalMark', { typed }) };
  const value = new RegExp(`^[-−–]?${NUMBER}$`).test(bare) ? signed(bare) : undefined;
  return value === undefined ? { ok: false, reason: say('measures.isNotANumber', { typed }) } : { ok: true, value, typed };
}

function signed(text: string): number | undefined {
  const value = readNumber(text.replace(/^[-−–]/, ''));
  return value !== undefined && /^[-−–]/.test(text) ? -value : value;
}

function unitAtEnd(unit: string): RegExp {
  return unit === '' ? /$^/ : new RegExp(`\\s*${unit.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$`, 'i');
}

const withUnit = (typed: string, unit: string | undefined) =>
  unit === undefined || /[a-z"″′'”’]/i.test(typed) ? typed : `${typed} ${unit}`;

const capital = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
