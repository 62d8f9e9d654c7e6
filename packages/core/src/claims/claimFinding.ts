import { type Comparison, type Contrast } from '../compare/compareOnDay';
import { type Measure } from '../measures/measure';
import { differenceWords, signedDifference, summaryNumber, summaryWords } from '../measures/summaryWords';
import { formatLength, type RulerResolution } from '../quantities/length';
import { listInWords } from '../words/listInWords';
import { plural } from '../words/plural';
import { type ClaimSubject } from './claimSubject';
import { type GradeBand } from '../words/gradeBand';

/** A difference is spoken of when its interval leaves zero out and its adjusted shuffle p is below this. */
const CLEAR_BELOW = 0.05;

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
  const { measure } = comparison;
  const sentences = (['less', 'more'] as const).flatMap((direction) => {
    const own = clear.filter((c) => (direction === 'less') === c.difference < 0);
    const words = { was: `${measure.verb} ${measure[direction]}`, control: control.treatment.label, measure };
    return own.length === 0 ? [] : DIFFERENCE[band](own, words, subject);
  });
  if (unclear.length > 0) sentences.push(...CANNOT_TELL[band](unclear, subject));
  return sentences.join(' ');
}

interface DifferenceParts {
  /** `was shorter`, `had fewer of its seeds up`. */
  was: string;
  control: string;
  measure: Measure;
}
type DifferenceSentence = (own: readonly Contrast[], words: DifferenceParts, subject: ClaimSubject) => string[];

const labels = (own: readonly Contrast[]) => listInWords(own.map((c) => c.treatment.label));

/** `: by about 8.0 cm`; nothing where the measure has no sizes. */
function sizes(own: readonly Contrast[], measure: Measure, resolution: RulerResolution, whole: boolean): string {
  const size = (c: Contrast) =>
    whole && measure.quantity === 'length'
      ? formatLength(Math.abs(c.difference), coarse(resolution))
      : differenceWords(measure, c.difference, resolution);
  const words = own.map(size);
  return words.every((w) => w === '') ? '' : `: by about ${listInWords(words)}`;
}

/** The youngest bands hear whole steps of their own ruler. */
const coarse = (resolution: RulerResolution): RulerResolution => (resolution === 'quarter-in' ? 'quarter-in' : 'cm');

const nounOf = ({ about }: Measure, kind: string) => (about === 'soil' ? `soil of the ${kind}` : kind);

const DIFFERENCE: Record<GradeBand, DifferenceSentence> = {
  early: (own, { was, control, measure }, { kind }) => [
    `The ${nounOf(measure, kind)} with ${labels(own)} ${was} than the ${nounOf(measure, kind)} with ${control}.`,
  ],
  primary: (own, { was, control, measure }, { kind, dayNumber, resolution }) => [
    `On day ${dayNumber} the ${nounOf(measure, kind)} with ${labels(own)} ${was} than with ${control}${sizes(own, measure, resolution, true)}.`,
  ],
  middle: (own, { was, control, measure }, { kind, dayNumber, resolution }) => [
    `With ${labels(own)}, ${measure.about === 'soil' ? `the ${nounOf(measure, kind)}` : kind} ${was} on day ${dayNumber} than with ${control}${sizes(own, measure, resolution, false)}.`,
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
        `${c.treatment.label}: the range is ${ends(c, comparison.measure, resolution)}; such ranges are right in 95 of 100 classes. Shuffled labels give so large a difference ${oftenInWords(c.adjustedP!)}.`,
    );
  const several = comparison.contrasts.length > 1 ? ', adjusted for the number of treatments' : '';
  return [
    ...clear.map(
      (c) =>
        `${c.treatment.label}: 95 % interval ${ends(c, comparison.measure, resolution)}; shuffled within teams, ${pInWords(c.adjustedP!)}${several}.`,
    ),
    ...unclear.map((c) =>
      c.interval.ok
        ? `${c.treatment.label}: these ${plural(container)} leave anything from ${signedDifference(comparison.measure, c.interval.interval.low, resolution)} to ${signedDifference(comparison.measure, c.interval.interval.high, resolution)} open (95 % interval).`
        : `${c.treatment.label}: ${c.interval.reason.charAt(0).toLowerCase()}${c.interval.reason.slice(1)}`,
    ),
  ];
}

function ends(c: Contrast, measure: Measure, resolution: RulerResolution): string {
  const [near, far] = bounds(c);
  return `${summaryNumber(measure, near, resolution)} to ${measure.summedUp === 'order' ? summaryNumber(measure, far, resolution) : summaryWords(measure, far, resolution)}`;
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
