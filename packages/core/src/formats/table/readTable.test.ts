import fc from 'fast-check';
import { addDays } from '../../calendar/days';
import { choiceFound, type Finding, numberFound, valueOf } from '../../measures/finding';
import { asMeasure, newOwnMeasure, type OwnMeasure } from '../../measures/ownMeasure';
import { BUILT_IN } from '../../measures/registry';
import { READING_STATES } from '../../readings/reading';
import { guardCell, unguardCell } from '../csvCells';
import { exportTidyCsv } from '../export/findingsTable';
import { type TidyTable } from '../tidyTable';
import { type TableReading } from './columnMeaning';
import { guessReading } from './guessReading';
import { guessDateOrder, readDate } from './readDate';
import { decodeText, readCsvSheet } from './readCsvSheet';
import { readTable } from './readTable';
import { packSheet, unpackSheet } from './sheet';

const TODAY = '2026-04-20';

function readText(text: string, change: Partial<TableReading> = {}) {
  const read = readCsvSheet(text);
  if (!read.ok) throw new Error(read.reason);
  return readTable(read.sheet, { ...guessReading(read.sheet, TODAY), ...change });
}

const problems = (text: string, change?: Partial<TableReading>) =>
  readText(text, change).problems.map((p) => `${p.line}: ${p.sentence}`);

function wholly(text: string, change?: Partial<TableReading>): TidyTable {
  const { table, problems: found } = readText(text, change);
  expect(found).toEqual([]);
  return table;
}

test('reads a foreign file: semicolons, decimal commas, day-month dates, the control by name', () => {
  const text =
    'Pot;Treatment;Team;Date;Height (cm)\nP1;salt;Owls;21.03.2026;4,5\nP2;water;Owls;21.03.2026;9\nP1;salt;Owls;24.03.2026;dead\n';
  const table = wholly(text, { sownOn: '2026-03-10', control: 'water' });
  expect(table.treatments).toEqual([
    { code: 'A', label: 'water', control: true },
    { code: 'B', label: 'salt', control: false },
  ]);
  expect(table.units[0]).toEqual({ code: 'P1', treatment: 'B', block: 'Owls', seeds: 1, sownOn: '2026-03-10' });
  expect(table.readings.map((r) => [r.unit, r.day, r.state, valueOf(r, 'height')])).toEqual([
    ['P1', '2026-03-21', 'measured', 45],
    ['P2', '2026-03-21', 'measured', 90],
    ['P1', '2026-03-24', 'lost', null],
  ]);
});

test('counts days where there are no dates, and takes inches from the heading', () => {
  const table = wholly('cup,group,day,height in\nA1,control,9,2 1/2\nB1,salt,9,1¼\n', { sownOn: '2026-03-03' });
  expect(table.readings.map((r) => [r.day, valueOf(r, 'height')])).toEqual([
    ['2026-03-12', 63.5],
    ['2026-03-12', 31.75],
  ]);
});

test('every wrong row is listed with its line and reason', () => {
  const text =
    'unit,treatment,date,height\n"A\n1",water,2026-03-12,5\nB1,salt,2026-02-30,4\nB1,water,2026-03-12,4\nC1,sand,2026-03-01,3\nC2,sand,2026-03-12,3\nC3,,2026-03-12,2\nC4,sand,2026-03-12,tall\n';
  expect(problems(text, { sownOn: '2026-03-03' })).toEqual([
    expect.stringMatching(/^4: .*not a date/),
    expect.stringMatching(/^5: B1 has treatment “salt” on line 4/),
    expect.stringMatching(/^6: 2026-03-01 is before the sowing day/),
    expect.stringMatching(/^8: The treatment is empty/),
    expect.stringMatching(/^9: .*“tall” is not a length/),
  ]);
});

function sample(note: string): TidyTable {
  return {
    sownOn: '2026-03-03',
    days: 'dates',
    factor: '',
    design: null,
    treatments: [
      { code: 'A', label: 'no salt', control: true },
      { code: 'B', label: 'salt', control: false },
    ],
    units: [
      { code: 'A1', treatment: 'A', block: 'Kites', seeds: 3, sownOn: '2026-03-03' },
      { code: 'B1', treatment: 'B', block: null, seeds: 3, sownOn: '2026-03-03' },
    ],
    own: [],
    readings: [
      {
        unit: 'A1',
        plant: '1',
        day: '2026-03-09',
        state: 'measured',
        findings: [numberFound('height', 45, '4.5 cm'), numberFound('leaves', 1)],
        doubt: null,
        lostReason: null,
        note,
        recordedAt: '2026-03-09T09:00:00.000Z',
        key: 'r1',
        corrects: null,
      },
    ],
  };
}

