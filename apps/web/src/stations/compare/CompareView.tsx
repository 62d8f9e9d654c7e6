import { type Sureness } from '@bright-sprout/core/compare/sureness';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Question } from '@bright-sprout/core/compare/question';
import { roomDays } from '@bright-sprout/core/room/roomRecord';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useRoom } from '../../api/queries';
import { AnswerFigure } from '../../compare/AnswerFigure';
import { ClaimWords } from '../../compare/sure/ClaimWords';
import { HowSure } from '../../compare/sure/HowSure';
import { useQuestionAnswer } from '../../compare/useQuestionAnswer';
import { InvestigationFrame } from '../../page/InvestigationFrame';
import { Empty, Waiting } from '../../page/Notices';
import { useReadingError } from '../../records/useReadingError';
import { AcrossClasses } from './across/AcrossClasses';
import { useTakenTogether } from './across/useTakenTogether';
import { CompareSentence } from './sentence/CompareSentence';
import { LookCloser } from './LookCloser';
import { OtherExplanations } from './OtherExplanations';
import { GoodQuestions } from './questions/GoodQuestions';
import { KeptQuestions } from './questions/KeptQuestions';
import { useAsked } from './useAsked';
import { type Before, WhatMoved } from './WhatMoved';
import { contrastName } from '@bright-sprout/core/claims/contrastWords';
import { luckWords } from '@bright-sprout/core/claims/luckWords';
import './compare.scss';

export function CompareView() {
  return (
    <InvestigationFrame
      wholeClass
      next={({ records, day }) => (
        <Link className="btn-next" to={`/investigations/${records.investigation.id}${day ? `?day=${day}` : ''}`}>
          {say('compare.backPlants')}
        </Link>
      )}
    >
      {({ records, day, look }) =>
        day === null ? (
          <Empty title={say('compare.nothingCompareYet')}>
            <p>{say('compare.afterFirstCheckContainer')}</p>
            <Link className="btn" to={`/investigations/${records.investigation.id}/plan`}>
              {say('compare.seePlan')}
            </Link>
          </Empty>
        ) : (
          <Compare records={records} day={day} onLook={look} />
        )
      }
    </InvestigationFrame>
  );
}

function Compare({ records, day, onLook }: { records: InvestigationRecords; day: IsoDay; onLook: (day: IsoDay) => void }) {
  const { investigation } = records;
  const asked = useAsked(records, day, onLook);
  const { askable, question, measure, ask, searchOf } = asked;
  const together = useTakenTogether(records, question, asked.alike);
  const room = useWarmth(investigation);
  const readingError = useReadingError(investigation.id);
  const found = useQuestionAnswer({
    records,
    compared: together.compared,
    question: together.question,
    measure,
    room,
    readingError,
    classes: together.runs.length,
  });
  const { groups, shown, subject, claim, answer, share } = found;
  const sureness = answer?.sureness.ok ? answer.sureness : null;
  const { compared } = together;
  const told = { records, compared, question: together.question, measure, groups, shown, sureness };
  const { before, ask: askAndForget, switchPolicy, back } = useBefore(question, sureness, ask);
  const [hidden, setHidden] = useState(false);
  return (
    <section aria-label={say('compare.compare')}>
      <CompareSentence
        investigation={investigation}
        askable={askable}
        question={question}
        measure={measure}
        onAsk={askAndForget}
        onLook={onLook}
      />
      <div className="compare">
        <div className="compare-figure">
          <AnswerFigure {...told} />
          {together.runs.length > 1 && (
            <AcrossClasses
              runs={together.runs}
              question={together.question}
              measure={measure}
              shown={shown}
              investigation={investigation}
            />
          )}
        </div>
        <div>
          {!claim || !answer ? (
            <Waiting>
              {say('compare.workingDealingLabelsAgain', { progress: share > 0 ? `${Math.round(100 * share)} %` : '' })}
            </Waiting>
          ) : (
            <>
              {hidden ? <SeeFirst onShow={() => setHidden(false)} /> : <ClaimWords claim={claim} />}
              {before && sureness && <WhatMoved before={before} now={sureness.contrasts} shown={shown} onBack={back} />}
              {sureness && !hidden && (
                <SurenessPart
                  sureness={sureness}
                  question={question}
                  shown={shown}
                  investigation={investigation}
                  deal={
                    together.runs.length === 1 && question.mark !== 'team' && question.between !== 'teams'
                      ? `/investigations/${investigation.id}/deal?${searchOf(question)}`
                      : null
                  }
                />
              )}
              {!hidden && (
                <button type="button" className="btn btn-plain" onClick={() => setHidden(true)}>
                  {say('compare.hideWhileClassLooks')}
                </button>
              )}
            </>
          )}
        </div>
      </div>
      {answer && !hidden && question.between !== 'predicted' && (
        <OtherExplanations causes={answer.causes} subject={subject} onAsk={switchPolicy} />
      )}
      <LookCloser {...told} />
      <div className="ask-more">
        <GoodQuestions askable={askable} day={day} question={question} investigation={investigation} searchOf={searchOf} />
        <KeptQuestions records={records} askable={askable} question={question} measure={measure} search={searchOf(question)} />
      </div>
    </section>
  );
}

