import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { addressOf, questionAt } from '@bright-sprout/core/compare/address';
import { firstQuestion } from '@bright-sprout/core/compare/goodQuestions';
import { settled } from '@bright-sprout/core/compare/settled';
import { isEarlier } from '@bright-sprout/core/compare/pooled';
import { type Question } from '@bright-sprout/core/compare/question';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useAlike } from '../../api/queries';
import { addressIn } from '../../compare/addressIn';
import { askableRecords } from '../../records/comparedRecords';

/** The question that the address asks, what could be asked besides, and how it is changed; each change is a step back and forward. */
export function useAsked(records: InvestigationRecords, day: IsoDay, look: (day: IsoDay) => void) {
  const { investigation } = records;
  const [search, setSearch] = useSearchParams();
  const alike = useAlike(investigation.id);
  const others = useMemo(
    () => (alike.data ?? []).map((a) => ({ id: a.id, earlier: isEarlier(investigation.sownOn, a.sownOn) })),
    [alike.data, investigation.sownOn],
  );
  const askable = useMemo(() => askableRecords(records, others), [records, others]);
  const usual = useMemo(() => firstQuestion(askable, day), [askable, day]);
  const text = search.toString();
  const question = useMemo(
    () => settled(questionAt(addressIn(new URLSearchParams(text)), usual, day), askable, day),
    [text, usual, day, askable],
  );
  const measure = askable.measures.find((m) => m.code === question.measure)!;
  /** The address of a question beside the day looked at. */
  const searchOf = (asked: Question): string => {
    const next = new URLSearchParams();
    next.set('day', asked.when.kind === 'day' ? asked.when.day : day);
    for (const [key, value] of Object.entries(addressOf(asked, usual))) next.set(key, value);
    return next.toString();
  };
  const ask = (change: Partial<Question>) => {
    const next = settled({ ...question, ...change }, askable, day);
    setSearch(new URLSearchParams(searchOf(next)));
    if (next.when.kind === 'day' && next.when.day !== day) look(next.when.day);
  };
  return { askable, question, measure, usual, ask, searchOf, alike: alike.data ?? [] };
}
