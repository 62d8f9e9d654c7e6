import { spelledBy } from '../words/spelledBy';
import { msNow } from '@bright-sprout/core/clock/clock';
import { type HeldView } from '@bright-sprout/contracts/answers/held';
import { type JoinView, type SessionView } from '@bright-sprout/contracts/answers/access';
import { type BenchView, type SharedRecords } from '@bright-sprout/contracts/answers/checks';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import {
  type AlikeView,
  type InvestigationRecords,
  type InvestigationView,
} from '@bright-sprout/contracts/answers/investigations';
import { type ChangeInvestigationRequest } from '@bright-sprout/contracts/investigations';
import {
  type BenchClaims,
  type BenchConclusion,
  type LessonView,
  type TeamClaimView,
} from '@bright-sprout/contracts/answers/conclude';
import { type LessonDocument } from '@bright-sprout/contracts/conclude';
import { type BenchPrediction, type TeamPrediction } from '@bright-sprout/contracts/answers/predictions';
import { type PlanListing, type PlanView } from '@bright-sprout/contracts/answers/plans';
import { type BenchFilmView, type FilmView } from '@bright-sprout/contracts/answers/films';
import { type RoomView } from '@bright-sprout/contracts/answers/room';
import { type SavedQuestion } from '@bright-sprout/contracts/answers/questions';
import { type RunChangeView } from '@bright-sprout/contracts/answers/running';
import { type ScreenLinkView, type ScreenView } from '@bright-sprout/contracts/answers/screens';
import { type BenchTogether, type TogetherView } from '@bright-sprout/contracts/answers/together';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { QueryClient, queryOptions, useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { isProblem, request, ServerProblem } from './client';
import { forgetPictures } from './forgetTeam';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: { staleTime: 10_000, retry: (count, error) => count < 2 && !(error instanceof ServerProblem) },
    mutations: { retry: (count, error) => count < 2 && !(error instanceof ServerProblem) },
  },
});

export const useSession = () =>
  useQuery({ queryKey: ['session'], queryFn: () => request<SessionView>('GET', '/session'), staleTime: 60_000 });

export const useClasses = () => useQuery({ queryKey: ['classes'], queryFn: () => request<ClassView[]>('GET', '/classes') });

export const useClass = (id: string) =>
  useQuery({ queryKey: ['classes', id], queryFn: () => request<ClassView>('GET', `/classes/${id}`) });

export const usePlan = (id: string) =>
  spelledBy(
    useQuery({
      queryKey: ['plans', id],
      queryFn: () => request<PlanView>('GET', `/plans/${id}`),
      enabled: id !== '',
      staleTime: Infinity,
      gcTime: 0,
    }),
    (plan) => plan.document.protocol.resolution,
  );

export const usePlans = (classId: string) =>
  useQuery({ queryKey: ['plans', 'of', classId], queryFn: () => request<PlanListing[]>('GET', `/classes/${classId}/plans`) });

export const useSeedLots = () => useQuery({ queryKey: ['seed-lots'], queryFn: () => request<SeedLot[]>('GET', '/seed-lots') });

/** What the team on this device is asked to predict at the moment. */
export const useAskedPredictions = () =>
  useQuery({ queryKey: ['predictions', 'asked'], queryFn: () => request<BenchPrediction[]>('GET', '/bench/predictions') });

export const useTeamPredictions = (planId: string) =>
  useQuery({
    queryKey: ['predictions', planId],
    queryFn: () => request<TeamPrediction[]>('GET', `/plans/${planId}/predictions`),
  });

export const useGrowing = () =>
  useQuery({ queryKey: ['investigations'], queryFn: () => request<InvestigationRecords[]>('GET', '/investigations') });

const investigation = (id: string) =>
  queryOptions({
    queryKey: ['investigations', id],
    queryFn: () => request<InvestigationRecords>('GET', `/investigations/${id}`),
  });

export const useInvestigation = (id: string) => spelledBy(useQuery(investigation(id)), (r) => r.investigation.resolution);

