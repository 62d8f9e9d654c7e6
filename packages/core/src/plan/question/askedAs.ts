import { type Filled } from '@bright-sprout/words/messages';
import { type FilledKey, partsOf, say } from '@bright-sprout/words/say';
import { weekdayNames } from '../../calendar/days';
import { type Cadence } from '../../calendar/schoolCalendar';
import { measureOf } from '../../measures/registry';
import { methodById, speciesById } from '../../seeds/catalogue';
import { listInWords, oneOfInWords } from '../../words/listInWords';
import { counted, nounOf, plural } from '../../words/plural';
import { type Factor, type PlanDocument } from '../document/planDocument';
import { planTreatments } from '../document/planTreatments';

/** What a word of the question can be changed to: what is measured, the kind of seed, a factor, its levels, both, … */
export type QuestionWord = 'measures' | 'seed' | 'seeds' | 'containers' | 'checks' | `${'factor' | 'levels' | 'both'}-${number}`;

/** A piece of the question: plain words, or a word that opens. */
export interface QuestionPiece {
  text: string;
  opens: QuestionWord | null;
}

/** The plan as the question it answers, in one sentence whose words can be changed. */
export function askedAs(plan: PlanDocument): QuestionPiece[] {
  const measures = word('measures', measuresInWords(plan));
  const seed = word('seed', speciesById(plan.speciesId)?.name.toLowerCase() ?? say('askedAs.kindSeed'));
  const where = { containers: word('containers', containersInWords(plan)), checks: word('checks', checksInWords(plan)) };
  const first = plan.factors[0];
  if (!first) return pieces('askedAs.nothingChanged', { measures, seed, ...where });
  if (plan.kind === 'viability') {
    const seedsEach = word('seeds', counted(plan.seedsEach, 'seed'));
    return pieces('askedAs.howManyComeUp', { seed, lots: word('both-0', levelsInWords(first)), seedsEach, ...where });
  }
  if (plan.kind === 'looking')
    return pieces('askedAs.whatIsToBeSeen', { seed, levels: word('both-0', levelsInWords(first)), measures, ...where });
  if (first.subject === 'kind' && plan.factors.length === 1)
    return pieces('askedAs.howDoKindsDiffer', { kinds: word('both-0', levelsInWords(first, 'and')), measures, ...where });
  if (plan.kind === 'age-ladder')
    return pieces('askedAs.whatAtEachAge', { seed, ages: word('both-0', levelsInWords(first, 'and')), measures, ...where });
  // Crossed with kinds, the kinds are what is asked about, and the rest is done to each.
  const kinds = plan.factors.findIndex((f) => f.subject === 'kind');
  const of = kinds < 0 ? seed : word(`both-${kinds}`, levelsInWords(plan.factors[kinds]!, 'and'));
  const changed = plan.factors.flatMap((factor, i) => (i === kinds ? [] : [{ factor, i }]));
  const [one, other] = changed.map(({ factor, i }) => ({
    factor: word(`factor-${i}`, nameOf(factor)),
    levels: word(`levels-${i}`, levelsInWords(factor)),
    both: word(`both-${i}`, `${nameOf(factor)}: ${levelsInWords(factor)}`),
  }));
  if (!one) return pieces('askedAs.nothingChanged', { measures, seed: of, ...where });
  if (other) return pieces('askedAs.twoThingsChanged', { measures, seed: of, first: one.both, second: other.both, ...where });
  const { factor, levels } = one;
  return pieces(isSeries(changed[0]!.factor) ? 'askedAs.oneSeriesChanged' : 'askedAs.oneThingChanged', {
    measures,
    seed: of,
    factor,
    levels,
    ...where,
  });
}

const word = (opens: QuestionWord, text: string): QuestionPiece => ({ text, opens });

/** A sentence in the order of its language, plain words and words that open. */
function pieces<K extends FilledKey>(key: K, words: { [P in keyof Filled[K]]: QuestionPiece }): QuestionPiece[] {
  return (partsOf(key, words) as (string | QuestionPiece)[]).map((part) =>
    typeof part === 'string' ? { text: part, opens: null } : part,
  );
}

const nameOf = ({ name }: Factor) => name.trim() || say('askedAs.something');

/** All levels have amounts, each more than the one before. */
function isSeries({ levels }: Factor): boolean {
  return levels.length > 1 && levels.every((l, i) => l.amount !== null && (i === 0 || l.amount > levels[i - 1]!.amount!));
}

/** The levels of a factor: `0 → 100 mmol/L in 4 steps`, `light or dark`. */
export function levelsInWords(factor: Factor, join: 'or' | 'and' = 'or'): string {
  const { levels, unit } = factor;
  if (isSeries(factor) && join === 'or') {
    const [from, to] = [levels[0]!.amount!, levels[levels.length - 1]!.amount!];
    return say('askedAs.inSteps', {
      from,
      to,
      unit: unit ? ` ${unit}` : '',
      countLevels: levels.length,
      manyLevels: levels.length > 2,
    });
  }
  const names = levels.map((l) => l.label.trim() || '…');
  return join === 'and' ? listInWords(names) : oneOfInWords(names);
}

/** What is measured: `height and leaves`. */
export function measuresInWords({ measures, ownMeasures }: Pick<PlanDocument, 'measures' | 'ownMeasures'>): string {
  const names = [
    ...measures.map((code) => measureOf(code)?.name ?? code),
    ...ownMeasures.map((m) => m.name.trim() || say('askedAs.measureOwn')),
  ];
  return names.length > 0 ? listInWords(names) : say('common.nothingYet');
}

function containersInWords(plan: PlanDocument): string {
  const container = methodById(plan.methodId)?.container ?? nounOf('container');
  const { containersEach: each } = plan;
  return Number.isInteger(each) && each > 0 ? counted(each * planTreatments(plan).length, container) : `… ${plural(container)}`;
}

/** How often is looked: `Mon Wed Fri`, `every school day`; says where days were chosen one by one. */
export function checksInWords({
  cadence,
  checksAdded,
  checksSkipped,
}: Pick<PlanDocument, 'cadence' | 'checksAdded' | 'checksSkipped'>) {
  const words = cadenceInWords(cadence);
  return checksAdded.length + checksSkipped.length > 0 ? say('askedAs.withDaysByHand', { cadence: words }) : words;
}

function cadenceInWords(cadence: Cadence): string {
  if (cadence.kind === 'school-days') return say('askedAs.everySchoolDay');
  if (cadence.kind === 'every')
    return cadence.days === 1 ? say('askedAs.everyDay') : say('askedAs.everyDays', { days: cadence.days });
  const days = [...cadence.weekdays].sort((a, b) => ((a + 6) % 7) - ((b + 6) % 7));
  return days.length > 0 ? days.map((d) => weekdayNames()[d]).join(' ') : say('askedAs.dayYet');
}
