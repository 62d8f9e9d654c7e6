import { say } from '@bright-sprout/words/say';
import { heightOf } from '@bright-sprout/core/measures/finding';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { type BenchPrediction } from '@bright-sprout/contracts/answers/predictions';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { firstUp, tallestAround, tallestTreatment } from '@bright-sprout/core/readings/whatCame';
import { Link, Navigate, useParams } from 'react-router';
import { isProblem } from '../../api/client';
import { useWaiting, type WaitingEntry } from '../../api/outbox';
import { useAskedPredictions, useBench } from '../../api/queries';
import { withWaiting } from '../../records/benchRecords';
import { EmblemMark } from '../../marks/EmblemMark';
import { Empty, Loaded } from '../../page/Notices';
import { NotebookPage } from './NotebookPage';
import { OwnProgress } from './OwnProgress';
import './notebook.scss';

/** The team's own notebook: what it expected and what came, and a page for every plant; made to be printed. */
export function NotebookView() {
  const { id = '' } = useParams();
  const bench = useBench();
  const predictions = useAskedPredictions();
  const waiting = useWaiting();
  if (isProblem(bench.error, 401)) return <Navigate to="/join" replace />;
  return (
    <main className="page notebook">
      <Loaded query={bench} what={say('notebook.yourNotebook')}>
        {(loaded) => {
          const own = loaded.investigations.find((i) => i.investigation.id === id);
          if (!own)
            return (
              <Empty title={say('notebook.investigationOverYours')}>
                <Link className="btn" to="/bench">
                  {say('common.toOurContainers')}
                </Link>
              </Empty>
            );
          const expected = predictions.data?.find((p) => p.planId === id);
          return <Notebook team={loaded.team} own={withAllThatWaits(own, waiting)} expected={expected} />;
        }}
      </Loaded>
    </main>
  );
}

type Own = BenchView['investigations'][number];

/** What the team entered on this device counts also while it has not been sent. */
function withAllThatWaits(own: Own, waiting: readonly WaitingEntry[]): Own {
  return { ...own, readings: withWaiting(own.readings, waiting, own.investigation) };
}

function Notebook({ team, own, expected }: { team: BenchView['team']; own: Own; expected: BenchPrediction | undefined }) {
  const { investigation, readings } = own;
  const tallest = Math.max(60, ...readings.map((r) => heightOf(r) ?? 0));
  return (
    <>
      <header className="notebook-head">
        <EmblemMark emblem={team.emblem} size={34} />
        <h1>{investigation.question}</h1>
        <p className="no-print">
          <Link className="btn" to={`/bench?investigation=${investigation.id}&pot=done`}>
            {say('common.ourContainers')}
          </Link>{' '}
          <button type="button" className="btn" onClick={() => print()}>
            {say('notebook.printIt')}
          </button>
        </p>
      </header>
      {expected?.answer && <ExpectedAndCame expected={expected} own={own} />}
      <OwnProgress investigation={investigation} readings={readings} />
      {investigation.containers.map((container) => (
        <NotebookPage
          key={container.id}
          container={container}
          investigation={investigation}
          readings={readings.filter((r) => r.containerId === container.id)}
          photos={own.photos.filter((p) => p.containerId === container.id).map((p) => ({ ...p, picture: null }))}
          topMm={tallest}
        />
      ))}
    </>
  );
}

function ExpectedAndCame({ expected, own }: { expected: BenchPrediction; own: Own }) {
  const { containers, resolution, treatments } = own.investigation;
  const { firstSproutDay, heightMm, winner } = expected.answer!;
  const up = firstUp(containers, own.readings);
  const tall = tallestAround(containers, own.readings, expected.heightDay);
  const ahead = tallestTreatment(containers, own.readings);
  const label = (code: string | null) => treatments.find((t) => t.code === code)?.label ?? say('conclude.none');
  const rows: [string, string, string][] = [];
  if (firstSproutDay !== null)
    rows.push([
      say('notebook.firstComes'),
      say('notebook.onDay', { firstSproutDay }),
      up === null
        ? say('notebook.noneYet')
        : up.by - up.after > 1
          ? say('notebook.betweenDayDay', { after: up.after, by: up.by })
          : say('notebook.onDayBy', { by: up.by }),
    ]);
  if (heightMm !== null)
    rows.push([
      say('notebook.tallestDay', { heightDay: expected.heightDay }),
      formatLength(heightMm, resolution),
      tall === null
        ? say('notebook.nothingMeasuredYet')
        : say('notebook.heightOnDay', { height: formatLength(tall.mm, resolution), dayNumber: tall.dayNumber }),
    ]);
  if (winner !== null)
    rows.push([
      say('notebook.tallestOfAll'),
      label(winner),
      ahead === null ? say('notebook.nothingMeasuredYet') : say('notebook.soFar', { label: label(ahead) }),
    ]);
  return (
    <section className="section">
      <h2>{say('notebook.expectedCame')}</h2>
      <table className="table">
        <thead>
          <tr>
            <td />
            <th scope="col">{say('notebook.weExpected')}</th>
            <th scope="col">{say('notebook.inOurContainers')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([what, said, came]) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              <td>{said}</td>
              <td>{came}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
