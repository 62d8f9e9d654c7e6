import { formatDay } from '../../calendar/days';
import { metricRange } from '../../quantities/kitchenMeasure';
import { formatVolume } from '../../quantities/volume';
import { type RunStep, type WrittenStep } from './runSheet';

/** What a step says; those of earlier times were kept as sentences. */
export function runStepWords(step: RunStep | WrittenStep): string {
  if (typeof step === 'string') return step;
  switch (step.code) {
    case 'turns':
      return `Sow only what has its turn: ${step.turns.map((t) => `${formatDay(t.day, 'short')} ${t.treatments.join(' and ')}`).join('; ')}.`;
    case 'count-sets':
      return `Count the seeds into sets of ${step.seeds}, one set for each ${step.container}.`;
    case 'wet-paper':
      return `Wet the paper with ${metricRange(step.waterMl)} of water and let it stop dripping.`;
    case 'fill':
      return `Fill each ${step.container} with ${formatVolume(step.fillMl)} of mix${step.damp ? ' that is damp already' : ''}, up to the line.`;
    case 'lay-apart':
      return 'Lay the seeds apart, where they can be seen.';
    case 'holes':
      return `${step.kind ? `${step.kind} (${step.treatments.join(', ')}): ` : ''}${holes(step.depthMm)}`;
    case 'large-on-side':
      return 'Lay each large seed on its side, scar downwards where it has one.';
    case 'put-sets':
      return `Put one set into each ${step.container}, apart from each other.`;
    case 'close':
      return step.press ? 'Close the holes and press gently.' : 'Close the holes and leave the soil loose.';
    case 'water':
      return `Water with ${metricRange(step.waterMl)}, the same for all.`;
    case 'label':
      return `Put the label into the ${step.container} itself, and read its code aloud.`;
    case 'place':
      return `Put it in its place on the ${step.carrier}.`;
    case 'otherwise':
      return 'Write down what went otherwise: an extra seed, a broken one, other soil.';
  }
}

/** A depth that a mark on a stick can give: whole millimetres, from a centimetre on steps of five. */
function marked(mm: number): number {
  return mm < 10 ? Math.round(mm) : 5 * Math.round(mm / 5);
}

const holes = ([low, high]: readonly [number, number]) =>
  high === 0
    ? 'Press the seeds onto the surface; do not cover them.'
    : `Make holes ${marked((low + high) / 2)} mm deep with a marked stick.`;
