import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type ReadingRequest } from '@bright-sprout/contracts/checks';
import { type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { type Finding, findingOf, heightOf, withFinding } from '@bright-sprout/core/measures/finding';
import { sentOf } from '@bright-sprout/core/measures/sentFinding';
import { type DoubtKind, type Intent } from '@bright-sprout/core/readings/doubtKinds';
import { type LostReason, type ReadingState } from '@bright-sprout/core/readings/reading';
import {
  formatLengthNumber,
  type LengthUnit,
  parseLength,
  RESOLUTION_MM,
  RESOLUTION_UNIT,
  roundToResolution,
  type RulerResolution,
} from '@bright-sprout/core/quantities/length';

/** What is on the card and not saved yet. */
export interface Entry {
  state: ReadingState | null;
  digits: string;
  unit: LengthUnit;
  lostReason: LostReason | null;
  note: string;
  /** What was found beside the height, as far as it is asked for. */
  found: Finding[];
  /** What the team answered when its height was asked about. */
  answer: Intent | null;
  /** Height by a second student, as typed on the pad. */
  secondDigits: string;
}

export function emptyEntry(resolution: RulerResolution): Entry {
  return {
    state: null,
    digits: '',
    unit: RESOLUTION_UNIT[resolution],
    lostReason: null,
    note: '',
    found: [],
    answer: null,
    secondDigits: '',
  };
}

/** The entry that shows what was saved, so that it can be changed. */
export function entryOf(reading: ReadingView, resolution: RulerResolution): Entry {
  const height = heightOf(reading);
  return {
    state: reading.state,
    digits: height === null ? '' : formatLengthNumber(height, resolution),
    unit: RESOLUTION_UNIT[resolution],
    lostReason: reading.lostReason,
    note: reading.note ?? '',
    found: reading.findings.filter((f) => f.measure !== 'height'),
    answer: reading.doubt?.answer ?? null,
    secondDigits: reading.doubt?.secondMm ? formatLengthNumber(reading.doubt.secondMm, resolution) : '',
  };
}

/** Millimetres of what is typed; null while it is no height. */
export function typedMm({ digits, unit }: Pick<Entry, 'digits' | 'unit'>): number | null {
  const length = parseLength(digits, unit);
  return length.ok && length.mm > 0 ? length.mm : null;
}

/** Ready to be saved: a height or something else that shows it is up, or a state with what it needs. */
export function isComplete(entry: Entry): boolean {
  if (entry.state === 'measured') return entry.digits === '' ? entry.found.length > 0 : typedMm(entry) !== null;
  if (entry.state === 'lost') return entry.lostReason !== null;
  return entry.state !== null;
}

/** No seed counted as sprouted shows that it is not up; the two counts are read so. */
const isNoneUp = ({ measure, value }: Finding) => (measure === 'seeds-up' || measure === 'seeds-with-root') && value === 0;

/** A finding beside the height shows that the plant is up; counting none shows that it is not. Taken back, nothing is said. */
export function withFound(entry: Entry, measure: string, finding: Finding | null): Entry {
  if (finding !== null && isNoneUp(finding)) return { ...entry, found: [finding], state: 'not-up', digits: '' };
  const found = withFinding(
    entry.found.filter((f) => !isNoneUp(f)),
    measure,
    finding,
  );
  const state = (entry.state === 'measured' && entry.digits !== '') || found.length > 0 ? 'measured' : null;
  return { ...entry, found, state, lostReason: null };
}

/** What the entry has of a measure. */
export const foundIn = ({ found }: Pick<Entry, 'found'>, measure: string) => findingOf({ findings: found }, measure);

/** The question that goes with an entry, whether it was answered or not. */
export type AskedDoubt = { kind: DoubtKind; measure?: string };

/** The reading of an entry as it is sent. */
export function readingOf(
  entry: Entry,
  plant: string,
  doubt: AskedDoubt | null,
  supersedes: string | null,
): Omit<ReadingRequest, 'id'> {
  const { state, digits, unit, lostReason, note, found, answer } = entry;
  const measured = state === 'measured';
  const secondMm = typedMm({ digits: entry.secondDigits, unit });
  const findings = [...(digits === '' ? [] : [{ measure: 'height', typed: `${digits} ${unit}` }]), ...sentOf(found)];
  return {
    plant,
    state: state!,
    ...(measured ? { findings } : {}),
    ...(measured && doubt ? { doubt: { ...doubt, answer, secondMm } } : {}),
    ...(state === 'lost' ? { lostReason: lostReason! } : {}),
    ...(note.trim() ? { note: note.trim() } : {}),
    ...(supersedes ? { supersedes } : {}),
  };
}

const MAX_DIGITS = 6;

/** A key of the pad: a digit, a part of one, or a step along the ruler. */
export function pressKey(entry: Entry, key: string, resolution: RulerResolution): Entry {
  const measured = (digits: string): Entry => ({ ...entry, state: digits === '' ? null : 'measured', digits, lostReason: null });
  const digits = entry.state === 'measured' ? entry.digits : '';
  if (key === '+') return /[\d½¼¾]$/.test(digits) ? measured(`${digits} + `) : entry;
  // Beyond the ruler's end: the keys write the last of the pieces that are added up.
  const pieces = /^(.*\+ )([^+]*)$/.exec(digits);
  if (pieces && !['erase', 'step-up', 'step-down'].includes(key)) {
    const piece = pressKey({ ...entry, state: 'measured', digits: pieces[2]! }, key, resolution);
    return { ...piece, state: 'measured', digits: pieces[1]! + piece.digits };
  }
  if (key === 'erase') return measured(digits.endsWith(' + ') ? digits.slice(0, -3) : digits.slice(0, -1));
  if (key === 'step-up' || key === 'step-down') {
    const now = typedMm({ ...entry, digits }) ?? 0;
    const mm = roundToResolution(now + (key === 'step-up' ? 1 : -1) * RESOLUTION_MM[resolution], resolution);
    return mm <= 0 ? measured('') : { ...measured(formatLengthNumber(mm, resolution)), unit: RESOLUTION_UNIT[resolution] };
  }
  if (key === 'cm' || key === 'mm') return { ...entry, unit: key };
  if (/^[¼½¾]$/.test(key)) return measured(digits.replace(/[¼½¾]$/, '') + key);
  if (/[¼½¾]$/.test(digits) || digits.length >= MAX_DIGITS) return entry;
  if (key === '.' || key === '.5') {
    if (digits.includes('.') || entry.unit === 'mm') return entry;
    return measured(`${digits === '' ? '0' : digits}${key}`);
  }
  if (resolution === 'half-cm' && digits.includes('.')) return entry;
  if (resolution === 'mm' && /\.\d$/.test(digits)) return entry;
  return measured(digits === '0' ? key : digits + key);
}

/** The sixteen places of the pad for each ruler; empty ones stay blank. */
export function padKeys(resolution: RulerResolution): (string | null)[] {
  const side =
    resolution === 'mm'
      ? ['step-up', 'step-down', 'cm', 'mm']
      : resolution === 'quarter-in'
        ? ['step-up', '¼', '½', '¾']
        : ['step-up', 'step-down', null, null];
  const corner = resolution === 'mm' ? '.' : resolution === 'half-cm' ? '.5' : resolution === 'quarter-in' ? 'step-down' : null;
  return ['1', '2', '3', side[0]!, '4', '5', '6', side[1]!, '7', '8', '9', side[2]!, corner, '0', 'erase', side[3]!];
}

const STEP_WORDS: Record<RulerResolution, string> = spoken({
  cm: 'bench.toTheCentimetre',
  'half-cm': 'bench.toHalfCentimetre',
  mm: 'bench.toTheMillimetre',
  'quarter-in': 'bench.toQuarterInch',
});

export function keyWords(key: string, resolution: RulerResolution): string {
  if (key === 'step-up') return `+ ${STEP_WORDS[resolution]}`;
  if (key === 'step-down') return `− ${STEP_WORDS[resolution]}`;
  return key === 'erase' ? say('bench.erase') : key;
}

/** Whether two entries say the same. */
export function sameEntry(a: Entry, b: Entry): boolean {
  return (
    a.state === b.state &&
    typedMm(a) === typedMm(b) &&
    a.lostReason === b.lostReason &&
    a.note === b.note &&
    a.answer === b.answer &&
    a.secondDigits === b.secondDigits &&
    JSON.stringify(a.found) === JSON.stringify(b.found)
  );
}
