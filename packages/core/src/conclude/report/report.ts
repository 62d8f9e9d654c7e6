import { say } from '@bright-sprout/words/say';
import { dayAndDate, daysBetween, formatDay, isDated, type IsoDay } from '../../calendar/days';
import { type Claim } from '../../claims/claimSentence';
import { capital } from '../../words/capital';
import { listInWords } from '../../words/listInWords';
import { counted, plural } from '../../words/plural';
import { type Arrangement, PART_NAMES, type ReportPart } from './arrangement';

/** What is drawn: the marks of the question, the means over the days, or the tray. */
export type ReportFigure = 'answer' | 'course' | 'tray';

/** One piece of a report; the page, the PDF and the Word file are made of the same ones. */
export type ReportBlock =
  | { kind: 'paragraph'; text: string; strong?: boolean }
  | { kind: 'list'; items: string[]; numbered?: boolean }
  | { kind: 'table'; head: string[]; rows: string[][]; caption: string }
  /** Drawn on the page and taken from there. */
  | { kind: 'figure'; figure: ReportFigure; caption: string }
  /** Lines to write on by hand. */
  | { kind: 'lines'; count: number; label: string };

export interface ReportSection {
  part: ReportPart;
  title: string;
  blocks: ReportBlock[];
}

/** Everything that a report is made of, as facts and as sentences that other parts of the product make. */
export interface ReportFacts {
  /** Null for the whole class. */
  team: string | null;
  className: string;
  question: string;
  kind: string;
  container: string;
  methodName: string;
  sownOn: IsoDay;
  /** Not all were sown on one day: days count from the first. */
  staggered: boolean;
  days: readonly IsoDay[];
  /** What was changed; empty where all were alike. */
  factor: string;
  treatments: readonly { code: string; label: string; control: boolean; containers: number; seeds: [number, number] }[];
  /** It was planned here: where each stood and how many seeds it got is known. */
  planned: boolean;
  /** Who got what. */
  split: string;
  steps: readonly string[];
  expected: readonly string[];
  /** What went otherwise at sowing, by container. */
  deviations: readonly string[];
  lost: readonly string[];
  /** Readings that were corrected, and check days on which containers were not looked at. */
  slips: readonly string[];
  blanks: readonly string[];
  /** What the fair-test check still said of the plan. */
  exceptions: readonly string[];
  records: { head: string[]; rows: string[][]; caption: string };
  figureCaption: string;
  /** Empty where nothing was measured more than once. */
  courseCaption: string;
  /** What the records say to the report's question, as the page has it; null while it is worked out. */
  found: Claim | null;
  claims: readonly { team: string; text: string; saw: readonly string[]; because: string; asked: readonly string[] }[];
  causes: readonly { asks: string; says: string }[];
  next: readonly { what: string; why: string }[];
}

/** A report in the order in which it is arranged, without what is left out and without sections that would be empty. */
export function reportSections(facts: ReportFacts, { order, out }: Arrangement): ReportSection[] {
  return order
    .filter((part) => !out.includes(part))
    .map((part) => ({ part, title: PART_NAMES[part], blocks: BLOCKS[part](facts) }))
    .filter((s) => s.blocks.length > 0);
}

const paragraph = (text: string, strong = false): ReportBlock[] => (text === '' ? [] : [{ kind: 'paragraph', text, strong }]);
const list = (items: readonly string[], numbered = false): ReportBlock[] =>
  items.length === 0 ? [] : [{ kind: 'list', items: [...items], numbered }];

