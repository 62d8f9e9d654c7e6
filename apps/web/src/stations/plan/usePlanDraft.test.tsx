import { type PlanView } from '@bright-sprout/contracts/plans';
import { planFrom } from '@bright-sprout/core/plan/document/startingPoints';
import { act, renderHook } from '@testing-library/react';
import { setting } from './planFields';
import { usePlanDraft } from './usePlanDraft';

const opened: PlanView = {
  id: 'p1',
  classId: 'c1',
  version: 1,
  document: planFrom('salt-steps', { gradeBand: 'middle', teams: 2, today: '2026-03-02' }, 7),
  sown: false,
};

/** A server that keeps the questions it was sent; answers can be held back. */
const server = { questions: [] as string[], hold: null as Promise<void> | null };

beforeEach(() => {
  jest.useFakeTimers();
  Object.assign(server, { questions: [], hold: null });
  globalThis.fetch = (async (_: string, { body }: RequestInit) => {
    const { version, document } = JSON.parse(body as string) as PlanView;
    await server.hold;
    server.questions.push(document.question);
    return { ok: true, status: 200, json: () => Promise.resolve({ ...opened, version: version + 1 }) } as Response;
  }) as typeof fetch;
});
afterEach(() => jest.useRealTimers());

const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

test('keystrokes are gathered and sent once', async () => {
  const { result } = renderHook(() => usePlanDraft(opened));
  act(() => result.current.change(setting({ question: 'Does a' })));
  act(() => result.current.change(setting({ question: 'Does answer' })));
  expect(result.current.saving).toBe('saving');
  await pass(600);
  expect(server.questions).toEqual(['Does answer']);
  expect(result.current.saving).toBe('saved');
});

test('what is undone before it was sent leaves nothing waiting', async () => {
  const { result } = renderHook(() => usePlanDraft(opened));
  act(() => result.current.change(setting({ question: 'Mistyped' })));
  act(() => result.current.undo!());
  await pass(600);
  expect(server.questions).toEqual([]);
  expect(result.current.saving).toBe('saved');
});

test('what is undone while it is on its way is sent as undone', async () => {
  let answer = () => undefined as void;
  server.hold = new Promise((resolve) => (answer = resolve));
  const { result } = renderHook(() => usePlanDraft(opened));
  act(() => result.current.change(setting({ question: 'Mistyped' })));
  await pass(600);
  act(() => result.current.undo!());
  answer();
  await pass(10);
  await pass(600);
  expect(server.questions).toEqual(['Mistyped', opened.document.question]);
  expect(result.current.saving).toBe('saved');
});