/** How sure the answer is; for the youngest in words alone. */
function SurenessPart({
  sureness,
  question,
  shown,
  investigation,
  deal,
}: {
  sureness: Sureness;
  question: Question;
  shown: Shown;
  investigation: InvestigationRecords['investigation'];
  /** Where its labels can be dealt again. */
  deal: string | null;
}) {
  const { gradeBand } = investigation.class;
  return (
    <section className="section mt-3">
      <h2>{say('compare.howSure')}</h2>
      {gradeBand === 'early' ? (
        <HowSureInWords sureness={sureness} />
      ) : (
        <HowSure
          sureness={sureness}
          question={question}
          shown={shown}
          band={gradeBand}
          control={investigation.treatments.find((t) => t.control)?.label ?? ''}
        />
      )}
      {deal && (
        <Link className="btn deal-link" to={deal}>
          {say('compare.luckDealAgain')}
        </Link>
      )}
    </section>
  );
}

/** The page says nothing while the class looks. */
function SeeFirst({ onShow }: { onShow: () => void }) {
  return (
    <section className="section">
      <p className="second">{say('compare.seeSayBeforeRead')}</p>
      <button type="button" className="btn" onClick={onShow}>
        {say('compare.showPageSays')}
      </button>
    </section>
  );
}

/** How warm the room was, day by day. */
function useWarmth({ class: { id, timeZone } }: InvestigationRecords['investigation']) {
  const { data } = useRoom(id);
  return useMemo(() => roomDays(data?.readings ?? [], 'temperature', timeZone), [data, timeZone]);
}

type Ask = (change: Partial<Question>) => void;

/** What stood there before a policy was switched, to see what that moved and to go back to it. */
function useBefore(question: Question, sureness: Sureness | null, ask: Ask) {
  const [before, setBefore] = useState<Before | null>(null);
  const askAndForget = (change: Partial<Question>) => {
    setBefore(null);
    ask(change);
  };
  const switchPolicy = (change: Partial<Question>) => {
    if (sureness) setBefore({ question, contrasts: sureness.contrasts });
    ask(change);
  };
  const back = () => {
    setBefore(null);
    if (before) ask(before.question);
  };
  return { before, ask: askAndForget, switchPolicy, back };
}

/** For the youngest: no ruler and no number, only whether luck could have done it. */
function HowSureInWords({ sureness }: { sureness: Sureness }) {
  return (
    <ul className="how-sure-list">
      {sureness.contrasts.map((c) => (
        <li key={c.key}>
          <b>{contrastName(c)}</b>: {luckWords(c, sureness, 'early')}
        </li>
      ))}
    </ul>
  );
}
