import { type BenchClaims } from '@bright-sprout/contracts/answers/conclude';
import { act, renderHook } from '@testing-library/react';
import { useClaimDraft } from './useClaimDraft';

const mockAdded: { id: string; body: { part: string; text: string; of: string } }[] = [];
let mockKept: Promise<void> = Promise.resolve();
jest.mock('../../api/outbox', () => ({
  theOutbox: () => ({
    add: (id: string, _team: string, { body }: (typeof mockAdded)[number]) => {
      mockAdded.push({ id, body });
      return mockKept;
    },
  }),
  useWaiting: () => [],
}));

const OWN: BenchClaims['own'] = {
  team: { id: 't1', emblem: 'moon', nickname: 'Moons' },
  entries: [{ id: 'old', part: 'reasoning', text: 'Roots', recordedAt: '2026-03-01T09:00:00.000Z' }],
  notes: [],
};
const draft = () => renderHook(() => useClaimDraft('i1', { own: OWN }));

beforeEach(() => {
  jest.useFakeTimers();
  mockAdded.length = 0;
  mockKept = Promise.resolve();
  localStorage.clear();
});
afterEach(() => jest.useRealTimers());

test('typing shows at once, and is kept as one entry when it rests; a choice is kept at once', async () => {
  const { result } = draft();
  expect(result.current.claim.reasoning).toBe('Roots');
  act(() => result.current.write('reasoning', 'Roots n', 'typed'));
  act(() => result.current.write('reasoning', 'Roots need', 'typed'));
  expect(result.current.claim.reasoning).toBe('Roots need');
  expect(mockAdded).toEqual([]);
  await act(() => jest.advanceTimersByTimeAsync(800));
  expect(mockAdded.map((a) => a.body)).toEqual([expect.objectContaining({ of: 'i1', part: 'reasoning', text: 'Roots need' })]);
  act(() => result.current.write('evidence.mean:A', 'in'));
  expect(mockAdded).toHaveLength(2);
  expect(result.current.claim.evidence).toEqual(['mean:A']);
});

test('what was typed a moment before a reload lies on the device, and goes on its way when the page opens again', async () => {
  mockKept = new Promise(() => undefined);
  const first = draft();
  act(() => first.result.current.write('reasoning', 'Roots get less', 'typed'));
  // The page is gone without having come to rest; nothing else ran.
  const again = draft();
  expect(again.result.current.claim.reasoning).toBe('Roots get less');
  expect(mockAdded.map((a) => a.body.text)).toEqual(['Roots get less']);
});

test('once it waits in the outbox it no longer lies beside it, and another team never sees it', async () => {
  const { result, unmount } = draft();
  act(() => result.current.write('reasoning', 'Roots get less', 'typed'));
  const other = renderHook(() => useClaimDraft('i1', { own: { ...OWN, team: { ...OWN.team, id: 't2' }, entries: [] } }));
  expect(other.result.current.claim.reasoning).toBe('');
  unmount();
  await act(() => jest.advanceTimersByTimeAsync(10));
  expect(mockAdded.map((a) => a.body.text)).toEqual(['Roots get less']);
  expect(Object.keys(localStorage)).toEqual([]);
});
