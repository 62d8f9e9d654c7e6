import { reading } from '../../test/records';
import { speciesById } from '../seeds/catalogue';
import { type LookSetting, doubtOfReading } from './surroundings';

const containers = ['A1', 'B1', 'A2', 'A3', 'A4'].map((code, position) => ({
  id: code,
  code,
  treatment: code[0]!,
  position,
  sownOn: '2026-03-03',
}));
const at = (containerId: string, day: string, heightMm?: number, plant = '1') =>
  reading({
    containerId,
    day,
    plant,
    recordedAt: `${day}T10:00:00Z`,
    id: `${containerId} ${day} ${plant}`,
    heightMm,
  });

const setting = (part: Partial<LookSetting> = {}): LookSetting => ({
  species: speciesById('barley')!,
  resolution: 'mm',
  containers,
  plants: 1,
  readings: [at('A1', '2026-03-16', 140), at('B1', '2026-03-16', 90)],
  ...part,
});
const ask = (valueMm: number, part: Partial<LookSetting> = {}, plant = '1', day = '2026-03-19') =>
  doubtOfReading({ containerId: 'A1', plant, day, valueMm, today: '2026-03-19' }, setting(part));

test('a height that goes on from the last one raises no question', () => expect(ask(155)).toBeNull());

test('a slipped point, inches and the neighbour’s plant are asked about, from the plant’s own past and what stands beside', () => {
  expect(ask(1550)?.kind).toBe('decimal-point');
  expect(ask(61)?.kind).toBe('inches');
  expect(ask(116)).toMatchObject({ kind: 'neighbour', neighbour: 'B1' });
});

test('a corrected value no longer counts, and each tagged plant has its own past', () => {
  const wrong = at('A1', '2026-03-16', 14);
  const right = { ...at('A1', '2026-03-16', 140), id: 'right', supersedes: wrong.id, recordedAt: '2026-03-16T11:00:00Z' };
  expect(ask(155, { readings: [wrong, right] })).toBeNull();
  const two = [at('A1', '2026-03-16', 140), at('A1', '2026-03-16', 60, '2')];
  expect(ask(70, { readings: two, plants: 2 }, '2')).toBeNull();
  expect(ask(70, { readings: two, plants: 2 }, '1')).not.toBeNull();
});

test('a day that cannot be and the sowing day itself are asked about first', () => {
  expect(ask(50, {}, '1', '2026-03-02')?.kind).toBe('before-sowing');
  expect(ask(50, {}, '1', '2026-03-20')?.kind).toBe('in-the-future');
  expect(ask(50, {}, '1', '2026-03-03')?.kind).toBe('sowing-day');
});

test('a plant that was not up at the last check cannot be tall already', () => {
  const readings = [at('A1', '2026-03-16')];
  expect(ask(400, { readings })).not.toBeNull();
  expect(ask(12, { readings })).toBeNull();
});
