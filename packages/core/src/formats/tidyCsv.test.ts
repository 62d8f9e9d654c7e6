import fc from 'fast-check';
import { addDays } from '../calendar/days';
import { choiceFound, type Finding, numberFound, valueOf } from '../measures/finding';
import { asMeasure, newOwnMeasure, type OwnMeasure } from '../measures/ownMeasure';
import { BUILT_IN } from '../measures/registry';
import { READING_STATES } from '../readings/reading';
import { guardCell, unguardCell } from './csvCells';
import { exportTidyCsv } from './exportTidyCsv';
import { type ColumnMapping, guessMapping, readDate } from './columnMapping';
import { importTidyCsv } from './importTidyCsv';
import { readCsv } from './readCsv';
import { type TidyTable } from './tidyTable';

function importText(text: string, change: Partial<ColumnMapping> = {}) {
  const read = readCsv(text);
  if (!read.ok) throw new Error(read.reason);
  return importTidyCsv(read.csv, { ...guessMapping(read.csv), ...change });
}

const problems = (text: string, change?: Partial<ColumnMapping>) => {
  const result = importText(text, change);
  if (result.ok) throw new Error('nothing was refused');
  return result.problems.map((p) => `${p.line}: ${p.sentence}`);
};

test('reads a foreign file: semicolons, decimal commas, day-month dates, the control by name', () => {
  const text =
    'Pot;Treatment;Team;Date;Height (cm)\nP1;salt;Owls;21.03.2026;4,5\nP2;water;Owls;21.03.2026;9\nP1;salt;Owls;24.03.2026;dead\n';
  const result = importText(text, { sownOn: '2026-03-10', control: 'water' });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  expect(result.table.treatments).toEqual([
    { code: 'A', label: 'water', control: true },
    { code: 'B', label: 'salt', control: false },
  ]);
  expect(result.table.units[0]).toEqual({ code: 'P1', treatment: 'B', block: 'Owls', seeds: 1, sownOn: '2026-03-10' });
  expect(result.table.readings.map((r) => [r.unit, r.day, r.state, valueOf(r, 'height')])).toEqual([
    ['P1', '2026-03-21', 'measured', 45],
    ['P2', '2026-03-21', 'measured', 90],
    ['P1', '2026-03-24', 'lost', null],
  ]);
});

test('counts days where there are no dates, and takes inches from the heading', () => {
  const result = importText('cup,group,day,height in\nA1,control,9,2 1/2\nB1,salt,9,1¼\n', { sownOn: '2026-03-03' });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  expect(result.table.readings.map((r) => [r.day, valueOf(r, 'height')])).toEqual([
    ['2026-03-12', 63.5],
    ['2026-03-12', 31.75],
  ]);
});

test('every wrong row is listed with its line and reason, and nothing comes in', () => {
  const text =
    'unit,treatment,date,height\n"A\n1",water,2026-03-12,5\nB1,salt,2026-02-30,4\nB1,water,2026-03-12,4\nC1,sand,2026-03-01,3\nC2,sand,2026-03-12,0\nC3,,2026-03-12,2\nC4,sand,2026-03-12,tall\n';
  expect(problems(text, { sownOn: '2026-03-03' })).toEqual([
    expect.stringMatching(/^4: .*not a date/),
    expect.stringMatching(/^5: B1 has treatment “salt” on line 4/),
    expect.stringMatching(/^6: 2026-03-01 is before the sowing day/),
    expect.stringMatching(/^7: A height of 0/),
    expect.stringMatching(/^8: The treatment of C3 is empty/),
    expect.stringMatching(/^9: “tall” is not a length/),
  ]);
});

test('two readings of one cup on one day need a plant column', () => {
  const text = 'unit,treatment,day,height\nA1,water,3,5\nA1,water,3,6\nB1,salt,3,2\n';
  expect(problems(text, { sownOn: '2026-03-03' })[0]).toMatch(/^3: A1 already has a reading .* on line 2/);
  expect(
    importText(text.replace('height', 'height,plant').replace('5\n', '5,a\n').replace('6\n', '6,b\n').replace('2\n', '2,a\n'), {
      sownOn: '2026-03-03',
    }).ok,
  ).toBe(true);
});

test.each([
  ['unit,height\nA,1\n', /treatment/],
  ['unit,treatment,height\nA,x,1\n', /date or with the day/],
  ['unit,treatment,day,height\nA1,water,3,5\n', /sown/],
])('asks for what is missing', (text, reason) => expect(problems(text)[0]).toMatch(reason));

test('refuses files that are no table', () => {
  expect(readCsv('hello')).toMatchObject({ ok: false });
  expect(readCsv('unit,height\n')).toMatchObject({ ok: false, reason: expect.stringContaining('no row') });
  expect(readCsv('a,a\n1,2\n')).toMatchObject({ ok: false, reason: expect.stringContaining('same heading') });
  expect(readCsv('a,b\n"1,2\n')).toMatchObject({ ok: false, reason: expect.stringContaining('quotation mark') });
});

test('reads dates in the order told and refuses days that do not exist', () => {
  expect(readDate('4/5/2026', 'day-month-year')).toBe('2026-05-04');
  expect(readDate('4/5/26', 'month-day-year')).toBe('2026-04-05');
  expect(readDate('31.04.2026', 'day-month-year')).toBeNull();
});

test('no cell of an export can run as a formula, and the guard comes off again', () => {
  for (const text of ['=1+1', '+2', '-3', '@x', '\tx', "'=x", "''", 'plain', "it's", "'tis"]) {
    expect(guardCell(text)).not.toMatch(/^[=+\-@\t\r]/);
    expect(unguardCell(guardCell(text))).toBe(text);
  }
  expect(exportTidyCsv(sample('=HYPERLINK("x")'))).toContain(`"'=HYPERLINK(""x"")"`);
});

function sample(note: string): TidyTable {
  return {
    sownOn: '2026-03-03',
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
        own: OWN,
        treatments: [
          { code: 'A', label: 'control', control: true },
          { code: 'B', label: name, control: false },
        ],
        units,
        readings,
      };
      const back = importText(exportTidyCsv(table));
      if (!back.ok) throw new Error(JSON.stringify(back.problems));
      const sorted = (t: TidyTable) => ({ ...t, own: [], units: [...t.units].sort((a, b) => (a.code < b.code ? -1 : 1)) });
      expect(sorted(back.table)).toEqual(sorted(table));
      const used = OWN.filter((m) => readings.some((r) => r.findings.some((f) => f.measure === m.code)));
      expect(back.table.own).toEqual(used);
    }),
    { numRuns: 150 },
  );
});
