import { readLoggerCsv } from './readLogger';

test('a logger’s table is read; what cannot be is told by line', () => {
  const text = 'Time;Temp (°C);Light lux\n2026-03-19 14:30;21,5;900\n2026-03-19T15:30:00Z;95;\nyesterday;20;1\n';
  expect(readLoggerCsv(text, 'UTC')).toEqual({
    ok: true,
    thinnedBy: 1,
    readings: [
      { at: '2026-03-19T14:30:00.000Z', kind: 'temperature', value: 21.5 },
      { at: '2026-03-19T14:30:00.000Z', kind: 'light', value: 900 },
    ],
    skipped: [
      { line: 3, sentence: 'Temperature “95” is not between -40 and 70.' },
      { line: 4, sentence: '“yesterday” is not a time like 2026-03-19 14:30.' },
    ],
  });
  expect(readLoggerCsv('a;b\n1;2\n', 'UTC')).toMatchObject({
    ok: false,
    reason: expect.stringContaining('date and time') as string,
  });
  expect(readLoggerCsv('time;b\n1;2\n', 'UTC')).toMatchObject({
    ok: false,
    reason: expect.stringContaining('No column') as string,
  });
});

const read = (text: string, zone = 'Europe/Berlin', degrees: 'celsius' | 'fahrenheit' | null = null) => {
  const file = readLoggerCsv(text, zone, degrees);
  if (!file.ok) throw new Error(file.reason);
  return file.readings;
};

test.each([
  ['2026-03-19 14:30', '2026-03-19T13:30:00.000Z'],
  ['2026-03-19T14:30:15', '2026-03-19T13:30:15.000Z'],
  ['2026-03-19T14:30:00Z', '2026-03-19T14:30:00.000Z'],
  ['2026-03-19T14:30:00+0530', '2026-03-19T09:00:00.000Z'],
  ['19/03/2026 14:30', '2026-03-19T13:30:00.000Z'],
  ['3/19/2026 2:30 PM', '2026-03-19T13:30:00.000Z'],
  ['19.03.2026 14:30', '2026-03-19T13:30:00.000Z'],
  ['3/19/26 12:05 AM', '2026-03-18T23:05:00.000Z'],
  ['2026-07-01 08:00', '2026-07-01T06:00:00.000Z'],
])('a time written %s is that of the clock in the room', (stamp, at) => {
  expect(read(`time;temp °C\n${stamp};20\n`)).toEqual([{ at, kind: 'temperature', value: 20 }]);
});

test('an hour that comes twice is the first one; one that is left out is just after', () => {
  expect(read('time;temp °C\n2026-10-25 02:30;20\n')[0]!.at).toBe('2026-10-25T00:30:00.000Z');
  expect(read('time;temp °C\n2026-03-29 02:30;20\n')[0]!.at).toBe('2026-03-29T01:30:00.000Z');
});

test('°F is read where the heading or the teacher says so, and asked about where nobody does', () => {
  expect(read('time;Temp (°F)\n2026-03-19 14:30;68\n')[0]!.value).toBe(20);
  expect(read('time;temp\n2026-03-19 14:30;68\n', 'UTC', 'fahrenheit')[0]!.value).toBe(20);
  expect(readLoggerCsv('time;temp\n2026-03-19 14:30;68\n2026-03-19 15:30;70\n', 'UTC')).toMatchObject({
    ok: false,
    reason: expect.stringContaining('°F?') as string,
  });
});

test('letters that cannot be read are told, and a long record is thinned evenly', () => {
  expect(readLoggerCsv('time;temp \uFFFDC\n2026-03-19 14:30;20\n', 'UTC')).toMatchObject({ ok: false });
  const minute = (i: number) => new Date(Date.parse('2026-03-01T00:00:00Z') + i * 60_000).toISOString();
  const long = Array.from({ length: 15_000 }, (_, i) => `${minute(i)};20;500`).join('\n');
  const file = readLoggerCsv(`time;temp °C;lux\n${long}\n`, 'UTC');
  if (!file.ok) throw new Error(file.reason);
  expect([file.thinnedBy, file.readings.length]).toEqual([5, 6000]);
  expect(file.readings[2]!.at).toBe(minute(5));
});
