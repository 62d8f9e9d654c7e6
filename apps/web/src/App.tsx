import { lazy, Suspense } from 'react';
import { Link, Navigate, Outlet, Route, Routes } from 'react-router';
import { useTeamNews } from './api/live';
import { useSession } from './api/queries';
import { Broken } from './page/Broken';
import { Empty, ProblemNotice, Waiting } from './page/Notices';
import { BenchView } from './team/bench/BenchView';
import { TogetherReadingView } from './team/bench/TogetherReadingView';
import { JoinView } from './team/join/JoinView';

// A team's device loads the bench and nothing else; what a teacher opens comes when it is opened.
const SignInView = lazy(() => import('./front/signIn/SignInView').then((m) => ({ default: m.SignInView })));
const TodayView = lazy(() => import('./front/today/TodayView').then((m) => ({ default: m.TodayView })));
const ClassView = lazy(() => import('./front/classPage/ClassView').then((m) => ({ default: m.ClassView })));
const JoinScreenView = lazy(() => import('./front/joinScreen/JoinScreenView').then((m) => ({ default: m.JoinScreenView })));
const KeepingView = lazy(() => import('./front/keeping/KeepingView').then((m) => ({ default: m.KeepingView })));
const PlannerView = lazy(() => import('./stations/plan/PlannerView').then((m) => ({ default: m.PlannerView })));
const StartView = lazy(() => import('./stations/plan/start/StartView').then((m) => ({ default: m.StartView })));
const SeedShelfView = lazy(() => import('./front/seedShelf/SeedShelfView').then((m) => ({ default: m.SeedShelfView })));
const PrintRoomView = lazy(() => import('./stations/plan/printRoom/PrintRoomView').then((m) => ({ default: m.PrintRoomView })));
const TakeAlongView = lazy(() => import('./stations/plan/takeAlong/TakeAlongView').then((m) => ({ default: m.TakeAlongView })));
const PlanPrintRoomView = lazy(() =>
  import('./stations/plan/printRoom/PrintRoomView').then((m) => ({ default: m.PlanPrintRoomView })),
);
const PredictView = lazy(() => import('./team/predict/PredictView').then((m) => ({ default: m.PredictView })));
const SowView = lazy(() => import('./stations/sow/SowView').then((m) => ({ default: m.SowView })));
const TeamSowView = lazy(() => import('./team/sow/TeamSowView').then((m) => ({ default: m.TeamSowView })));
const PlanView = lazy(() => import('./stations/plan/sown/PlanView').then((m) => ({ default: m.PlanView })));
const WallView = lazy(() => import('./stations/check/wall/WallView').then((m) => ({ default: m.WallView })));
const LogView = lazy(() => import('./stations/check/log/LogView').then((m) => ({ default: m.LogView })));
const TogetherView = lazy(() => import('./stations/check/together/TogetherView').then((m) => ({ default: m.TogetherView })));
const RunView = lazy(() => import('./stations/check/run/RunView').then((m) => ({ default: m.RunView })));
const RoomView = lazy(() => import('./stations/check/room/RoomView').then((m) => ({ default: m.RoomView })));
const PicturesView = lazy(() => import('./stations/check/pictures/PicturesView').then((m) => ({ default: m.PicturesView })));
const TakeView = lazy(() => import('./stations/check/pictures/TakeView').then((m) => ({ default: m.TakeView })));
const RulerView = lazy(() => import('./stations/check/pictures/RulerView').then((m) => ({ default: m.RulerView })));
const TeamTakeView = lazy(() => import('./team/take/TeamTakeView').then((m) => ({ default: m.TeamTakeView })));
const ScreenView = lazy(() => import('./front/screen/ScreenView').then((m) => ({ default: m.ScreenView })));
const NotebookView = lazy(() => import('./team/notebook/NotebookView').then((m) => ({ default: m.NotebookView })));
const TeamWallView = lazy(() => import('./team/wall/TeamWallView').then((m) => ({ default: m.TeamWallView })));
const CompareView = lazy(() => import('./stations/compare/CompareView').then((m) => ({ default: m.CompareView })));
const DealAgainView = lazy(() => import('./stations/compare/deal/DealAgainView').then((m) => ({ default: m.DealAgainView })));
const TalkingPointsView = lazy(() =>
  import('./stations/conclude/points/TalkingPointsView').then((m) => ({ default: m.TalkingPointsView })),
);
const RunThroughView = lazy(() =>
  import('./stations/conclude/points/RunThroughView').then((m) => ({ default: m.RunThroughView })),
);
const ClaimsView = lazy(() => import('./stations/conclude/claims/ClaimsView').then((m) => ({ default: m.ClaimsView })));
const ClaimView = lazy(() => import('./team/claim/ClaimView').then((m) => ({ default: m.ClaimView })));
const ExpectedView = lazy(() => import('./stations/conclude/expected/ExpectedView').then((m) => ({ default: m.ExpectedView })));
const NextView = lazy(() => import('./stations/conclude/next/NextView').then((m) => ({ default: m.NextView })));
const ReportView = lazy(() => import('./stations/conclude/report/ReportView').then((m) => ({ default: m.ReportView })));
const CertificatesView = lazy(() =>
  import('./stations/conclude/certificates/CertificatesView').then((m) => ({ default: m.CertificatesView })),
);
const EndView = lazy(() => import('./stations/conclude/end/EndView').then((m) => ({ default: m.EndView })));
const TeamReportView = lazy(() => import('./team/claim/TeamReportView').then((m) => ({ default: m.TeamReportView })));
const BringInView = lazy(() => import('./front/bringIn/BringInView').then((m) => ({ default: m.BringInView })));

export function App() {
  return (
    <Broken>
      <Suspense
        fallback={
          <div className="page">
            <Waiting>Opening …</Waiting>
          </div>
        }
      >
        <Routes>
          <Route path="/join" element={<JoinView />} />
          <Route path="/c/:code" element={<JoinView />} />
          <Route path="/c/:code/:tail/:pot" element={<JoinView />} />
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
          <Route path="/screen/:token" element={<ScreenView />} />
          <Route path="/*" element={<TeacherPages />} />
        </Routes>
      </Suspense>
    </Broken>
  );
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
        <Waiting>Opening …</Waiting>
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
            <Empty title="There is nothing at this address">
              <Link className="btn" to="/">
                Go to today
              </Link>
            </Empty>
          </div>
        }
      />
    </Routes>
  );
}
