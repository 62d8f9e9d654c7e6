import { say } from '@bright-sprout/words/say';
import { type BenchPrediction, type PredictionAnswer } from '@bright-sprout/contracts/answers/predictions';
import { type PredictionRequest } from '@bright-sprout/contracts/predictions';
import { type PredictionKind } from '@bright-sprout/core/plan/document/planDocument';
import { formatLengthNumber } from '@bright-sprout/core/quantities/length';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { request } from '../../api/client';
import { useAskedPredictions, useWrite } from '../../api/queries';
import { deviceDraft } from '../../entry/deviceDraft';
import { Empty, Loaded, ProblemNotice } from '../../page/Notices';
import { FirstDay, Height, Winner } from './PredictQuestions';
import './predict.scss';

/** What the team expects, one question after the other; it can be changed until the seeds are sown. */
export function PredictView() {
  const { planId = '' } = useParams();
  const query = useAskedPredictions();
  return (
    <main className="predict">
      <Loaded query={query} what={say('predict.theQuestions')}>
        {(asked) => {
          const found = asked.find((a) => a.planId === planId && !a.sown);
          return found ? (
            <Predict key={planId} asked={found} />
          ) : (
            <Empty title={say('predict.nothingAskedMoment')}>
              <p>{say('predict.onceSeedsSownPredictions')}</p>
              <Link className="btn" to="/bench">
                {say('common.toOurContainers')}
              </Link>
            </Empty>
          );
        }}
      </Loaded>
    </main>
  );
}

function Predict({ asked }: { asked: BenchPrediction }) {
  const said = saidBefore(asked);
  const draft = deviceDraft<PredictionRequest>(`prediction ${asked.planId} ${asked.teamId}`, (kept) => ({ ...said, ...kept }));
  const [answer, keepAnswer] = useState(() => draft.read() ?? said);
  const setAnswer = (next: PredictionRequest) => {
    keepAnswer(next);
    draft.keep(next);
  };
  const [at, setAt] = useState(0);
  const save = useWrite(
    (body: PredictionRequest) => request<PredictionAnswer>('PUT', `/bench/predictions/${asked.planId}`, body),
    'predictions',
  );
  const kind = asked.kinds[at];
  const given: Record<PredictionKind, boolean> = {
    'first-sprout-day': answer.firstSproutDay !== null,
    'height-on-day': answer.height !== null && answer.height !== '',
    'which-wins': answer.winner !== null,
  };
  const next = () =>
    at + 1 < asked.kinds.length ? setAt(at + 1) : save.mutate(answer, { onSuccess: () => (draft.drop(), setAt(at + 1)) });
  if (!kind)
    return (
      <>
        <h1>{say('predict.thatIsWhatYou')}</h1>
        <p role="status">{say('predict.keptLockedWhenSeeds')}</p>
        <p className="d-flex gap-2 flex-wrap">
          <button type="button" className="btn" onClick={() => setAt(0)}>
            {say('predict.changeIt')}
          </button>
          <Link className="btn btn-next" to="/bench">
            {say('common.toOurContainers')}
          </Link>
        </p>
      </>
    );
  return (
    <>
      <p className="second">{asked.question}</p>
      <p className="predict-step" role="status">
        {say('predict.questionOf', { at: at + 1, countKinds: asked.kinds.length })}
      </p>
      {kind === 'first-sprout-day' && (
        <FirstDay
          asked={asked}
          value={answer.firstSproutDay ?? null}
          onChoose={(firstSproutDay) => setAnswer({ ...answer, firstSproutDay })}
        />
      )}
      {kind === 'height-on-day' && (
        <Height
          asked={asked}
          value={answer.height ?? ''}
          onType={(height) => setAnswer({ ...answer, height: height === '' ? null : height })}
        />
      )}
      {kind === 'which-wins' && (
        <Winner asked={asked} value={answer.winner ?? null} onChoose={(winner) => setAnswer({ ...answer, winner })} />
      )}
      {save.error && <ProblemNotice error={save.error} />}
      <p className="predict-next">
        {at > 0 && (
          <button type="button" className="btn" onClick={() => setAt(at - 1)}>
            {say('common.back')}
          </button>
        )}
        <button type="button" className="btn btn-next" disabled={!given[kind] || save.isPending} onClick={next}>
          {save.isPending ? say('predict.keepingIt') : at + 1 < asked.kinds.length ? say('predict.next') : say('predict.keepIt')}
        </button>
      </p>
    </>
  );
}

/** What the team said before, as it would be typed. */
function saidBefore({ answer, resolution }: BenchPrediction): PredictionRequest {
  return {
    firstSproutDay: answer?.firstSproutDay ?? null,
    height: answer?.heightMm ? formatLengthNumber(answer.heightMm, resolution) : null,
    winner: answer?.winner ?? null,
  };
}
