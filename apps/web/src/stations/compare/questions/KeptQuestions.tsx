import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type SavedQuestion } from '@bright-sprout/contracts/answers/questions';
import { type Askable } from '@bright-sprout/core/compare/askable';
import { type Question } from '@bright-sprout/core/compare/question';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { useState } from 'react';
import { Link } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useSavedQuestions, useWrite } from '../../../api/queries';
import { shortQuestion } from '../../../compare/questionWords';
import { ProblemNotice } from '../../../page/Notices';
import { OnScreens } from './OnScreens';

/** Questions kept with the investigation, and the one that a projector shows. */
export function KeptQuestions({
  records,
  askable,
  question,
  measure,
  search,
}: {
  records: InvestigationRecords;
  askable: Askable;
  question: Question;
  measure: Measure;
  /** The question as the part of an address. */
  search: string;
}) {
  const { investigation } = records;
  const path = `/investigations/${investigation.id}/questions`;
  const kept = useSavedQuestions(investigation.id);
  const keep = useWrite(
    ({ id, name, address }: Pick<SavedQuestion, 'id' | 'name' | 'address'>) =>
      request<SavedQuestion>('PUT', `${path}/${id}`, { name, address }),
    'questions',
  );
  const remove = useWrite((id: string) => request('DELETE', `${path}/${id}`), 'questions');
  const [gone, setGone] = useState<SavedQuestion | null>(null);
  const there = kept.data?.find((k) => k.address === search);
  const words = shortQuestion(question, measure, investigation, askable.records);
  return (
    <section className="section">
      <h2>{say('compare.keptQuestions')}</h2>
      {kept.data?.length === 0 && <p className="second">{say('compare.noneYetKeptQuestion')}</p>}
      <ul className="question-list">
        {kept.data?.map((k) => (
          <li key={k.id}>
            {k.address === search ? <b>{k.name}</b> : <Link to={`?${k.address}`}>{k.name}</Link>}{' '}
            <button
              type="button"
              className="btn btn-plain"
              aria-label={say('compare.takeAway', { name: k.name })}
              onClick={() => {
                setGone(k);
                remove.mutate(k.id);
              }}
            >
              {say('common.takeAway')}
            </button>
          </li>
        ))}
      </ul>
      {gone && (
        <p role="status">
          {say('compare.takenAway', { name: gone.name })}{' '}
          <button
            type="button"
            className="btn btn-plain"
            onClick={() => {
              keep.mutate(gone);
              setGone(null);
            }}
          >
            {say('common.putBack')}
          </button>
        </p>
      )}
      {!there && (
        <button
          type="button"
          className="btn"
          disabled={keep.isPending}
          onClick={() => keep.mutate({ id: v7(), name: words.slice(0, 160), address: search })}
        >
          {say('compare.keepQuestion')}
        </button>
      )}
      {(keep.error ?? remove.error) && <ProblemNotice error={(keep.error ?? remove.error)!} />}
      <OnScreens investigationId={investigation.id} search={search} own={question.withOthers.length === 0} />
    </section>
  );
}
