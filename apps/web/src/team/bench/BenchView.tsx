import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type BenchView as Bench } from '@bright-sprout/contracts/answers/checks';
import { isMeant } from '@bright-sprout/core/wayIn/shortLink';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, Navigate, useSearchParams } from 'react-router';
import { isProblem, request } from '../../api/client';
import { forgetTeam } from '../../api/forgetTeam';
import { theOutbox, useWaiting } from '../../api/outbox';
import { useAskedPredictions, useAskedTogether, useBench, useBenchFilms, useConclusions } from '../../api/queries';
import { Empty, ProblemNotice, Waiting } from '../../page/Notices';
import { Checking } from './Checking';
import './bench.scss';

export function BenchView() {
  const bench = useBench();
  const client = useQueryClient();
  const teamId = bench.data?.team.id;
  useEffect(() => (teamId ? theOutbox().actAs(teamId) : undefined), [teamId]);
  useEffect(() => theOutbox().onConfirmed(() => void client.invalidateQueries({ queryKey: ['bench'] })), [client]);
  if (isProblem(bench.error, 401)) return <Navigate to="/join" replace />;
  if (bench.error && !bench.data)
    return (
      <div className="page">
        <ProblemNotice error={bench.error} retry={() => void bench.refetch()} />
      </div>
    );
  if (!bench.data)
    return (
      <div className="page">
        <Waiting>{say('bench.fetchingPlants')}</Waiting>
      </div>
    );
  return <TeamBench bench={bench.data} />;
}

function TeamBench({ bench }: { bench: Bench }) {
  const [search, setSearch] = useSearchParams();
  const { investigations, team } = bench;
  const wanted = search.get('investigation') ?? '';
  // What is still to be sown waits behind what can be looked at.
  const sown = investigations.find((i) => i.investigation.containers.some((c) => c.sownOn <= bench.today));
  const chosen = investigations.find((i) => isMeant(i.investigation.id, wanted)) ?? sown ?? investigations[0];
  const handOver = useHandOver(team.id);
  const asked = useAskedPredictions().data ?? [];
  const together = useAskedTogether().data?.[0];
  // Its page is there before it is pressed: until a page has changed, what is tapped goes to the one that is left.
  useEffect(() => {
    if (together) void import('./TogetherReadingView');
  }, [together]);
  const readTogether = together && (
    <Link className="bench-everybody" to="/bench/together">
      <Say it="bench.everybodyReadsNow" code={together.code} b={(inside) => <b>{inside}</b>} />
    </Link>
  );
  const toPredict = asked
    .filter((a) => !a.sown)
    .map((a) => (
      <Link key={a.planId} className="bench-predict" to={`/bench/predict/${a.planId}`}>
        <b>{a.answer ? say('bench.youHavePredicted') : say('bench.whatDoYouExpect')}</b> {a.question}
      </Link>
    ));
  const toPhotograph = (useBenchFilms().data ?? [])
    .filter((f) => f.investigationId === chosen?.investigation.id && f.sownOn <= bench.today)
    .map((f) => (
      <Link key={f.id} className="bench-predict" to={`/bench/take/${f.id}`}>
        <b>{f.frames.some((x) => x.day === bench.today) ? say('bench.todaysPicture') : say('bench.takeTodaysPicture')}</b>{' '}
        {f.name}
      </Link>
    ));
  // What has ended is concluded from here; what still grows offers it when all are checked.
  const ended = (useConclusions().data ?? []).filter(
    (c) => !investigations.some((i) => i.investigation.id === c.investigationId),
  );
  const toConclude = ended.map((c) => (
    <Link key={c.investigationId} className="bench-predict" to={`/bench/conclude/${c.investigationId}`}>
      <b>{say('bench.whatDidYouFind')}</b> {c.question}
    </Link>
  ));
  if (!chosen)
    return (
      <main className="page">
        {readTogether}
        {toPredict}
        {toConclude}
        <Empty title={say('bench.potsSownYet', { nickname: team.nickname })}>
          <p>{say('bench.whenTeacherSetInvestigation')}</p>
          <button type="button" className="btn" onClick={handOver.leave}>
            {say('bench.handDeviceAnotherTeam')}
          </button>
        </Empty>
      </main>
    );
  return (
    <div className="bench-page">
      {readTogether}
      {toPredict}
      {toPhotograph}
      {toConclude}
      {handOver.problem && (
        <div className="notice" role="alert">
          <p>{handOver.problem}</p>
        </div>
      )}
      {investigations.length > 1 && (
        <label className="bench-choice">
          {say('bench.investigation')}{' '}
          <select value={chosen.investigation.id} onChange={(e) => setSearch({ investigation: e.target.value })}>
            {investigations.map(({ investigation }) => (
              <option key={investigation.id} value={investigation.id}>
                {investigation.question}
              </option>
            ))}
          </select>
        </label>
      )}
      <Checking key={chosen.investigation.id} bench={bench} own={chosen} onLeave={handOver.leave} />
    </div>
  );
}

/** Handing the device on: what waits is sent first; what cannot be sent stays and goes when the team joins here again. */
function useHandOver(teamId: string) {
  const waiting = useWaiting();
  const [problem, setProblem] = useState<string | null>(null);
  const unsent = () =>
    theOutbox()
      .snapshot()
      .filter((w) => w.teamId === teamId && w.refused === null && !w.confirmed).length;
  const leave = async () => {
    await theOutbox().send();
    const left = unsent();
    if (left > 0 && problem === null) return setProblem(say('bench.entryEntriesSentYet', { left }));
    try {
      await request('DELETE', '/join');
    } catch (error) {
      if (!isProblem(error, 401)) return setProblem(say('bench.withoutNetworkOtherTeam'));
    }
    await forgetTeam();
    location.assign('/join');
  };
  const settled = waiting.every((w) => w.teamId !== teamId || w.confirmed || w.refused !== null);
  useEffect(() => {
    if (settled) setProblem(null);
  }, [settled]);
  return { problem, leave: () => void leave() };
}
