import { type Comparison, type Contrast } from '../compare/compareOnDay';
import { formatLength, formatLengthNumber, type RulerResolution } from '../quantities/length';
import { plural } from '../words/plural';
import { type ClaimSubject } from './claimSubject';
import { type GradeBand } from '../words/gradeBand';

/** A difference is spoken of when its interval leaves zero out and its adjusted shuffle p is below this. */
const CLEAR_BELOW = 0.05;

/** Joins with commas and a last `and`. */
export function listInWords(words: readonly string[]): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}

export function isClear(contrast: Contrast): boolean {
  const { interval, adjustedP } = contrast;
  const leavesZeroOut = interval.ok && (interval.interval.low > 0 || interval.interval.high < 0);
  return leavesZeroOut && adjustedP !== null && adjustedP < CLEAR_BELOW;
}

/** What was found on a day, in the words of a grade band; one treatment after the other against the control. */
export function finding(comparison: Comparison, subject: ClaimSubject, band: GradeBand): string {
  const control = comparison.groups.find((g) => g.treatment.control);
  if (comparison.reason !== null || !control) return comparison.reason ?? 'There is no control to compare with.';
  const clear = comparison.contrasts.filter(isClear);
  const unclear = comparison.contrasts.filter((c) => !isClear(c));
  const sentences = (['shorter', 'taller'] as const).flatMap((direction) => {
    const own = clear.filter((c) => (direction === 'shorter') === c.differenceMm < 0);
    return own.length === 0 ? [] : DIFFERENCE[band](own, direction, control.treatment.label, subject);
  });
  if (unclear.length > 0) sentences.push(...CANNOT_TELL[band](unclear, subject));
  return sentences.join(' ');
}

type Direction = 'shorter' | 'taller';
type DifferenceWords = (own: readonly Contrast[], direction: Direction, control: string, subject: ClaimSubject) => string[];

const labels = (own: readonly Contrast[]) => listInWords(own.map((c) => c.treatment.label));
const sizes = (own: readonly Contrast[], resolution: RulerResolution) =>
  listInWords(own.map((c) => formatLength(Math.abs(c.differenceMm), resolution)));

/** Differences of means carry a tenth even where single plants are read in whole centimetres. */
const fine = (resolution: RulerResolution): RulerResolution => (resolution === 'quarter-in' ? 'quarter-in' : 'mm');
/** The youngest bands hear whole steps of their own ruler. */
const coarse = (resolution: RulerResolution): RulerResolution => (resolution === 'quarter-in' ? 'quarter-in' : 'cm');

const DIFFERENCE: Record<GradeBand, DifferenceWords> = {
  early: (own, direction, control, { kind }) => [
    `The ${kind} with ${labels(own)} was ${direction} than the ${kind} with ${control}.`,
  ],
  primary: (own, direction, control, { kind, dayNumber, resolution }) => [
    `On day ${dayNumber} the ${kind} with ${labels(own)} was ${direction} than with ${control}: by about ${sizes(own, coarse(resolution))}.`,
  ],
  middle: (own, direction, control, { kind, dayNumber, resolution }) => [
    `With ${labels(own)}, ${kind} was ${direction} on day ${dayNumber} than with ${control}: by about ${sizes(own, fine(resolution))}.`,
  ],
  upper: (...words) => DIFFERENCE.middle(...words),
};

/** How sure one can be of each difference, for the bands that can use it: one sentence each, under the finding. */
export function certainty(comparison: Comparison, { container, resolution }: ClaimSubject, band: GradeBand): string[] {
  if (band === 'early' || band === 'primary' || comparison.reason !== null) return [];
  const clear = comparison.contrasts.filter(isClear);
  const unclear = comparison.contrasts.filter((c) => !isClear(c));
  if (band === 'middle')
    return clear.map(
      (c) =>
        `${c.treatment.label}: the range is ${ends(c, resolution)}; such ranges are right in 95 of 100 classes. Shuffled labels give so large a difference ${oftenInWords(c.adjustedP!)}.`,
    );
  const several = comparison.contrasts.length > 1 ? ', adjusted for the number of treatments' : '';
  return [
    ...clear.map(
      (c) =>
        `${c.treatment.label}: 95 % interval ${ends(c, resolution)}; shuffled within teams, ${pInWords(c.adjustedP!)}${several}.`,
    ),
    ...unclear.map((c) =>
      c.interval.ok
        ? `${c.treatment.label}: these ${plural(container)} leave anything from ${signed(c.interval.interval.low, resolution)} to ${signed(c.interval.interval.high, resolution)} open (95 % interval).`
        : `${c.treatment.label}: ${c.interval.reason.charAt(0).toLowerCase()}${c.interval.reason.slice(1)}`,
    ),
  ];
}

function ends(c: Contrast, resolution: RulerResolution): string {
  const [near, far] = bounds(c);
  return `${formatLengthNumber(near, fine(resolution))} to ${formatLength(far, fine(resolution))}`;
}

/** Ends of the interval as sizes, the smaller first. */
function bounds({ interval }: Contrast): [number, number] {
  const { low, high } = interval.ok ? interval.interval : { low: 0, high: 0 };
  return Math.abs(low) < Math.abs(high) ? [Math.abs(low), Math.abs(high)] : [Math.abs(high), Math.abs(low)];
}

function oftenInWords(p: number): string {
  if (p < 0.001) return 'less than once in 1,000 times';
  if (p < 0.01) return 'less than once in 100 times';
  return `about ${Math.max(1, Math.round(100 * p))} ${Math.round(100 * p) > 1 ? 'times' : 'time'} in 100`;
}

function pInWords(p: number): string {
  return p < 0.001 ? 'p < 0.001' : `p = ${p.toFixed(3)}`;
}

const CANNOT_TELL: Record<GradeBand, (own: readonly Contrast[], subject: ClaimSubject) => string[]> = {
  early: (own) => [`About ${labels(own)} we cannot tell yet.`],
  primary: (own, { container }) => [`For ${labels(own)}, these ${plural(container)} cannot tell yet.`],
  middle: (own, { container }) => [`For ${labels(own)}, these ${plural(container)} cannot tell yet.`],
  upper: (own, { container }) => [`For ${labels(own)}, these ${plural(container)} cannot tell yet.`],
};

function signed(mm: number, resolution: RulerResolution): string {
  return `${mm > 0 ? '+' : ''}${formatLength(mm, fine(resolution))}`;
}
