import { type PlanView } from '@bright-sprout/contracts/answers/plans';
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
  localStorage.clear();
  Object.assign(server, { questions: [], hold: null });
  globalThis.fetch = (async (_: string, { body }: RequestInit) => {
    const { version, document } = JSON.parse(body as string) as PlanView;
    await server.hold;
    if (document.seedsEach > 1e6) {
      const errors = [{ path: 'document.seedsEach', sentence: 'That is too far.' }];
      const problem = { status: 400, detail: 'That is too far.', errors };
      return { ok: false, status: 400, json: () => Promise.resolve(problem) } as Response;
    }
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

describe('what was typed and not yet saved', () => {
  const typed = { ...opened.document, question: 'Typed before the window closed' };
  const keep = (version: number) => localStorage.setItem('sprout draft plan p1', JSON.stringify({ version, document: typed }));

  test('is kept on the device with each change, until it is saved', async () => {
    const { result } = renderHook(() => usePlanDraft(opened));
    act(() => result.current.change(setting({ question: typed.question })));
    expect(JSON.parse(localStorage.getItem('sprout draft plan p1')!)).toMatchObject({ version: 1, document: typed });
    await pass(600);
    expect(localStorage.getItem('sprout draft plan p1')).toBeNull();
  });

  test('is there again after the window was closed, is saved, and can be undone', async () => {
    keep(1);
    const { result } = renderHook(() => usePlanDraft(opened));
    expect(result.current.plan.question).toBe(typed.question);
    await pass(600);
    expect(server.questions).toEqual([typed.question]);
    act(() => result.current.undo!());
    expect(result.current.plan.question).toBe(opened.document.question);
  });

  test('stands beside what somebody else saved meanwhile, and is sent when it is chosen', async () => {
    keep(1);
    const { result } = renderHook(() => usePlanDraft({ ...opened, version: 2 }));
    expect(result.current.theirs?.version).toBe(2);
    await pass(600);
    expect(server.questions).toEqual([]);
    act(() => result.current.keepOurs());
    await pass(600);
    expect(server.questions).toEqual([typed.question]);
  });

  test('comes together with what somebody else changed elsewhere', async () => {
    localStorage.setItem('sprout draft plan p1', JSON.stringify({ version: 1, document: typed, base: opened.document }));
    const { result } = renderHook(() => usePlanDraft({ ...opened, version: 2, document: { ...opened.document, seedsEach: 9 } }));
    act(() => result.current.keepOurs());
    expect(result.current.plan).toMatchObject({ question: typed.question, seedsEach: 9 });
    await pass(600);
    expect(server.questions).toEqual([typed.question]);
  });

  test('can be undone after a reload', async () => {
    const { result, unmount } = renderHook(() => usePlanDraft(opened));
    act(() => result.current.change(setting({ question: 'First?' })));
    await pass(600);
    act(() => result.current.change(setting({ question: 'Second?' })));
    await pass(600);
    unmount();
    const again = renderHook(() =>
      usePlanDraft({ ...opened, version: 3, document: { ...opened.document, question: 'Second?' } }),
    );
    act(() => again.result.current.undo!());
    expect(again.result.current.plan.question).toBe('First?');
    again.unmount();
    localStorage.removeItem('sprout draft plan p1');
    const other = renderHook(() => usePlanDraft({ ...opened, version: 3, document: { ...opened.document, question: 'Third?' } }));
    expect(other.result.current.undo).toBeNull();
  });

  test('one value that cannot be saved does not hold back the rest', async () => {
    const { result } = renderHook(() => usePlanDraft(opened));
    act(() => result.current.change(setting({ seedsEach: 1e9, question: 'Saved all the same?' })));
    await pass(600);
    expect(server.questions).toEqual(['Saved all the same?']);
    expect(result.current.saving).toBe('refused');
    expect(result.current.plan.seedsEach).toBe(1e9);
    act(() => result.current.change(setting({ seedsEach: 4 })));
    await pass(600);
    expect(result.current.saving).toBe('saved');
  });

  test.each([
    ['came through after all', JSON.stringify({ version: 1, document: opened.document })],
    ['is of another make', JSON.stringify({ version: 1, document: { question: 'old' } })],
    ['cannot be read', '{"version":1,'],
  ])('is left alone where it %s', (_, kept) => {
    localStorage.setItem('sprout draft plan p1', kept);
    const { result } = renderHook(() => usePlanDraft({ ...opened, version: 2 }));
    expect(result.current.theirs).toBeNull();
    expect(result.current.plan).toBe(opened.document);
  });
});
