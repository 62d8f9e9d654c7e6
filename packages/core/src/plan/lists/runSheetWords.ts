import { listInWords } from '../../words/listInWords';
import { say } from '@bright-sprout/words/say';
import { formatDay } from '../../calendar/days';
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
      return say('lists.sowOnlyTurn', {
        turns: step.turns
          .map((t) =>
            say('lists.dayDaysOldLesson', {
              day: formatDay(t.day, 'short'),
              treatments: listInWords(t.treatments),
              age: t.age ?? 0,
              sameAge: t.age === undefined,
            }),
          )
          .join('; '),
      });
    case 'own-seeds':
      return say('lists.takeOwnSeeds', { sets: sets(step.groups) });
    case 'soaked':
      return say('lists.drainSeedsSoaked', { hours: hours(step.hours) });
    case 'dry':
      return say('lists.takeDrySeeds');
    case 'paper-dry':
      return say('lists.leavePaperDry');
    case 'count-sets':
      return say('lists.countSeedsSetsSet', { seeds: step.seeds, container: step.container });
    case 'count-each':
      return say('lists.countSeedsGoAbout', { container: step.container, seeds: step.seeds });
    case 'wet-paper':
      return say('lists.wetAndLetDrip', {
        sponge: Boolean(step.sponge),
        metricRange: metricRange(step.waterMl),
        liquid: step.liquid ?? say('lists.water'),
      });
    case 'fill':
      return say('lists.fillMixDampAlready', {
        container: step.container,
        formatVolume: formatVolume(step.fillMl),
        stones: step.mix ? ` (${step.mix})` : '',
        damp: step.damp,
      });
    case 'lay-sets':
      return say('lists.laySetApartOther', { container: step.container });
    case 'holes':
      return `${step.kind ? `${step.kind} (${step.treatments.join(', ')}): ` : ''}${holes(step.depthMm)}`;
    case 'pressed':
      return say('lists.laySetMixApart', { container: step.container });
    case 'scattered':
      return say('lists.scatterSetEvenlyOver', {
        container: step.container,
        marked: marked(middle(step.depthMm)),
        sameDepthMm: step.depthMm[1] === 0,
      });
    case 'as-named':
      return say('lists.sowNamed', { label: step.label });
    case 'large-on-side':
      return say('lists.layLargeSeedSide');
    case 'put-sets':
      return say('lists.putSetApartOther', { container: step.container });
    case 'close':
      return step.press ? say('lists.closeHolesPressGently') : say('lists.closeHolesLeaveSoil');
    case 'water':
      return say('lists.waterSame', { metricRange: metricRange(step.waterMl) });
    case 'gets':
      return say('lists.firstWateringGiveTime', {
        formatVolume: formatVolume(step.doseMl),
        liquid: step.liquid || say('common.plainWater'),
      });
    case 'label':
      return step.onIt
        ? say('lists.writeCodeItselfRead', { container: step.container })
        : say('lists.putLabelItselfRead', { container: step.container });
    case 'stands':
      return say('lists.fromNowOn', { factor: step.factor, sets: sets(step.groups) });
    case 'place':
      return say('lists.putPlace', { carrier: step.carrier });
    case 'otherwise':
      return say('lists.writeDownWhatWentDifferently');
  }
}

const hours = ([low, high]: readonly [number, number]) =>
  low === high ? say('lists.hours', { low }) : say('lists.toHours', { low, high });
const middle = ([low, high]: readonly [number, number]) => (low + high) / 2;

/** A depth that a mark on a stick can give: whole millimetres, from a centimetre on steps of five. */
function marked(mm: number): number {
  return mm < 10 ? Math.round(mm) : 5 * Math.round(mm / 5);
}

const holes = ([low, high]: readonly [number, number]) =>
  high === 0 ? say('lists.pressSeedsOntoSurface') : say('lists.makeHolesMmDeep', { marked: marked(middle([low, high])) });
