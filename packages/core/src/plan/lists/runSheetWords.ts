import { formatDay } from '../../calendar/days';
import { counted } from '../../words/plural';
import { metricRange } from '../../quantities/kitchenMeasure';
import { formatVolume } from '../../quantities/volume';
import { type RunStep, type SetGroup } from './runSheet';

/** What a step says. */
export function runStepWords(step: RunStep): string {
  const words = allSay(step);
  const some = 'treatments' in step && !('kind' in step && step.kind) ? (step.treatments ?? []) : [];
  return some.length === 0 ? words : `${some.join(', ')}: ${words.charAt(0).toLowerCase()}${words.slice(1)}`;
}

const sets = (groups: readonly SetGroup[]) => groups.map((g) => `${g.treatments.join(', ')} ${g.label}`).join('; ');

function allSay(step: RunStep): string {
  switch (step.code) {
    case 'turns':
      return `Sow only what has its turn: ${step.turns.map((t) => `${formatDay(t.day, 'short')} ${t.treatments.join(' and ')}${t.age === undefined ? '' : ` (${counted(t.age, 'day')} old at the lesson)`}`).join('; ')}.`;
    case 'own-seeds':
      return `Take for each its own seeds: ${sets(step.groups)}.`;
    case 'soaked':
      return `Drain the seeds that were soaked for ${hours(step.hours)}.`;
    case 'dry':
      return 'Take dry seeds.';
    case 'paper-dry':
      return 'Leave the paper dry.';
    case 'count-sets':
      return `Count the seeds into sets of ${step.seeds}, one set for each ${step.container}.`;
    case 'count-each':
      return `Count the seeds that go into each ${step.container}, about ${step.seeds}, write the number beside its code, and sow all of them.`;
    case 'wet-paper':
      return `Wet the ${step.sponge ? 'sponge' : 'paper'} with ${metricRange(step.waterMl)} of ${step.liquid ?? 'water'} and let it stop dripping.`;
    case 'fill':
      return `Fill each ${step.container} with ${formatVolume(step.fillMl)} of mix${step.mix ? ` (${step.mix})` : ''}${step.damp ? ' that is damp already' : ''}, up to the line.`;
    case 'lay-sets':
      return `Lay one set into each ${step.container}, apart from each other, where they can be seen.`;
    case 'holes':
      return `${step.kind ? `${step.kind} (${step.treatments.join(', ')}): ` : ''}${holes(step.depthMm)}`;
    case 'pressed':
      return `Lay one set on the mix in each ${step.container}, apart from each other, and press the seeds on. Do not cover them.`;
    case 'scattered':
      return `Scatter one set evenly over each ${step.container}${step.depthMm[1] === 0 ? ' and press lightly. Do not cover them' : ` and sprinkle ${marked(middle(step.depthMm))} mm of mix over them`}.`;
    case 'as-named':
      return `Sow as it is named: ${step.label}.`;
    case 'large-on-side':
      return 'Lay each large seed on its side, scar downwards where it has one.';
    case 'put-sets':
      return `Put one set into each ${step.container}, apart from each other.`;
    case 'close':
      return step.press ? 'Close the holes and press gently.' : 'Close the holes and leave the soil loose.';
    case 'water':
      return `Water with ${metricRange(step.waterMl)}, the same for all.`;
    case 'gets':
      return `From the first watering on give ${formatVolume(step.doseMl)} of ${step.liquid || 'plain water'} each time.`;
    case 'label':
      return step.onIt
        ? `Write the code on the ${step.container} itself, and read it aloud.`
        : `Put the label into the ${step.container} itself, and read its code aloud.`;
    case 'stands':
      return `From now on, ${step.factor}: ${sets(step.groups)}.`;
    case 'place':
      return `Put it in its place on the ${step.carrier}.`;
    case 'otherwise':
      return 'Write down what went otherwise: an extra seed, a broken one, other soil.';
  }
}

const hours = ([low, high]: readonly [number, number]) => (low === high ? `${low} hours` : `${low} to ${high} hours`);
const middle = ([low, high]: readonly [number, number]) => (low + high) / 2;

/** A depth that a mark on a stick can give: whole millimetres, from a centimetre on steps of five. */
function marked(mm: number): number {
  return mm < 10 ? Math.round(mm) : 5 * Math.round(mm / 5);
}

const holes = ([low, high]: readonly [number, number]) =>
  high === 0
    ? 'Press the seeds onto the surface; do not cover them.'
    : `Make holes ${marked(middle([low, high]))} mm deep with a marked stick.`;