/** What else sowed the same treatments: other classes, earlier years. */
export const useAlike = (id: string) =>
  useQuery({
    queryKey: ['alike', id],
    queryFn: () => request<AlikeView[]>('GET', `/investigations/${id}/alike`),
    enabled: id !== '',
    staleTime: 60_000,
  });

const thatCame = (found: readonly { data: InvestigationRecords | undefined }[]) => found.flatMap((f) => f.data ?? []);

/** Records of several investigations; those that are still on their way are left out. */
export const useSeveralInvestigations = (ids: readonly string[]) =>
  useQueries({
    queries: ids.map((id) => investigation(id)),
    combine: thatCame,
  });

/** What is photographed of an investigation, with its pictures. */
export const useFilms = (investigationId: string) =>
  useQuery({
    queryKey: ['films', investigationId],
    queryFn: () => request<FilmView[]>('GET', `/investigations/${investigationId}/films`),
  });

/** Films that the team on this device can take pictures for. */
export const useBenchFilms = () =>
  useQuery({
    queryKey: ['bench', 'films'],
    queryFn: async () => {
      const films = await request<BenchFilmView[]>('GET', '/bench/films');
      void forgetPictures('frames', new Set(films.flatMap((f) => f.frames.map((x) => x.id))));
      return films;
    },
  });

export const useSavedQuestions = (investigationId: string) =>
  useQuery({
    queryKey: ['questions', investigationId],
    queryFn: () => request<SavedQuestion[]>('GET', `/investigations/${investigationId}/questions`),
  });

/** Asks for the records that an address shows while the page itself is still on its way. */
export function askEarly(path: string): void {
  const id = /^\/investigations\/([0-9a-f-]{36})/.exec(path)?.[1];
  if (id) void queryClient.prefetchQuery(investigation(id));
}

/** The class's shared records as a team may read them. */
export const useSharedInvestigation = (id: string) =>
  spelledBy(
    useQuery({
      queryKey: ['bench', 'investigations', id],
      queryFn: () => request<SharedRecords>('GET', `/bench/investigations/${id}`),
    }),
    (r) => r.investigation.resolution,
  );

export const useBench = ({ enabled = true } = {}) =>
  spelledBy(
    useQuery({
      queryKey: ['bench'],
      queryFn: async () => {
        const bench = await request<BenchView>('GET', '/bench');
        void forgetPictures('photos', new Set(bench.investigations.flatMap((i) => i.photos.map((p) => p.id))));
        return bench;
      },
      enabled,
    }),
    (bench) => bench.investigations[0]?.investigation.resolution,
  );

export const useJoinView = (classCode: string) =>
  useQuery({
    queryKey: ['join', classCode],
    queryFn: () => request<JoinView>('GET', `/join/${encodeURIComponent(classCode)}`),
    enabled: classCode.length === 6,
    retry: false,
  });

/** A write after which the named queries are asked for anew. */
export function useWrite<Body, Answer = unknown>(write: (body: Body) => Promise<Answer>, ...stale: string[]) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    onSuccess: () => Promise.all(stale.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}

/** Changes of an investigation after sowing, under the version that is shown. */
export const useChangeInvestigation = (investigation: InvestigationView) =>
  useWrite(
    (change: Omit<ChangeInvestigationRequest, 'version'>) =>
      request<InvestigationView>('PATCH', `/investigations/${investigation.id}`, { ...change, version: investigation.version }),
    'investigations',
    'classes',
  );

export const useRunChanges = (investigationId: string) =>
  useQuery({
    queryKey: ['investigations', investigationId, 'run-changes'],
    queryFn: () => request<RunChangeView[]>('GET', `/investigations/${investigationId}/run-changes`),
  });

/** What teams entered and could not be taken: it waits for the teacher. */
export const useHeld = (classId: string) =>
  useQuery({ queryKey: ['held', classId], queryFn: () => request<HeldView[]>('GET', `/classes/${classId}/held`) });

