import { HEIGHT, reading } from '../../test/records';
import { growthLines } from './growthLines';

const at = (containerId: string, day: string, heightMm: number | null, plant = '1') =>
  reading({
    containerId,
    day,
    plant,
    heightMm,
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
  expect(
    growthLines(
      containers.map((c) => ({ ...c, seedsSown: 2 })),
      readings,
      HEIGHT,
    ),
  ).toEqual([
    { containerId: 'A1', points: [{ dayNumber: 9, value: 40 }] },
    {
      containerId: 'B1',
      points: [
        { dayNumber: 6, value: 20 },
        { dayNumber: 10, value: 60 },
      ],
    },
  ]);
});
