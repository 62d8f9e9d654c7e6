import { say } from '@bright-sprout/words/say';
import { type IsoDay } from '../calendar/days';
import { isNumeric, isOrdered, type Measure } from '../measures/measure';
import { addsUp, type Reported } from '../measures/sumUp';
import { type CountingPolicies } from '../readings/policies';
import { answeredShares, WHOLE_CLASS } from '../readings/answeredShares';
import { dosesOf, isCrossed } from './design';
import { type GroupedRecords } from './groups';
import { type Between, type Follow, isTime, type MarkPer, needsCourse, type Question, type When } from './question';
import { type ComparedDesign } from './records';

/** What of an investigation decides which questions make sense. */
export interface Askable {
  records: GroupedRecords;
  design: ComparedDesign | null;
  /** Everything that was measured, the main measure first. */
  measures: readonly Measure[];
  /** How the class counts, as its plan settled it. */
  policies: CountingPolicies;
  /** Days on which somebody looked, in order. */
  days: readonly IsoDay[];
  /** Those of them on which at least half of the containers were looked at. */
  wholeDays: readonly IsoDay[];
  /** Other investigations that ran the same treatments: ids, and whether they were sown about a year or more before. */
  others: readonly { id: string; earlier: boolean }[];
  /** Teams said how tall their tallest plant would be. */
  predicted: boolean;
  /** How many teams, kinds and sowing days there are, and whether any container had several plants measured. */
  teams: number;
  kinds: number;
  sowings: number;
  several: boolean;
}

export function askableOf(part: Omit<Askable, 'days' | 'wholeDays' | 'teams' | 'kinds' | 'sowings' | 'several'>): Askable {
  const { containers, treatments, readings } = part.records;
  const shares = [
    ...answeredShares(
      containers.map((c) => c.id),
      readings,
    ),
  ];
  return {
    ...part,
    days: shares.map(([day]) => day),
    wholeDays: shares.filter(([, share]) => share >= WHOLE_CLASS).map(([day]) => day),
    teams: new Set(containers.flatMap((c) => c.block ?? [])).size,
    kinds: new Set(treatments.map((t) => t.kind ?? '')).size,
    sowings: new Set(containers.map((c) => c.sownOn)).size,
    several: severalPlants(part.records),
  };
}

/** Why a choice makes no sense, in half a sentence; null where it does. */
export type No = string | null;

/** Codes of what can be asked about: measures, then what the looks tell by themselves. */
export function followsOf(measure: Measure): Follow[] {
  if (!isNumeric(measure)) return measure.quantity === 'stage' ? ['value', 'reached'] : ['value'];
  const grows = measure.quantity === 'length' || measure.quantity === 'mass' || measure.quantity === 'count';
  return [
    'value',
    'change',
    'per-day',
    ...(grows ? (['relative-rate'] as const) : []),
    'area',
    'highest',
    ...(measure.quantity === 'length' ? (['reached'] as const) : []),
  ];
}

/** Measures that can be compared; a choice without an order has no more and less. */
export const orderedMeasures = ({ measures }: Pick<Askable, 'measures'>): Measure[] => measures.filter(isOrdered);

/** What makes a follow impossible with these records. */
export function followNo(follow: Follow, { days }: Pick<Askable, 'days'>): No {
  return needsCourse({ follow }) && days.length < 2 ? say('compare.takesLooksTwoDays') : null;
}

export function whenNo(when: When['kind'], question: Pick<Question, 'follow' | 'between'>, { days, records }: Askable): No {
  const { follow } = question;
  if (isAcross(question) && (when === 'between' || (when === 'end' && follow === 'value'))) return otherDays();
  if (isTime({ follow })) return when === 'course' ? null : say('compare.dayItselfAnswer');
  if (follow === 'change' || follow === 'per-day' || follow === 'relative-rate')
    return when === 'between' ? null : say('compare.takesTwoDays');
  if (follow === 'area' || follow === 'highest')
    return when === 'between' || when === 'course' ? null : say('compare.takesStretchDays');
  if (when === 'between') return say('compare.valueStandsDay');
  if (when === 'course') return say('compare.valueStandsDayLines');
  if (when === 'age' && question.between === 'ages') return say('compare.ageEquallyOld');
  if (when === 'age' && follow === 'share-up') return null;
  return days.length === 0 || records.containers.length === 0 ? say('compare.nobodyLookedYet') : null;
}