test('no cell of an export can run as a formula, and the guard comes off again', () => {
  const runs = /^[\s\u00a0\ufeff\u200b]*[=+\-@＝＋－＠]/;
  for (const text of [
    '=1+1',
    '+2a',
    '-cmd',
    '@x',
    '\tx',
    '\n=1',
    ' =1',
    '\u00a0+1',
    '＝1',
    "'=x",
    "''",
    "' =x",
    'plain',
    "it's",
    "'tis",
    '-3',
  ]) {
    if (!/^-?\d+$/.test(text)) expect(guardCell(text)).not.toMatch(runs);
    expect(unguardCell(guardCell(text))).toBe(text);
  }
  // A number below nought runs nothing, and stays a number for whoever opens the file.
  expect(guardCell('-3')).toBe('-3');
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom("'", '=', '-', '+', '@', ' ', '\t', '\n', '＝', '1', 'a', '.') }), (text) => {
      expect(unguardCell(guardCell(text))).toBe(text);
      if (!/^[-+]?\d+([.,]\d+)?$/.test(text)) expect(guardCell(text)).not.toMatch(runs);
    }),
  );
  expect(exportTidyCsv(sample('=HYPERLINK("x")'))).toContain(`"'=HYPERLINK(""x"")"`);
});

const OWN: OwnMeasure[] = [
  { ...newOwnMeasure('own-1'), name: 'Mould', unit: 'spots', least: 0, most: 50, more: 'mouldier' },
  { ...newOwnMeasure('own-2'), name: 'Smell', quantity: 'grade', choices: ['none', 'some', 'much'], of: 'container' },
  { ...newOwnMeasure('own-3'), name: 'Stem girth', quantity: 'length' },
];
const EVERY = [...BUILT_IN, ...OWN.map(asMeasure)];

/** Anything that any measure can find. */
const finding = fc.constantFrom(...EVERY).chain((measure): fc.Arbitrary<Finding> => {
  if (measure.choices.length > 0) return fc.constantFrom(...measure.choices).map((c) => choiceFound(measure.code, c.code));
  const [low, high] = [(measure.least ?? 0) + 1, Math.min(99, measure.most ?? 99)];
  const whole = fc.integer({ min: low, max: high });
  const value = measure.quantity === 'count' || measure.quantity === 'count-of' ? whole : whole.map((n) => n - 1 / 8);
  return fc.tuple(value, fc.boolean()).map(([n, typed]) => numberFound(measure.code, n, typed ? `${n} as written` : null));
});

/** A file has its columns in one order; counts of leaves are tapped, never typed, and a height always says how. */
function inFileOrder(found: Finding[]): Finding[] {
  const place = (code: string) => ['height', 'leaves', ...EVERY.map((m) => m.code)].indexOf(code);
  return [...found]
    .sort((a, b) => place(a.measure) - place(b.measure))
    .map((f) => (f.measure === 'leaves' ? { ...f, typed: null } : f.measure === 'height' ? { ...f, typed: `${f.value} mm` } : f));
}

test('what goes out comes back whole: every measure, every state, corrections, states, notes with anything in them, untouched units', () => {
  const text = fc.string({
    unit: fc.constantFrom('a', ' ', '"', ',', ';', '\n', '=', "'", '-', '@', 'é', '½', '|'),
    minLength: 1,
    maxLength: 12,
  });
  const label = text.filter((t) => t.trim() === t);
  const reading = fc.record({
    state: fc.constantFrom(...READING_STATES),
    found: fc.uniqueArray(finding, { selector: (f) => f.measure, minLength: 1, maxLength: 6 }),
    asked: fc.option(fc.constantFrom(null, 'wilted' as const)),
    note: fc.option(text),
    correct: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(reading, { maxLength: 12 }), label, label, (drawn, block, name) => {
      const units = Array.from({ length: 5 }, (_, i) => ({
        code: `${'AB'[i % 2]}${i}`,
        treatment: 'AB'[i % 2]!,
        block: i === 4 ? null : block,
        seeds: i + 1,
        sownOn: addDays('2026-03-01', i),
      }));
      const readings = drawn.map((d, i) => ({
        unit: units[i % 4]!.code,
        plant: '1',
        day: addDays('2026-03-08', Math.floor(i / 4)),
        state: d.state,
        findings: d.state === 'measured' ? inFileOrder(d.found) : [],
        doubt: d.state === 'measured' && d.asked !== null ? { kind: 'shrank' as const, answer: d.asked, secondMm: 31.5 } : null,
        lostReason: d.state === 'lost' ? ('eaten' as const) : null,
        note: d.note,
        recordedAt: '2026-03-09T09:00:00.000Z',
        key: `r${i}`,
        corrects: d.correct && i > 0 ? `r${i - 1}` : null,
      }));
      const table: TidyTable = {
        sownOn: '2026-03-01',
        days: 'dates',
        factor: 'treatment',
        design: null,
        own: OWN,
        treatments: [
          { code: 'A', label: 'control', control: true },
          { code: 'B', label: name, control: false },
        ],
        units,
        readings,
      };
      const back = wholly(exportTidyCsv(table));
      const sorted = (t: TidyTable) => ({ ...t, own: [], units: [...t.units].sort((a, b) => (a.code < b.code ? -1 : 1)) });
      expect(sorted(back)).toEqual(sorted(table));
      const used = OWN.filter((m) => readings.some((r) => r.findings.some((f) => f.measure === m.code)));
      expect(back.own).toEqual(used);
    }),
    { numRuns: 150 },
  );
});

