import { act, renderHook } from '@testing-library/react';
import { useRested } from './useRested';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('it follows only when the value has come to rest', () => {
  const { result, rerender } = renderHook(({ value }) => useRested(value, 100), { initialProps: { value: 1 } });
  for (const value of [2, 3, 4]) {
    rerender({ value });
    act(() => void jest.advanceTimersByTime(60));
    expect(result.current).toBe(1);
  }
  act(() => void jest.advanceTimersByTime(60));
  expect(result.current).toBe(4);
});
