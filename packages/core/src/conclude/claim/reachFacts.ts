import { say } from '@bright-sprout/words/say';
import { isClear, type Sureness } from '../../compare/sureness';
import { dosesOf } from '../../compare/design';
import { type Group, groupings, type GroupedRecords } from '../../compare/groups';
import { type Question } from '../../compare/question';
import { type ComparedDesign } from '../../compare/records';
import { daysBetween, type IsoDay } from '../../calendar/days';
import { type Result } from '../../result/result';

/** One thing that is compared, and all that a team may call it. */
export interface NamedGroup {
  key: string;
  label: string;
  control: boolean;
  /** In lower case; longer names are looked for first. */
  names: readonly string[];
  /** Its dose; null where it has none. */
  amount: number | null;
}

/** What the core itself reads from the records: a claim is held against it. */
export interface ReachFacts {
  groups: readonly NamedGroup[];
  /** What the factor is called as a whole: `salt`, `salinity`; it stands for every group but the control. */
  factor: readonly string[];
  unit: string;
  contrasts: readonly { of: string; against: string; /** −1 less, 1 more. */ sign: number; clear: boolean }[];
  /** Last day that was looked at. */
  lastDay: number;
  /** A difference has one cause here: a fair test, neither kinds nor teams side by side. */
  oneCause: boolean;
  /** Containers compared; one of them is no class. */
  containers: number;
  /** What grew in every treatment that the claim may call stopped: the largest value of each group, null where nothing lives. */
  grew: Readonly<Record<string, number | null>>;
  /** `grew` are sizes that plants grew to, not days, shares or rates. */
  sizes: boolean;
  /** What the fair-test check still said first, as a sentence; null for a fair test. */
  unfair: string | null;
  /** More means later: days are compared. */
  later: boolean;
}

/** Words of a label that say little by themselves. */
const EMPTY = new Set([
  'with',
  'without',
  'the',
  'a',
  'an',
  'in',
  'on',
  'of',
  'at',
  'by',
  'behind',
  'under',
  'and',
  'no',
  'not',
  'seed',
  'seeds',
  'old',
  'from',
  'water',
  'day',
  'days',
]);

const wordsOf = (label: string) =>
  label
    .toLowerCase()
    .split(/[^\p{L}\p{N}.]+/u)
    .filter((w) => w.length > 3 && !EMPTY.has(w));

/** Everything that a claim about a question can be held against, from the page's own answer. */
export function reachFactsOf({
  records,
  groups,
  sureness,
  question,
  design,
  factor,
  exceptions,
  lastDay,
  sizes,
}: {
  records: GroupedRecords;
  groups: readonly Group[];
  sureness: Result<Sureness>;
  question: Question;
  design: ComparedDesign | null;
  /** What the factor is called. */
  factor: string;
  /** What the fair-test check still said of the plan. */
  exceptions: readonly string[];
  lastDay: IsoDay;
  sizes: boolean;
}): ReachFacts {
  const doses = dosesOf(design);
  const unit = doses === null ? '' : design!.factors[doses.factor]!.unit;
  const keys = groupings(records, question).map((g) => g.key);
  const named = groups.map((g): NamedGroup => {
    const amount = question.between === 'treatments' ? (doses?.amounts[g.key] ?? null) : null;
    return { key: g.key, label: g.label, control: g.treatment.control, amount, names: namesOf(g, groups, factor, amount) };
  });
  const found = sureness.ok ? sureness.contrasts : [];
  const keyOf = (label: string) => groups.find((g) => g.label === label)?.key ?? label;
  const sown = records.containers.map((c) => c.sownOn).sort()[0]!;
  return {
    groups: named.filter((g) => keys.includes(g.key)),
    factor: question.between === 'treatments' ? factorNames(factor, named) : [],
    unit,
    contrasts: found.flatMap((c) =>
      c.asked.kind === 'difference' && c.asked.where === undefined
        ? [{ of: keyOf(c.asked.of), against: keyOf(c.asked.against), sign: Math.sign(c.estimate), clear: isClear(c) }]
        : [],
    ),
    lastDay: daysBetween(sown, lastDay),
    oneCause: question.between === 'treatments' && exceptions.length === 0 && !severalKinds(records),
    containers: groups.reduce((sum, g) => sum + new Set(g.dots.flatMap((d) => d.behind.map((c) => c.id))).size, 0),
    grew: Object.fromEntries(groups.map((g) => [g.key, g.dots.length === 0 ? null : Math.max(...g.dots.map((d) => d.value))])),
    sizes,
    unfair: exceptions[0] ?? null,
    later: question.follow === 'sprouted' || question.follow === 'reached',
  };
}

const severalKinds = ({ treatments }: GroupedRecords) => new Set(treatments.map((t) => t.kind ?? '')).size > 1;

function namesOf(group: Group, all: readonly Group[], factor: string, amount: number | null): string[] {
  const label = group.label.toLowerCase();
  const own = wordsOf(label).filter((w) => all.every((g) => g === group || !wordsOf(g.label).includes(w)));
  const subject = factor.toLowerCase();
  const control = group.treatment.control
    ? [
        say('conclude.withoutSubject', { subject }),
        say('conclude.withoutGroup', { subject }),
        'control',
        'controls',
        say('conclude.withNone'),
        say('conclude.withoutAny'),
      ]
    : [];
  const dose = amount === null || amount === 0 ? [] : [String(amount)];
  // A word of the control that names the factor stands for all: "salt" in "no salt".
  const telling = own.filter((w) => !wordsOf(factor).includes(w) && (amount === null || !/\d/.test(w)));
  return [
    ...new Set([
      label,
      ...telling,
      ...control,
      ...dose,
      say('conclude.treatmentCode', { code: group.treatment.code.toLowerCase() }),
    ]),
  ];
}

/** The factor as a whole, and what amounts of it are called. */
function factorNames(factor: string, groups: readonly NamedGroup[]): string[] {
  const words = wordsOf(factor);
  const amounts = groups.some((g) => g.amount !== null) ? ['concentration', 'dose', 'strength'] : [];
  return [...new Set([factor.toLowerCase(), ...words, ...words.map((w) => `${w}y`), ...amounts])].filter((n) => n.length > 2);
}
