import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { questionAt } from '@bright-sprout/core/compare/address';
import { settled } from '@bright-sprout/core/compare/settled';
import { type TeamClaim } from '@bright-sprout/core/conclude/claim/claimEntries';
import { claimQuestions } from '@bright-sprout/core/conclude/claim/claimQuestions';
import { claimText, type ClaimVocabulary } from '@bright-sprout/core/conclude/claim/claimParts';
import { evidenceOf, readRef, reachOfEvidence } from '@bright-sprout/core/conclude/claim/evidence';
import { reachOf } from '@bright-sprout/core/conclude/claim/reach';
import { type ReachFacts, reachFactsOf } from '@bright-sprout/core/conclude/claim/reachFacts';
import { cautionSentence } from '@bright-sprout/core/plan/fairTest/fairTest';
import { useMemo } from 'react';
import { addressIn } from '../../compare/addressIn';
import { shortQuestion } from '../../compare/questionWords';
import { useQuestionAnswer } from '../../compare/useQuestionAnswer';
import { askableRecords, comparedRecords } from '../../records/comparedRecords';

/** The question that a team concludes from, with the figure's marks, how sure they are, and what its words are held against. */
export function useClaimAnswer(
  records: InvestigationRecords,
  { question: address }: Pick<TeamClaim, 'question'>,
  readingError: number | null = null,
) {
  const { investigation } = records;
  const compared = useMemo(() => comparedRecords(records), [records]);
  const askable = useMemo(() => askableRecords(records), [records]);
  const { questions, question, measure, day } = useMemo(() => {
    const search = new URLSearchParams(address);
    const newest: IsoDay = askable.wholeDays[askable.wholeDays.length - 1] ?? askable.days[askable.days.length - 1] ?? '';
    const wanted = search.get('day');
    const day = wanted !== null && askable.days.includes(wanted) ? wanted : newest;
    const questions = claimQuestions(askable, newest);
    const usual = claimQuestions(askable, day)[0]!;
    const question = address === '' ? questions[0]! : settled(questionAt(addressIn(search), usual, day), askable, day);
    return { questions, question, measure: askable.measures.find((m) => m.code === question.measure)!, day };
  }, [address, askable]);
  const found = useQuestionAnswer({ records, compared, question, measure, readingError });
  const { groups, shown, subject, answer } = found;
  const vocabulary = useMemo<ClaimVocabulary>(
    () => ({ groups, contrasts: answer?.sureness.ok ? answer.sureness.contrasts : [], subject }),
    [groups, answer, subject],
  );
  const facts = useMemo<ReachFacts | null>(
    () =>
      answer &&
      reachFactsOf({
        records: compared,
        groups,
        sureness: answer.sureness,
        question,
        design: investigation.design,
        factor: investigation.factor,
        exceptions: investigation.planCautions.map(cautionSentence),
        lastDay: day,
        sizes: shown.drawsPlants || (question.follow === 'highest' && measure.quantity === 'length'),
      }),
    [answer, compared, groups, question, investigation, day, shown, measure],
  );
  const name = (q: typeof question) =>
    shortQuestion(q, askable.measures.find((m) => m.code === q.measure) ?? measure, investigation, compared);
  return { ...found, askable, questions, question, measure, day, vocabulary, facts, compared, shown, name };
}

export type ClaimAnswer = ReturnType<typeof useClaimAnswer>;

/** What a team's claim says, with the evidence that still stands in its figure, and every question that it is asked. */
export function readClaim(claim: TeamClaim, { vocabulary, facts, groups, shown }: ClaimAnswer) {
  const text = claim.typed.trim() !== '' ? claim.typed.trim() : claimText(claim.parts, vocabulary);
  const evidence = claim.evidence.flatMap((e) => {
    const ref = readRef(e);
    const found = ref && evidenceOf(ref, groups, shown);
    return found ? [{ name: e, ...found }] : [];
  });
  const kept = (q: { code: string; facts: { word: string } }) => claim.kept.includes(keptName(q));
  const asked = (t: string) => (facts === null ? [] : reachOf(t, facts).map((q) => ({ ...q, kept: kept(q) })));
  return {
    text,
    evidence,
    asksOfClaim: asked(text),
    asksOfReasoning: asked(claim.reasoning),
    asksOfEvidence: facts === null || text === '' ? [] : reachOfEvidence(evidence, facts).map((q) => ({ ...q, kept: kept(q) })),
  };
}

export type ClaimReading = ReturnType<typeof readClaim>;
export type AskedQuestion = ClaimReading['asksOfClaim'][number];

/** Under which name "keep it" is kept: of this question about this word. */
export const keptName = ({ code, facts }: { code: string; facts: { word: string } }): string =>
  `${code} ${facts.word.trim()}`.slice(0, 80);