test('what was measured in pictures comes back as numbers; the pictures do not come with a table', () => {
  const table = sample('');
  const seen = { picture: 'p1', method: 'excess green, version 1', low: null, high: null };
  const counted = table.readings.map((r) =>
    r.state === 'measured' ? { ...r, findings: [{ ...numberFound('percent-green', 21.5), seen }] } : r,
  );
  const csv = exportTidyCsv({ ...table, readings: counted });
  expect(csv).toContain('excess green, version 1');
  const back = wholly(csv).readings.filter((r) => r.state === 'measured');
  expect(back.length).toBeGreaterThan(0);
  for (const r of back) expect(r.findings).toEqual([numberFound('percent-green', 21.5)]);
});

test('whatever stands in a table, it is read or told, and nothing breaks', () => {
  const cell = fc.constantFrom(
    '',
    ' ',
    '0',
    '3',
    '12,5',
    '4.1O',
    '2026-03-12',
    '31.02.2026',
    'salt',
    'water',
    'x'.repeat(300),
    '=1+1',
    'lost',
    '18/25',
    '-',
    '1e309',
    '٣',
    'NaN',
    '\u202e',
    '6 1/4 in',
    '"',
    'a\nb',
  );
  const head = fc.constantFrom(
    'pot',
    'treatment',
    'day',
    'date',
    'height (cm)',
    'leaves',
    'germinated',
    'sown',
    '',
    'Day 3',
    'Day 5',
    '12.03.2026',
    '7',
    'note',
    'dose',
    'mass mg',
    'own_measures',
    'state',
    'plant',
    'x',
  );
  fc.assert(
    fc.property(
      fc.array(head, { minLength: 2, maxLength: 8 }),
      fc.array(fc.array(cell, { minLength: 8, maxLength: 8 }), { minLength: 1, maxLength: 9 }),
      (heads, rows) => {
        const sheet = { headings: heads, rows: rows.map((r, i) => ({ line: i + 2, cells: r.slice(0, heads.length) })) };
        const reading = guessReading(sheet, TODAY);
        const { table, problems: told } = readTable(sheet, reading);
        const units = new Set(table.units.map((u) => u.code));
        if (table.units.length > 0) for (const r of table.readings) expect(units.has(r.unit)).toBe(true);
        for (const r of table.readings)
          for (const f of r.findings) expect(f.value === null || Number.isFinite(f.value)).toBe(true);
        for (const p of told) expect(p.sentence).toMatch(/[.?]$/);
        // What was sent is what was read.
        const sent = unpackSheet(packSheet(sheet));
        if (sent) expect(readTable(sent, reading).table).toEqual(table);
      },
    ),
    { numRuns: 300 },
  );
});

test.each([
  [['17.11.26'], 'day-month-year', '2026-11-17'],
  [['3/14/2026', '3/16/2026'], 'month-day-year', '2026-03-14'],
  [['01/03/2026', '02/03/2026', '05/03/2026'], 'day-month-year', '2026-03-01'],
  [['2026/3/4'], 'month-day-year', '2026-03-04'],
  [['26-03-14', '26-03-17'], 'year-month-day', '2026-03-14'],
  [['14 Mar 2026'], 'day-month-year', '2026-03-14'],
  [['Mar 14, 2026'], 'day-month-year', '2026-03-14'],
  [['Sat 14-Mar-26'], 'day-month-year', '2026-03-14'],
  [['2026-03-14 09:15'], 'day-month-year', '2026-03-14'],
] as const)('dates such as %j', (texts, order, first) => {
  expect(guessDateOrder(texts)).toBe(order);
  expect(readDate(texts[0], order)).toBe(first);
});

test.each([
  ['UTF-8 with its mark', [0xef, 0xbb, 0xbf, 0xc3, 0xa9]],
  ['UTF-8', [0xc3, 0xa9]],
  ['UTF-16, little end first', [0xff, 0xfe, 0xe9, 0x00]],
  ['UTF-16, big end first', [0xfe, 0xff, 0x00, 0xe9]],
  ['Windows', [0xe9, 0x0d, 0x0a]],
  ['an old Macintosh', [0x8e, 0x0d]],
])('text in %s', (_, bytes) => expect(decodeText(new Uint8Array(bytes)).replace(/[\r\n\uFEFF]/g, '')).toBe('é'));
