import { say } from '@bright-sprout/words/say';
import { type ComponentType, lazy, Suspense, useEffect } from 'react';
import { Link, Navigate, Outlet, Route, Routes } from 'react-router';
import { useTeamNews } from './api/live';
import { useSession } from './api/queries';
import { Broken } from './page/Broken';
import { Empty, ProblemNotice, Waiting } from './page/Notices';
import { LANGUAGE } from './words/language';
import { loadWords, type WordsPart } from './words/loadWords';
import { JoinView } from './team/join/JoinView';

/** A page that comes when it is opened, with the words that it adds. */
function pageWith<P extends object>(parts: readonly WordsPart[], open: () => Promise<ComponentType<P>>) {
  return lazy(async () => {
    const [page] = await Promise.all([open(), ...parts.map((part) => loadWords(LANGUAGE, part))]);
    return { default: page };
  });
}
const ofBench = <P extends object>(open: () => Promise<ComponentType<P>>) => pageWith([], open);
const ofTeam = <P extends object>(open: () => Promise<ComponentType<P>>) => pageWith(['team'], open);
const ofTeacher = <P extends object>(open: () => Promise<ComponentType<P>>) => pageWith(['team', 'teacher'], open);

// Until a team has joined, its device loads the way in and nothing else; what is opened later comes then.
const BenchView = ofBench(() => import('./team/bench/BenchView').then((m) => m.BenchView));
const TogetherReadingView = ofBench(() => import('./team/bench/TogetherReadingView').then((m) => m.TogetherReadingView));
const SignInView = ofTeacher(() => import('./front/signIn/SignInView').then((m) => m.SignInView));
const TodayView = ofTeacher(() => import('./front/today/TodayView').then((m) => m.TodayView));
const ClassView = ofTeacher(() => import('./front/classPage/ClassView').then((m) => m.ClassView));
const JoinScreenView = ofTeacher(() => import('./front/joinScreen/JoinScreenView').then((m) => m.JoinScreenView));
const KeepingView = ofTeacher(() => import('./front/keeping/KeepingView').then((m) => m.KeepingView));
const PlannerView = ofTeacher(() => import('./stations/plan/PlannerView').then((m) => m.PlannerView));
const StartView = ofTeacher(() => import('./stations/plan/start/StartView').then((m) => m.StartView));
const SeedShelfView = ofTeacher(() => import('./front/seedShelf/SeedShelfView').then((m) => m.SeedShelfView));
const PrintRoomView = ofTeacher(() => import('./stations/plan/printRoom/PrintRoomView').then((m) => m.PrintRoomView));
const TakeAlongView = ofTeacher(() => import('./stations/plan/takeAlong/TakeAlongView').then((m) => m.TakeAlongView));
const PlanPrintRoomView = ofTeacher(() => import('./stations/plan/printRoom/PrintRoomView').then((m) => m.PlanPrintRoomView));
const PredictView = ofTeam(() => import('./team/predict/PredictView').then((m) => m.PredictView));
const SowView = ofTeacher(() => import('./stations/sow/SowView').then((m) => m.SowView));
const TeamSowView = ofTeam(() => import('./team/sow/TeamSowView').then((m) => m.TeamSowView));
const PlanView = ofTeacher(() => import('./stations/plan/sown/PlanView').then((m) => m.PlanView));
const WallView = ofTeacher(() => import('./stations/check/wall/WallView').then((m) => m.WallView));
const LogView = ofTeacher(() => import('./stations/check/log/LogView').then((m) => m.LogView));
const TogetherView = ofTeacher(() => import('./stations/check/together/TogetherView').then((m) => m.TogetherView));
const RunView = ofTeacher(() => import('./stations/check/run/RunView').then((m) => m.RunView));
const RoomView = ofTeacher(() => import('./stations/check/room/RoomView').then((m) => m.RoomView));
const PicturesView = ofTeacher(() => import('./stations/check/pictures/PicturesView').then((m) => m.PicturesView));
const TakeView = ofTeacher(() => import('./stations/check/pictures/TakeView').then((m) => m.TakeView));
const RulerView = ofTeacher(() => import('./stations/check/pictures/RulerView').then((m) => m.RulerView));
const TeamTakeView = ofTeam(() => import('./team/take/TeamTakeView').then((m) => m.TeamTakeView));
const ProjectorView = ofTeacher(() => import('./front/projector/ProjectorView').then((m) => m.ProjectorView));
const NotebookView = ofTeam(() => import('./team/notebook/NotebookView').then((m) => m.NotebookView));
const TeamWallView = ofTeam(() => import('./team/wall/TeamWallView').then((m) => m.TeamWallView));
const CompareView = ofTeacher(() => import('./stations/compare/CompareView').then((m) => m.CompareView));
const DealAgainView = ofTeacher(() => import('./stations/compare/deal/DealAgainView').then((m) => m.DealAgainView));
const TalkingPointsView = ofTeacher(() =>
  import('./stations/conclude/points/TalkingPointsView').then((m) => m.TalkingPointsView),
);
const RunThroughView = ofTeacher(() => import('./stations/conclude/points/RunThroughView').then((m) => m.RunThroughView));
const ClaimsView = ofTeacher(() => import('./stations/conclude/claims/ClaimsView').then((m) => m.ClaimsView));
const ClaimView = ofTeam(() => import('./team/claim/ClaimView').then((m) => m.ClaimView));
const ExpectedView = ofTeacher(() => import('./stations/conclude/expected/ExpectedView').then((m) => m.ExpectedView));
const NextView = ofTeacher(() => import('./stations/conclude/next/NextView').then((m) => m.NextView));
const ReportView = ofTeacher(() => import('./stations/conclude/report/ReportView').then((m) => m.ReportView));
const CertificatesView = ofTeacher(() =>
  import('./stations/conclude/certificates/CertificatesView').then((m) => m.CertificatesView),
);
const EndView = ofTeacher(() => import('./stations/conclude/end/EndView').then((m) => m.EndView));
const TeamReportView = ofTeam(() => import('./team/claim/TeamReportView').then((m) => m.TeamReportView));
const BringInView = ofTeacher(() => import('./front/bringIn/BringInView').then((m) => m.BringInView));

