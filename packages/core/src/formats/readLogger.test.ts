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

test.each(['24:00', '12:60', '12:30:60'])('%s is no time of a clock, one less is', (clock) => {
  expect(read(`time;temp °C\n2026-03-19 ${clock};20\n`)).toEqual([]);
  const [last, ...before] = clock.split(':').reverse();
  const earlier = clock === '24:00' ? '23:59' : [...before.reverse(), String(Number(last) - 1)].join(':');
  expect(read(`time;temp °C\n2026-03-19 ${earlier};20\n`)).toHaveLength(1);
});

test.each(['2026-02-30 12:00', '2026-03-19T12:00:00+99:99', '12:00', '2026-03-19'])('%s is no moment', (stamp) => {
  expect(readLoggerCsv(`time;temp °C\n${stamp};20\n`, 'UTC')).toMatchObject({ ok: true, readings: [], skipped: [{ line: 2 }] });
});

test('a temperature from −40 to 70 °C can be, none beyond; no light below nothing; what is no number is told', () => {
  const text =
    'temp °C;time;lux\n-40;2026-03-19 14:00;0\n-41;2026-03-19 14:10;-1\n 70 ; 2026-03-19 14:20 ;5\n71;2026-03-19 14:30;much\n';
  const file = readLoggerCsv(text, 'UTC');
  if (!file.ok) throw new Error(file.reason);
  expect(file.readings.map((r) => r.value)).toEqual([-40, 0, 70, 5]);
  expect(file.skipped.map((s) => s.line)).toEqual([3, 3, 5, 5]);
});

test('only temperatures are asked about for °F, from more than 45 for half of the time; a zero is no reading of them', () => {
  const of = (head: string, ...values: number[]) =>
    readLoggerCsv(`time;${head}\n${values.map((v, i) => `2026-03-19 1${i}:00;${v}`).join('\n')}\n`, 'UTC').ok;
  expect(of('lux', 900, 900)).toBe(true);
  expect(of('temp', 45, 45)).toBe(true);
  expect(of('temp', 46, 46)).toBe(false);
  expect(of('temp', 0, 0, 0, 68, 68)).toBe(false);
  expect(of('temp', 0, 0)).toBe(true);
});

test('a heading that names a time and a measure is the time; °F converts temperatures alone', () => {
  expect(read('temperature time;lux\n2026-03-19 14:30;500\n', 'UTC', 'fahrenheit')).toEqual([
    { at: '2026-03-19T14:30:00.000Z', kind: 'light', value: 500 },
  ]);
});

test('a record of a single kind is thinned evenly too; what is no table says so', () => {
  const minute = (i: number) => new Date(Date.parse('2026-03-01T00:00:00Z') + i * 60_000).toISOString();
  const file = readLoggerCsv(`time;temp °C\n${Array.from({ length: 6001 }, (_, i) => `${minute(i)};20`).join('\n')}\n`, 'UTC');
  if (!file.ok) throw new Error(file.reason);
  expect([file.thinnedBy, file.readings[1]!.at]).toEqual([2, minute(2)]);
  expect(readLoggerCsv('', 'UTC').ok).toBe(false);
});
