import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { dayAndDate } from '@bright-sprout/core/calendar/days';
import { runThrough } from '@bright-sprout/core/conclude/points/arranged';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useInvestigation } from '../../../api/queries';
import { Grains } from '../../../conclude/Grains';
import { PointFigureView } from '../../../conclude/PointFigureView';
import { Empty, Loaded, Waiting } from '../../../page/Notices';
import { useWidth } from '../../../page/useWidth';
import { PointPeg } from './PointPeg';
import { type ShownPoint, usePoints } from './usePoints';
import '../conclude.scss';

/** Narrower than this a figure keeps the size of its words instead of its width. */
const NARROW = 600;

/** Points one after the other for the back row: first what there is to see, then the question. Arrows, space and a presenter's keys move it. */
export function RunThroughView() {
  const { id = '' } = useParams();
  const query = useInvestigation(id);
  return (
    <main className="run-through">
      <Loaded query={query} what={say('points.thePoints')}>
        {(records) => <RunThrough records={records} />}
      </Loaded>
    </main>
  );
}

function RunThrough({ records }: { records: InvestigationRecords }) {
  const { points, measure } = usePoints(records);
  const navigate = useNavigate();
  const back = `/investigations/${records.investigation.id}/conclude`;
  // Each point has two steps: what there is to see, and the question.
  const [step, setStep] = useState(0);
  const shown = points === null ? null : (runThrough(points) as ShownPoint[]);
  const last = 2 * (shown?.length ?? 1) - 1;
  useEffect(() => {
    const keys: Record<string, number> = {
      ArrowRight: 1,
      ArrowDown: 1,
      PageDown: 1,
      ' ': 1,
      Enter: 1,
      ArrowLeft: -1,
      ArrowUp: -1,
      PageUp: -1,
      Backspace: -1,
      Home: -Infinity,
      End: Infinity,
    };
    const onKey = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.closest(say('points.aButton'))) return;
      if (event.key === 'Escape') return void navigate(back);
      const by = keys[event.key];
      if (by === undefined) return;
      event.preventDefault();
      setStep((s) => Math.max(0, Math.min(last, s + by)));
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, [last, navigate, back]);
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, window.innerWidth);
  const [wide, high] = width < NARROW ? [Math.max(320, width), 300] : [900, 400];
  if (shown === null) return <Waiting>{say('points.lookingThroughRecorded')}</Waiting>;
  const point = shown[Math.floor(step / 2)];
  if (!point)
    return (
      <Empty title={say('points.nothingRunThroughYet')}>
        <Link className="btn" to={back}>
          {say('points.backTalkingPoints')}
        </Link>
      </Empty>
    );
  const asked = step % 2 === 1;
  return (
    <>
      <header>
        <PointPeg number={Math.floor(step / 2) + 1} open />
        <h1>{point.title}</h1>
      </header>
      <div className="run-figure" ref={holder} role="img" aria-label={point.title}>
        {point.found && width > 60 && (
          <svg width="100%" viewBox={`0 0 ${wide} ${high}`} aria-hidden="true">
            <PointFigureView
              figure={point.found.figure}
              records={records}
              measure={measure}
              width={wide}
              height={high}
              small={false}
            />
          </svg>
        )}
      </div>
      <p className={`run-asks${asked ? '' : ' waiting-ask'}`} aria-live="polite">
        {asked ? point.asks : ' '}
      </p>
      <footer>
        <Link className="btn btn-plain" to={back}>
          {say('points.leave')}
        </Link>
        <span className="run-odds">
          {asked && point.luck && (
            <>
              <Say it="points.luckAlone" grains={<Grains chance={point.found?.chance ?? null} />} often={point.luck.often} />
            </>
          )}
        </span>
        <span className="second run-when">{dayAndDate(records.investigation.sownOn, point.day)}</span>
        <button
          type="button"
          className="btn"
          disabled={step === 0}
          onClick={() => setStep(step - 1)}
          aria-label={say('common.back')}
        >
          ←
        </button>
        <span className="numeral">{say('points.pointOfShown', { number: Math.floor(step / 2) + 1, shown: shown.length })}</span>
        <button type="button" className="btn-next" disabled={step === last} onClick={() => setStep(step + 1)}>
          {asked ? say('points.next') : say('points.askIt')}
        </button>
      </footer>
    </>
  );
}
