import { type Comparison, type Contrast } from '../compare/compareOnDay';
import { formatLength, type RulerResolution } from '../quantities/length';

/** What the sentence speaks about. */
export interface ClaimSubject {
  /** The kind as a noun, lower case: `barley`. */
  kind: string;
  /** What its containers are called: `cup`, `pot`. */
  container: string;
  /** The day since sowing. */
  dayNumber: number;
  resolution: RulerResolution;
}

export interface Claim {
  /** What was found, or that these containers cannot tell. */
  finding: string;
  /** Counts behind it: measured, not up, lost, not looked at. */
  evidence: string;
  /** What else could explain it. */
  cautions: string[];
}

/** A difference is spoken of when its interval leaves zero out and its adjusted shuffle p is below this. */
const CLEAR_BELOW = 0.05;

/** Joins with commas and a last `and`. */
function listInWords(words: readonly string[]): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}

function isClear(contrast: Contrast): boolean {
  const { interval, adjustedP } = contrast;
  const leavesZeroOut = interval.ok && (interval.interval.low > 0 || interval.interval.high < 0);
  return leavesZeroOut && adjustedP !== null && adjustedP < CLEAR_BELOW;
}

/**
 * Puts the claim of one day together from its numbers. It never says more than they carry: a wide interval becomes "cannot
 * tell", never "no effect".
 */
export function claimSentence(comparison: Comparison, subject: ClaimSubject): Claim {
  return {
    finding: finding(comparison, subject),
    evidence: evidence(comparison, subject),
    cautions: cautions(comparison, subject),
  };
}

function finding(comparison: Comparison, subject: ClaimSubject): string {
  const control = comparison.groups.find((g) => g.treatment.control);
  if (comparison.reason !== null || !control) return comparison.reason ?? 'There is no control to compare with.';
  const clear = comparison.contrasts.filter(isClear);
  const unclear = comparison.contrasts.filter((c) => !isClear(c));
  const sentences: string[] = [];
  for (const direction of ['shorter', 'taller'] as const) {
    const own = clear.filter((c) => (direction === 'shorter') === c.differenceMm < 0);
    if (own.length === 0) continue;
    const labels = listInWords(own.map((c) => c.treatment.label));
    const sizes = listInWords(own.map((c) => formatLength(Math.abs(c.differenceMm), fine(subject))));
    sentences.push(
      `With ${labels}, ${subject.kind} was ${direction} on day ${subject.dayNumber} than with ${control.treatment.label}: by about ${sizes}.`,
    );
  }
  if (unclear.length > 0) {
    const labels = listInWords(unclear.map((c) => c.treatment.label));
    sentences.push(`For ${labels}, these ${subject.container}s cannot tell yet.`);
  }
  return sentences.join(' ');
}

/** Differences of means carry a tenth even where single plants are read in whole centimetres. */
function fine(subject: ClaimSubject): RulerResolution {
  return subject.resolution === 'quarter-in' ? 'quarter-in' : 'mm';
}

function count(n: number, word: string): string {
  return `${n} ${word}${n === 1 ? '' : 's'}`;
}

function evidence({ groups, beforeSprouting }: Comparison, { container }: ClaimSubject): string {
  const total = (pick: (g: Comparison['groups'][number]) => number) => groups.reduce((sum, g) => sum + pick(g), 0);
  const notUp = total((g) => g.notUp.length);
  const measured = total((g) => g.dots.length) - (beforeSprouting === 'zero' ? notUp : 0);
  const parts = [`${count(measured, container)} measured`];
  if (notUp > 0) parts.push(`${notUp} not up yet${beforeSprouting === 'zero' ? ', counted as zero' : ''}`);
  const lost = total((g) => g.lost.length);
  if (lost > 0) parts.push(`${lost} lost`);
  const blank = total((g) => g.notChecked.length);
  if (blank > 0) parts.push(`${blank} not looked at`);
  return `${parts.join(', ')}.`;
}

function cautions({ groups, beforeSprouting }: Comparison, { container }: ClaimSubject): string[] {
  const found: string[] = [];
  const measured = groups.map((g) => g.dots.length);
  if (Math.min(...measured) < 3) found.push(`A treatment has fewer than three ${container}s here: luck weighs a lot.`);
  const share = groups.map(
    (g) => g.dots.length / Math.max(1, g.dots.length + g.lost.length + (beforeSprouting === 'zero' ? 0 : g.notUp.length)),
  );
  if (Math.max(...share) - Math.min(...share) >= 0.2)
    found.push(
      'These are the heights of the survivors. The treatments lost or kept back different shares of plants, and the ones that are missing may have been the weak ones.',
    );
  const blank = groups.flatMap((g) => g.notChecked.map((c) => c.code));
  if (blank.length > 0) found.push(`Nobody looked at ${listInWords(blank.slice(0, 6))}${blank.length > 6 ? ` and ${blank.length - 6} more` : ''} on this day.`); // prettier-ignore
  const noBlocks = groups.every((g) => g.dots.every((d) => d.container.block === null));
  if (noBlocks) found.push('No teams are known here, so a careful and a careless measurer could look like a treatment.');
  return found;
}