const BLOCKS: Record<ReportPart, (facts: ReportFacts) => ReportBlock[]> = {
  question: ({ question, team, className, sownOn, days }) => [
    ...paragraph(question, true),
    ...paragraph(
      say('conclude.whoAndWhenSown', {
        team,
        noTeam: team === null,
        className,
        sownOn: formatDay(sownOn),
        hasDate: isDated(sownOn),
        dayAndDate: dayAndDate(sownOn, days[days.length - 1]!),
        someDays: days.length > 0,
      }),
    ),
    // No name is ever printed: there is a line to write it on.
    { kind: 'lines', count: 1, label: say('conclude.writtenBy') },
  ],
  expected: ({ expected }) => list(expected),
  plan: planBlocks,
  tray: ({ split, treatments, planned }) =>
    treatments.length === 0 || !planned ? [] : [{ kind: 'figure', figure: 'tray', caption: capital(split) }],
  method: ({ steps, days, sownOn, staggered }) => [
    ...list(steps, true),
    ...paragraph(
      days.length === 0
        ? ''
        : say('conclude.lookedDayDaysDays', {
            countDays: days.length,
            days: days.map((d) => daysBetween(sownOn, d)).join(', '),
            staggered,
          }),
    ),
  ],
  records: ({ records }) => (records.rows.length === 0 ? [] : [{ kind: 'table', ...records }]),
  figure: ({ figureCaption, courseCaption }) => [
    { kind: 'figure', figure: 'answer', caption: figureCaption },
    ...(courseCaption === '' ? [] : [{ kind: 'figure', figure: 'course', caption: courseCaption } as const]),
  ],
  claim: claimBlocks,
  other: ({ causes }) => list(causes.map((c) => `${c.asks} ${c.says}`)),
  wrong: wrongBlocks,
  next: ({ next }) => list(next.map((n) => `${n.what}. ${n.why}`)),
};

function planBlocks({ factor, treatments, kind, container, methodName, planned }: ReportFacts): ReportBlock[] {
  const pots = plural(container);
  const total = treatments.reduce((sum, t) => sum + t.containers, 0);
  const how = say('conclude.kindInMethod', {
    kind: capital(kind),
    total: counted(total, container),
    methodName: methodName.toLowerCase(),
  });
  const control = treatments.find((t) => t.control);
  const changed =
    treatments.length < 2
      ? say('conclude.treatedAlike')
      : say('conclude.changedControlControl', { factor, label: control?.label, control: control !== undefined });
  return [
    ...paragraph(`${how} ${changed}`),
    {
      kind: 'table',
      head: [
        say('conclude.label'),
        say('conclude.whatItGot'),
        capital(pots),
        ...(planned ? [say('conclude.seedsInEach', { container })] : []),
      ],
      rows: treatments.map((t) => [
        t.code,
        t.label,
        String(t.containers),
        ...(planned
          ? [
              t.seeds[0] === t.seeds[1]
                ? String(t.seeds[0])
                : say('conclude.seedsFromTo', { seeds: t.seeds[0], most: t.seeds[1] }),
            ]
          : []),
      ]),
      caption: '',
    },
  ];
}

function claimBlocks({ claims, found, team }: ReportFacts): ReportBlock[] {
  const written = claims.filter((c) => c.text !== '' || c.because !== '' || c.saw.length > 0);
  const blocks = written.flatMap((c): ReportBlock[] => [
    ...paragraph(team === null ? `${c.team}: ${c.text || say('conclude.claimWrittenYet')}` : c.text, true),
    ...paragraph(c.saw.length > 0 ? say('conclude.seenTitle', { saw: listInWords(c.saw) }) : ''),
    ...paragraph(c.because === '' ? '' : say('conclude.becauseOf', { because: c.because })),
    ...paragraph(c.asked.length > 0 ? say('conclude.askedAbout', { asked: c.asked.join('; ') }) : ''),
  ]);
  const page = found
    ? [
        ...paragraph(say('conclude.recordsWholeClassSay', { finding: found.finding })),
        ...paragraph([found.tooFew, found.evidence, ...found.limits].filter(Boolean).join(' ')),
      ]
    : [];
  return [...(blocks.length > 0 ? blocks : [{ kind: 'lines', count: 4, label: say('conclude.writtenHand') } as const]), ...page];
}

function wrongBlocks({ deviations, lost, slips, blanks, exceptions }: ReportFacts): ReportBlock[] {
  const items = [
    ...(deviations.length > 0 ? [say('conclude.atSowing', { deviations: deviations.join('; ') })] : []),
    ...(lost.length > 0 ? [say('conclude.lostTitle', { lost: lost.join('; ') })] : []),
    ...(slips.length > 0 ? [say('conclude.foundCorrected', { slips: slips.join('; ') })] : []),
    ...(blanks.length > 0 ? [say('conclude.notLookedAt', { blanks: blanks.join('; ') })] : []),
    ...exceptions.map((e) => say('conclude.quiteFair', { e })),
  ];
  return items.length > 0 ? list(items) : paragraph(say('conclude.nothingWentDifferently'));
}
