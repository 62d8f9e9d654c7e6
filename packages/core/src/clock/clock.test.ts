import { clockAhead, msNow, runAhead, setClock, timeNow } from './clock';

afterEach(() => runAhead(0));

test('a clock that was set shows that moment and runs on', () => {
  setClock('2028-02-29T23:59:59Z');
  expect(timeNow().toISOString().slice(0, 16)).toBe('2028-02-29T23:59');
  expect(msNow() - Date.parse('2028-02-29T23:59:59Z')).toBeLessThan(5000);
  expect(msNow()).toBeGreaterThanOrEqual(Date.parse('2028-02-29T23:59:59Z'));
});

test('a clock that runs ahead says by how much, and one that was never set does not', () => {
  expect(clockAhead()).toBe(0);
  runAhead(86_400_000);
  expect(clockAhead()).toBe(86_400_000);
  expect(msNow() - Date.now()).toBeGreaterThan(86_399_000);
});

test('what is no moment in time is refused', () => {
  expect(() => setClock('soon')).toThrow('“soon” is not a moment in time.');
});
