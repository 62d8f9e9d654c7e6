import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type ClaimSubject, joinedBy } from '@bright-sprout/core/claims/claimSubject';
import { daysBetween, formatDay, isDated, ONE_LOOK_SOWING } from '@bright-sprout/core/calendar/days';
import { type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { looksByContainer } from '@bright-sprout/core/readings/looks';
import { type Between, type Question, type When } from '@bright-sprout/core/compare/question';
import { type Shown, shownOf } from '@bright-sprout/core/compare/shown';
import { countsSprouts } from '@bright-sprout/core/compare/times';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { capital } from '@bright-sprout/core/words/capital';
import { listInWords } from '@bright-sprout/core/words/listInWords';

/** The kinds of seed as a noun, lower case. */
export function kindOf({ treatments, speciesName }: Pick<InvestigationView, 'treatments' | 'speciesName'>): string {
  const kinds = [...new Set(treatments.map((t) => t.speciesName.toLowerCase()))];
  return kinds.length > 0 && kinds.length < 4 ? listInWords(kinds) : speciesName.toLowerCase();
}

/** When it was, as it stands in the sentence: `on day 16`, `from day 9 to day 16`. */
export function whenWords(when: When, sownOn: string): string {
  switch (when.kind) {
    case 'day':
      return isDated(when.day) || when.day < ONE_LOOK_SOWING
        ? say('compare.onDay', { daysBetween: daysBetween(sownOn, when.day) })
        : say('compare.atTheEnd');
    case 'age':
      return say('compare.atDaysOld', { age: when.age });
    case 'between':
      return say('compare.dayDay', { from: daysBetween(sownOn, when.from), to: daysBetween(sownOn, when.to) });
    case 'course':
      return say('compare.overWholeCourse');
    case 'end':
      return say('compare.inTheEnd');
  }
}

/** After a verb: a course that goes without saying is left away. */
const afterVerb = (question: Question, sownOn: string) =>
  question.between === 'ages' && question.when.kind === 'day'
    ? say('compare.onDate', { day: formatDay(question.when.day) })
    : question.when.kind === 'course' && question.follow !== 'area' && question.follow !== 'highest'
      ? ''
      : whenWords(question.when, sownOn);

/** What is compared with what, as a noun. */
export function betweenWords(between: Between, { factor, design }: Pick<InvestigationView, 'factor' | 'design'>): string {
  switch (between) {
    case 'treatments':
      return design && design.factors.length > 1
        ? say('compare.eachCombinationOf', { factor })
        : factor || say('compare.treatments');
    case 'doses':
      return say('compare.stepStep', {
        name: design?.factors.find((f) => f.levels.every((l) => l.amount !== null))?.name ?? factor,
      });
    case 'factors':
      return design ? listInWords(design.factors.slice(0, 2).map((f) => f.name)) : factor;
    case 'teams':
      return 'teams';
    case 'kinds':
      return say('compare.kindsSeed');
    case 'ages':
      return say('compare.ageTitle');
    case 'classes':
      return say('compare.otherClasses', { factor });
    case 'earlier':
      return say('compare.earlierYear', { factor });
    case 'predicted':
      return say('compare.whatWasPredicted');
  }
}

/** Records are never changed in place: whether seeds are counted in them is looked up once. */
const seedsCounted = new WeakMap<GroupedRecords['readings'], boolean>();

function countsSeedsIn({ readings, containers }: GroupedRecords): boolean {
  const before = seedsCounted.get(readings);
  if (before !== undefined) return before;
  const looks = looksByContainer(readings);
  const counted = containers.some((c) => countsSprouts(looks.get(c.id) ?? []));
  seedsCounted.set(readings, counted);
  return counted;
}

export function shownFor(question: Question, measure: Measure, investigation: InvestigationView, records: GroupedRecords): Shown {
  const { resolution, containerName: container } = investigation;
  return shownOf(question, measure, resolution, { container, seeds: countsSeedsIn(records) });
}

/** Everything that the sentences of a claim speak about. */
export function subjectOf(
  question: Question,
  shown: Shown,
  investigation: InvestigationView,
  { readingError, classes = 1 }: { readingError: number | null; classes?: number },
): ClaimSubject {
  const kinds = new Set(investigation.treatments.map((t) => t.speciesName)).size;
  return {
    kind: kinds > 1 ? say('compare.whatWasSown') : kindOf(investigation),
    container: investigation.containerName,
    shown,
    question,
    when: afterVerb(question, investigation.sownOn),
    band: investigation.class.gradeBand,
    classes,
    joined: joinedBy(investigation.design),
    readingError: question.measure === 'height' && question.follow !== 'sprouted' ? readingError : null,
  };
}

/** The question in one short line, for lists and names. */
export function shortQuestion(
  question: Question,
  measure: Measure,
  investigation: InvestigationView,
  records: GroupedRecords,
): string {
  const { name } = shownFor(question, measure, investigation, records);
  const when = question.when.kind === 'course' ? '' : ` ${whenWords(question.when, investigation.sownOn)}`;
  return capital(
    say('compare.nameByBetween', {
      name,
      when,
      betweenWords: betweenWords(question.between, investigation),
      mark: question.mark === 'container' && question.report === 'total' ? 'total' : question.mark,
      containerName: investigation.containerName,
    }),
  );
}

/** The sentence that says what a figure shows, for those who cannot see it. */
export function figureSummary(
  question: Question,
  shown: Shown,
  investigation: InvestigationView,
  groups: readonly { label: string; summary: { ok: boolean; mean?: number; median?: number } }[],
): string {
  const value = (g: (typeof groups)[number]) =>
    g.summary.ok
      ? shown.ranks
        ? say('compare.middleValue', { median: shown.words(g.summary.median!) })
        : say('compare.meanValue', { mean: shown.words(g.summary.mean!) })
      : say('compare.noneCounted');
  const when = afterVerb(question, investigation.sownOn);
  return say('compare.figureOfBy', {
    name: capital(shown.name),
    kindOf: kindOf(investigation),
    when: when && ` ${when}`,
    betweenWords: betweenWords(question.between, investigation),
    groups: groups.map((g) => `${g.label} ${value(g)}`).join('; '),
  });
}
