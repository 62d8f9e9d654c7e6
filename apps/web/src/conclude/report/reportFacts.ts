import { say } from '@bright-sprout/words/say';
import { deviationWords } from '@bright-sprout/contracts/deviations';
import { type TeamClaimView } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { lookOn, looksByContainer } from '@bright-sprout/core/readings/looks';
import { type Cause } from '@bright-sprout/core/compare/causes/cause';
import { causeWords } from '@bright-sprout/core/claims/causeWords';
import { hasBegun, teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { type ExpectedAndCame, expectedAndCame, spanWords } from '@bright-sprout/core/conclude/expected/expectedAndCame';
import { type ReportFacts } from '@bright-sprout/core/conclude/report/report';
import { type LessonFacts, type Lesson, lessonOf, lineOf } from '@bright-sprout/core/conclude/points/lesson';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { valueOf } from '@bright-sprout/core/measures/finding';
import { summaryNumber, summaryUnit, summaryWords } from '@bright-sprout/core/measures/summaryWords';
import { cautionSentence } from '@bright-sprout/core/plan/fairTest/fairTest';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { runStepWords } from '@bright-sprout/core/plan/lists/runSheetWords';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { currentReadings, LOST_WORDS, replacedBy } from '@bright-sprout/core/readings/reading';
import { mean } from '@bright-sprout/core/statistics/descriptives';
import { capital } from '@bright-sprout/core/words/capital';
import { plural } from '@bright-sprout/core/words/plural';
import { kindOf } from '../../compare/questionWords';
import { comparedRecords } from '../../records/comparedRecords';
import { type ClaimAnswer } from '../claim/useClaimAnswer';
import { expectations, lessonFacts, lessonMeasure } from '../lessonFacts';
import { claimInWords } from './claimInWords';

/** Who a report is of. */
export type ReportOf = { id: string; nickname: string } | null;

/** More columns than this do not fit on a sheet held upright. */
const MOST_DAYS = 9;
const MOST_CODES = 8;

/** Everything that a report of a team, or of the class, is made of. */
export function reportFacts(
  records: InvestigationRecords,
  of: ReportOf,
  claims: readonly TeamClaimView[],
  answer: ClaimAnswer,
  next: ReportFacts['next'],
): ReportFacts {
  const { investigation, readings } = records;
  const { sownOn, containers, resolution, containerName } = investigation;
  const own = of === null ? containers : containers.filter((c) => c.teamId === of.id);
  const ids = new Set(own.map((c) => c.id));
  const codeOf = new Map(containers.map((c) => [c.id, c.code]));
  const measure = lessonMeasure(records);
  const facts: LessonFacts = { ...lessonFacts(records, null), measure };
  const lesson = lessonOf(facts);
  const looks = looksByContainer(readings);
  const last = lesson?.last ?? sownOn;
  const day = (d: string) => daysBetween(sownOn, d);
  const lost = own.flatMap((c) => {
    const end = (looks.get(c.id) ?? []).find((l) => l.state === 'lost' && lookOn(looks.get(c.id)!, last).state === 'lost');
    const reason = end?.readings.find((r) => r.state === 'lost')?.lostReason;
    return end ? [say('conclude.lostOnDay', { code: c.code, lost: LOST_WORDS[reason ?? 'other'], day: day(end.day) })] : [];
  });
  const slips = slipsOf(records, ids, measure);
  const blanks = (lesson?.days ?? []).flatMap((d) => {
    const missing = own
      .filter((c) => c.sownOn <= d && lookOn(looks.get(c.id) ?? [], d).state === 'not-checked')
      .map((c) => c.code)
      .sort();
    if (missing.length === 0) return [];
    const named = missing.length > MOST_CODES ? `${missing.length} ${plural(containerName)}` : missing.join(', ');
    return [say('conclude.onDay', { named, day: day(d) })];
  });
  const rows = expectedAndCame(comparedRecords(records), expectations(investigation), resolution).filter(
    (r) => of === null || r.team === of.nickname,
  );
  const label = (code: string | null) => investigation.treatments.find((t) => t.code === code)?.label ?? say('conclude.none');
  return {
    team: of?.nickname ?? null,
    className: investigation.class.name,
    question: investigation.question,
    kind: kindOf(investigation),
    container: containerName,
    methodName: investigation.methodName,
    sownOn,
    staggered: new Set(containers.map((c) => c.sownOn)).size > 1,
    days: lesson?.days ?? [],
    factor: investigation.factor,
    treatments: treatmentsOf(investigation),
    planned: investigation.origin === 'planned',
    split: splitWords(investigation.split),
    steps: investigation.runSheet.map(runStepWords),
    expected: rows.map((r) => expectedWords(r, of === null, label, (mm) => formatLength(mm, resolution))).filter((w) => w !== ''),
    deviations: investigation.deviations
      .filter((d) => ids.has(d.containerId))
      .map((d) => `${codeOf.get(d.containerId)}: ${deviationWords(d)}`),
    lost,
    slips,
    blanks,
    exceptions: investigation.planCautions.map(cautionSentence),
    records: recordsTable(records, of, lesson, measure),
    figureCaption: say('conclude.markThickLineMean', { name: answer.name(answer.question), containerName }),
    courseCaption:
      lesson !== null && lesson.oneSowing && lineOf(lesson, '').length > 1
        ? say('conclude.meanOverDaysSince', { name: measure.name })
        : '',
    found: answer.claim || null,
    claims: claims.filter((c) => of === null || c.team.id === of.id).map((view) => claimOf(view, records)),
    causes: (answer.answer?.causes ?? [])
      // A report goes home: whose ruler it may have been is a question for the bench.
      .filter((c: Cause) => c.verdict === 'ask' && c.code !== 'team')
      .map((c: Cause) => {
        const { asks, says } = causeWords(c, answer.subject);
        return { asks, says };
      }),
    next,
  };
}

function treatmentsOf({ treatments, containers }: InvestigationRecords['investigation']): ReportFacts['treatments'] {
  return treatments
    .map((t) => {
      const seeds = containers.filter((c) => c.treatment === t.code).map((c) => c.seedsSown);
      return {
        code: t.code,
        label: t.label,
        control: t.control,
        containers: seeds.length,
        seeds: [Math.min(...seeds), Math.max(...seeds)] as [number, number],
      };
    })
    .filter((t) => t.containers > 0);
}

function claimOf(view: TeamClaimView, records: InvestigationRecords): ReportFacts['claims'][number] {
  const claim = teamClaimOf(view.entries);
  const said = hasBegun(claim) ? claimInWords(records, claim) : { text: '', saw: [] };
  const asked = view.notes
    .filter((n) => n.kind === 'question')
    .map((n) => `${n.text}${claim.answers[n.id] ? ` ${claim.answers[n.id]}` : ''}`);
  return { team: view.team.nickname, text: said.text, saw: said.saw, because: claim.reasoning.trim(), asked };
}

/** What was written down wrong and corrected, with both values. */
function slipsOf({ investigation, readings }: InvestigationRecords, ids: ReadonlySet<string>, measure: Measure): string[] {
  const { resolution, containers, sownOn } = investigation;
  return currentReadings(readings).flatMap((r) => {
    if (!ids.has(r.containerId) || r.supersedes === null) return [];
    const [now, was] = [valueOf(r, measure.code), valueOf(replacedBy(readings, r.id)[0] ?? r, measure.code)];
    return now !== null && was !== null && now !== was
      ? [
          say('conclude.dayBecame', {
            get: containers.find((c) => c.id === r.containerId)?.code,
            day: daysBetween(sownOn, r.day),
            was: summaryWords(measure, was, resolution),
            became: summaryWords(measure, now, resolution),
          }),
        ]
      : [];
  });
}

/** What one team expected, beside what came, as one line. */
export function expectedWords(
  { team, first, height, winner }: ExpectedAndCame,
  named: boolean,
  label: (code: string | null) => string,
  length: (mm: number) => string,
): string {
  const parts = [
    first.said === null
      ? ''
      : say('conclude.firstDayCameNone', {
          said: first.said,
          spanWords: first.came && spanWords(first.came),
          came: Boolean(first.came),
        }),
    height.said === null
      ? ''
      : say('conclude.tallestDayFarCame', {
          length: length(height.said),
          asked: height.asked,
          came: height.came && length(height.came.mm),
          noOff: height.off === null,
          dayNumber: height.came?.dayNumber,
          hasCome: Boolean(height.came),
        }),
    winner.said === null
      ? ''
      : say('conclude.toBeTallest', {
          label: label(winner.said),
          counts: winner.came
            ? ` (${winner.right ? say('conclude.itIs') : say('conclude.groupIs', { label: label(winner.came) })})`
            : '',
        }),
  ].filter(Boolean);
  return parts.length === 0 ? '' : say('conclude.expectedExpected', { team, named, parts: parts.join('; ') });
}

/** Means of treatments for the class, single containers for a team, on at most so many days spread over the course. */
function recordsTable(
  { investigation }: InvestigationRecords,
  of: ReportOf,
  lesson: Lesson | null,
  measure: Measure,
): ReportFacts['records'] {
  if (lesson === null) return { head: [], rows: [], caption: '' };
  const { resolution, sownOn, containers, treatments } = investigation;
  const step = Math.max(1, Math.ceil(lesson.days.length / MOST_DAYS));
  const days = lesson.days.filter((_, i) => (lesson.days.length - 1 - i) % step === 0);
  const number = (v: number) => summaryNumber(measure, v, resolution);
  const unit = summaryUnit(measure, resolution);
  const cell = (values: number[], of: number) =>
    values.length === 0 ? '–' : `${number(mean(values))}${values.length < of ? ` (${values.length})` : ''}`;
  const all = containers.filter((c) => of === null || c.teamId === of.id);
  const rows =
    of === null
      ? treatments.map((t) => {
          const size = containers.filter((c) => c.treatment === t.code).length;
          return [
            `${t.code} ${t.label}`,
            ...days.map((d) =>
              cell(
                lesson.measured(t.code, d).map((m) => m.value),
                size,
              ),
            ),
          ];
        })
      : all.map((c) => [
          `${c.code} ${treatments.find((t) => t.code === c.treatment)?.label ?? ''}`,
          ...days.map((d) =>
            cell(
              [lesson.valueOf(c, d)].filter((v) => v !== null),
              1,
            ),
          ),
        ]);
  const what =
    measure.summedUp === 'share-of-seeds'
      ? say('conclude.ofSown', { name: measure.name })
      : unit
        ? say('conclude.nameInUnit', { name: measure.name, unit })
        : measure.name;
  const named = `${of === null ? say('conclude.meanOfWhat', { what }) : capital(what)}.`;
  return {
    head: [
      of === null ? say('conclude.treatment') : say('common.container'),
      ...days.map((d) => say('common.dayAfterSowing', { daysBetween: daysBetween(sownOn, d) })),
    ],
    rows,
    caption: say('conclude.dashNothingMeasureBrackets', {
      named,
      noOf: of === null,
      someLeft: step > 1,
      step,
      sameStep: step === 2,
    }),
  };
}
