import { speciesById } from '../seeds/catalogue';
import { powerBySimulation, type PowerPlan } from './simulatedPower';

const plan: PowerPlan = {
  species: speciesById('barley')!,
  teams: 7,
  perTeam: 1,
  seeds: 3,
  day: 21,
  temperature: 20,
  sownOn: '2026-03-03',
  resolution: 'mm',
};

test('simulation and the t approximation tell a class about the same', () => {
  const found = powerBySimulation(plan, 4, 150);
  if (!found.ok) throw new Error(found.reason);
  expect(found.smallest!).toBeGreaterThan(0.6 * found.byT!);
  expect(found.smallest!).toBeLessThan(1.8 * found.byT!);
  expect(found.measured).toBeGreaterThan(0.9);
  expect(found.curve.map((c) => c.chance)).toEqual([...found.curve.map((c) => c.chance)].sort((a, b) => a - b));
});

test('one container of each, or a day before anything is up, has a reason', () => {
  expect(powerBySimulation({ ...plan, teams: 1 }, 1, 10)).toMatchObject({ ok: false });
  expect(powerBySimulation({ ...plan, day: 1 }, 1, 10)).toMatchObject({
    ok: false,
    reason: expect.stringContaining('nothing is up') as string,
  });
});