export function App() {
  return (
    <Broken>
      <Suspense
        fallback={
          <div className="page">
            <Waiting>{say('common.opening')}</Waiting>
          </div>
        }
      >
        <Routes>
          <Route path="/join" element={<WayIn />} />
          <Route path="/c/:code" element={<WayIn />} />
          <Route path="/c/:code/:tail/:pot" element={<WayIn />} />
          <Route element={<TeamPages />}>
            <Route path="/bench" element={<BenchView />} />
            <Route path="/bench/predict/:planId" element={<PredictView />} />
            <Route path="/bench/together" element={<TogetherReadingView />} />
            <Route path="/bench/take/:filmId" element={<TeamTakeView />} />
            <Route path="/bench/sow/:id" element={<TeamSowView />} />
            <Route path="/bench/notebook/:id" element={<NotebookView />} />
            <Route path="/bench/wall/:id" element={<TeamWallView />} />
            <Route path="/bench/conclude/:id" element={<ClaimView />} />
            <Route path="/bench/report/:id" element={<TeamReportView />} />
          </Route>
          <Route path="/screen/:token" element={<ProjectorView />} />
          <Route path="/*" element={<TeacherPages />} />
        </Routes>
      </Suspense>
    </Broken>
  );
}

/** While a team types its PIN, the bench comes along. */
function WayIn() {
  // Where that fails, it is asked for again when it is opened.
  useEffect(() => void import('./team/bench/BenchView').catch(() => undefined), []);
  return <JoinView />;
}

/** Every page of a joined team hears of what comes. */
function TeamPages() {
  useTeamNews();
  return <Outlet />;
}

function TeacherPages() {
  const session = useSession();
  if (session.error && !session.data)
    return (
      <div className="page">
        <ProblemNotice error={session.error} retry={() => void session.refetch()} />
      </div>
    );
  if (!session.data)
    return (
      <div className="page">
        <Waiting>{say('common.opening')}</Waiting>
      </div>
    );
  if (!session.data.teacher) return <SignInView needsFirstTeacher={session.data.needsFirstTeacher} />;
  return (
    <Routes>
      <Route path="/" element={<TodayView teacher={session.data.teacher} />} />
      <Route path="/today" element={<Navigate to="/" replace />} />
      <Route path="/classes/:id" element={<ClassView />} />
      <Route path="/classes/:id/join" element={<JoinScreenView />} />
      <Route path="/classes/:id/plans" element={<StartView />} />
      <Route path="/keeping" element={<KeepingView teacher={session.data.teacher} />} />
      <Route path="/seeds" element={<SeedShelfView />} />
      <Route path="/plans/:id" element={<PlannerView />} />
      <Route path="/plans/:id/print" element={<PlanPrintRoomView />} />
      <Route path="/plans/:id/:part" element={<PlannerView />} />
      <Route path="/classes/:id/import" element={<BringInView />} />
      <Route path="/investigations/:id" element={<WallView />} />
      <Route path="/investigations/:id/run" element={<RunView />} />
      <Route path="/investigations/:id/together" element={<TogetherView />} />
      <Route path="/investigations/:id/room" element={<RoomView />} />
      <Route path="/investigations/:id/pictures" element={<PicturesView />} />
      <Route path="/investigations/:id/pictures/take/:filmId" element={<TakeView />} />
      <Route path="/investigations/:id/pictures/ruler/:pictureId" element={<RulerView />} />
      <Route path="/investigations/:id/log" element={<LogView />} />
      <Route path="/investigations/:id/plan" element={<PlanView />} />
      <Route path="/investigations/:id/print" element={<PrintRoomView />} />
      <Route path="/investigations/:id/take-along" element={<TakeAlongView />} />
      <Route path="/investigations/:id/sow" element={<SowView />} />
      <Route path="/investigations/:id/compare" element={<CompareView />} />
      <Route path="/investigations/:id/deal" element={<DealAgainView />} />
      <Route path="/investigations/:id/conclude" element={<TalkingPointsView />} />
      <Route path="/investigations/:id/conclude/claims" element={<ClaimsView />} />
      <Route path="/investigations/:id/conclude/expected" element={<ExpectedView />} />
      <Route path="/investigations/:id/conclude/next" element={<NextView />} />
      <Route path="/investigations/:id/conclude/report" element={<ReportView />} />
      <Route path="/investigations/:id/conclude/certificates" element={<CertificatesView />} />
      <Route path="/investigations/:id/conclude/end" element={<EndView />} />
      <Route path="/investigations/:id/run-through" element={<RunThroughView />} />
      <Route
        path="*"
        element={
          <div className="page">
            <Empty title={say('pages.nothingAddress')}>
              <Link className="btn" to="/">
                {say('pages.goToday')}
              </Link>
            </Empty>
          </div>
        }
      />
    </Routes>
  );
}
