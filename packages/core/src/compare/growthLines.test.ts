import { reading } from '../../test/records';
import { growthLines } from './growthLines';

const at = (containerId: string, day: string, valueMm: number | null, plant = '1') =>
  reading({
    containerId,
    day,
    plant,
    valueMm,
    state: valueMm === null ? 'not-up' : 'measured',
    id: `${containerId}${day}${plant}`,
    recordedAt: `${day}T10:00:00Z`,
  });

test('each container has its own days since sowing; a day without a height is no point, and plants are averaged', () => {
  const containers = [
    { id: 'A1', sownOn: '2026-03-03' },
    { id: 'B1', sownOn: '2026-03-06' },
    { id: 'C1', sownOn: '2026-03-03' },
  ];
  const readings = [
    at('A1', '2026-03-09', null),
    at('A1', '2026-03-12', 30),
    at('A1', '2026-03-12', 50, '2'),
    at('B1', '2026-03-12', 20),
    at('B1', '2026-03-16', 60),
    at('C1', '2026-03-16', null),
  ];
  expect(growthLines(containers, readings)).toEqual([
    { containerId: 'A1', points: [{ dayNumber: 9, heightMm: 40 }] },
    {
      containerId: 'B1',
      points: [
        { dayNumber: 6, heightMm: 20 },
        { dayNumber: 10, heightMm: 60 },
      ],
    },
  ]);
});