/** What can be asked of several classes: they were looked at on days of their own. */
const ACROSS: readonly Follow[] = ['value', 'highest', 'reached', 'sprouted', 'share-up'];
const otherDays = () => say('compare.otherClassesLookedOther');

const isAcross = ({ between }: Pick<Question, 'between'>) => between === 'classes' || between === 'earlier';

/** Two figures of the amounts, two factors, two teams: what a comparison takes. */
export function betweenNo(between: Between, question: Pick<Question, 'measure' | 'follow'>, askable: Askable): No {
  const { records, design, others, predicted, teams, kinds, sowings } = askable;
  switch (between) {
    case 'treatments':
      return kinds > 1 && kinds === records.treatments.length ? say('compare.kindsDiffers') : null;
    case 'doses':
      return dosesOf(design) ? null : say('compare.takesThreeAmountsSomething');
    case 'factors':
      return isCrossed(design) ? null : say('compare.onlyThingChanged');
    case 'teams':
      return teams > 1 ? null : say('compare.teamsKnown');
    case 'kinds':
      return kinds > 1 ? null : say('compare.allIsOneKind');
    case 'ages':
      return sowings > 1 ? null : say('compare.sownDay');
    case 'classes':
      if (!ACROSS.includes(question.follow)) return otherDays();
      return others.some((o) => !o.earlier) ? null : say('compare.otherClassSowedSame');
    case 'earlier':
      if (!ACROSS.includes(question.follow)) return otherDays();
      return others.some((o) => o.earlier) ? null : say('compare.nobodySowedSameEarlier');
    case 'predicted':
      if (!predicted) return say('compare.teamPredictedHeight');
      return question.measure === 'height' && question.follow === 'value' ? null : say('compare.teamsPredictedHeights');
  }
}

export function markNo(mark: MarkPer, question: Question, { measures, teams, several }: Askable): No {
  const measure = measures.find((m) => m.code === question.measure);
  if (mark === 'team') {
    if (question.between === 'teams') return say('compare.teamsComparedAlready');
    return teams > 1 ? null : say('compare.teamsKnown');
  }
  if (mark === 'container') return null;
  if (question.follow !== 'value' || measure?.of !== 'plant') return say('compare.knownContainerOnly');
  if (question.when.kind === 'age') return say('compare.lineBetweenTwoLooks');
  return several ? null : say('compare.containerPlant');
}

/** Whether any container had several plants measured on one day. */
function severalPlants({ readings }: Pick<GroupedRecords, 'readings'>): boolean {
  const seen = new Map<string, string>();
  return readings.some((r) => {
    if (r.state !== 'measured') return false;
    const key = `${r.containerId} ${r.day}`;
    const plant = seen.get(key);
    if (plant === undefined) seen.set(key, r.plant);
    return plant !== undefined && plant !== r.plant;
  });
}

/** How several plants of a container become its number. */
export function reportNo(report: Reported, question: Pick<Question, 'measure' | 'follow'>, { several, measures }: Askable): No {
  if (report === 'container-mean') return null;
  const measure = measures.find((m) => m.code === question.measure);
  if (question.follow === 'sprouted' || question.follow === 'share-up' || measure?.of !== 'plant')
    return say('compare.numberAlready');
  if (!several) return say('compare.containerPlant');
  return report === 'total' && !addsUp(measure) ? say('compare.cannotAdded') : null;
}

/** What not up can count as: a number has a zero; what follows from several looks, and what is counted of seeds, has its own rule. */
export function countsAsZero({ follow }: Pick<Question, 'follow'>, measure: Measure): No {
  if (!isNumeric(measure)) return say('compare.stageZero');
  if (measure.quantity === 'count-of') return say('compare.noneSeedsWhateverChooses');
  if (follow === 'relative-rate') return say('compare.nothingGrowsNothingRate');
  if (follow === 'area') return say('compare.addsNothingArea');
  return null;
}