export const useScreenLinks = (investigationId: string) =>
  useQuery({
    queryKey: ['screen-links', investigationId],
    queryFn: () => request<ScreenLinkView[]>('GET', `/investigations/${investigationId}/screen-links`),
  });

/** What a projector shows; the news say what changed, and it is given up once the link is taken back. */
export const useScreen = (token: string) =>
  spelledBy(
    useQuery({
      queryKey: ['screen', token],
      queryFn: () => request<ScreenView>('GET', `/screens/${encodeURIComponent(token)}`),
      // Only after a failure it is asked for again, in pauses that grow with the time that nothing has come.
      refetchInterval: ({ state: { error, dataUpdatedAt } }) =>
        error === null || isProblem(error, 404) ? false : Math.min(60_000, Math.max(5000, (msNow() - dataUpdatedAt) / 2)),
      refetchIntervalInBackground: true,
    }),
    (screen) => screen.investigation.resolution,
  );

export const useRoom = (classId: string) =>
  useQuery({ queryKey: ['room', classId], queryFn: () => request<RoomView>('GET', `/classes/${classId}/room`) });

/** Plants of an investigation that the class reads, or has read, together; newest first. */
export const useTogether = (investigationId: string) =>
  useQuery({
    queryKey: ['investigations', investigationId, 'together'],
    queryFn: () => request<TogetherView[]>('GET', `/investigations/${investigationId}/together`),
  });

/** The plant that the whole class reads at the moment, if there is one. */
export const useAskedTogether = () =>
  useQuery({
    queryKey: ['bench', 'together'],
    queryFn: () => request<BenchTogether[]>('GET', '/bench/together'),
    retry: false,
  });

/** Investigations from which the team on this device can conclude. */
export const useConclusions = () =>
  useQuery({ queryKey: ['bench', 'conclude'], queryFn: () => request<BenchConclusion[]>('GET', '/bench/conclude') });

/** What the team, and once they are open all teams, have concluded; another device of the team may write meanwhile. */
export const useBenchClaims = (investigationId: string) =>
  useQuery({
    queryKey: ['bench', 'conclude', investigationId],
    queryFn: () => request<BenchClaims>('GET', `/bench/conclude/${investigationId}`),
  });

/** Every team's conclusion, for the teacher; the line of events says when it has changed. */
export const useClaims = (investigationId: string) =>
  useQuery({
    queryKey: ['conclude', investigationId, 'claims'],
    queryFn: () => request<TeamClaimView[]>('GET', `/investigations/${investigationId}/claims`),
  });

const lessonKey = (investigationId: string) => ['conclude', investigationId, 'lesson'];

const fetchLesson = (id: string) => request<LessonView>('GET', `/investigations/${id}/lesson`);

export const useLesson = (investigationId: string) =>
  useQuery({ queryKey: lessonKey(investigationId), queryFn: () => fetchLesson(investigationId) });

/** Changes what is settled for the lesson: shown at once, and made again on the newest where somebody else changed it meanwhile. */
export function useChangeLesson(investigationId: string) {
  const client = useQueryClient();
  const key = lessonKey(investigationId);
  const put = ({ version, document }: LessonView) =>
    request<LessonView>('PUT', `/investigations/${investigationId}/lesson`, { version, document });
  return useMutation({
    scope: { id: `lesson ${investigationId}` },
    mutationFn: async (change: (document: LessonDocument) => LessonDocument) => {
      // The page shows the change already; what it is made on is the server's own.
      for (let tries = 0; ; tries++) {
        const now = await fetchLesson(investigationId);
        try {
          return await put({ version: now.version, document: change(now.document) });
        } catch (error) {
          if (tries >= 3 || !isProblem(error, 409)) throw error;
        }
      }
    },
    onMutate: (change) => {
      client.setQueryData<LessonView>(key, (now) => now && { ...now, document: change(now.document) });
    },
    onSuccess: (saved) => client.setQueryData(key, saved),
    onError: () => void client.invalidateQueries({ queryKey: key }),
  });
}
