import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { act, renderHook } from '@testing-library/react';
import { investigationView } from '../../../test/records';
import { useOwnPot } from './useOwnPot';

const atHome = investigationView({ bench: { ...USUAL_BENCH, atHome: true } });
const own = (investigation = atHome, scanned: string | null = null, teamId = 't1') =>
  renderHook(() => useOwnPot(investigation, teamId, scanned)).result;

beforeEach(() => localStorage.clear());

test('in class nobody is asked, and all pots of the team are shown', () => {
  expect(own(investigationView(), 'A1').current).toMatchObject({ asks: false, code: null });
});

test('at home the device asks whose it is, once, and keeps to the answer', () => {
  const first = own();
  expect(first.current.asks).toBe(true);
  act(() => first.current.choose('B1'));
  expect(first.current).toMatchObject({ asks: false, code: 'B1' });
  expect(own().current).toMatchObject({ asks: false, code: 'B1' });
  expect(own(atHome, null, 't2').current.asks).toBe(true);
});

test('the label that was scanned first is the answer; a later one does not change it', () => {
  expect(own(atHome, 'A2').current.code).toBe('A2');
  expect(own(atHome, 'B2').current.code).toBe('A2');
  const device = own();
  act(() => device.current.choose(null));
  expect(own(atHome, 'B2').current).toMatchObject({ asks: false, code: null });
});

test('a code that is not of the team answers nothing', () => {
  expect(own(atHome, 'Z9').current).toMatchObject({ asks: true, code: null });
});
