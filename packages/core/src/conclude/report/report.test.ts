import { reading, recordsOf } from '../../../test/records';
import { arrangementText, readArrangement, REPORT_PARTS, withPartMoved, withPartOut } from './arrangement';
import { goalsReached, tallestSoFar } from './certificate';
import { type ReportFacts, reportSections } from './report';

const FACTS: ReportFacts = {
  team: null,
  className: '7 Copper',
  question: 'Does road salt reach the hedge?',
  kind: 'barley',
  container: 'cup',
  methodName: 'Cup of soil',
  sownOn: '2026-03-03',
  staggered: false,
  days: ['2026-03-09', '2026-03-12'],
  factor: 'salt',
  treatments: [
    { code: 'A', label: 'no salt', control: true, containers: 7, seeds: [3, 3] },
    { code: 'B', label: '25 mmol/L', control: false, containers: 7, seeds: [3, 4] },
  ],
  planned: true,
  split: 'every team has one of each.',
  steps: ['Fill the cups', 'Sow'],
  expected: ['Kites: the first on day 6; it came between day 3 and day 6.'],
  deviations: ['B3: one seed more'],
  lost: ['B2 was knocked over (day 9)'],
  slips: ['A7 on day 9: 0.8 cm became 8.0 cm'],
  blanks: [],
  exceptions: ['The cups stood apart.'],
  records: { head: ['', 'day 6', 'day 9'], rows: [['A', '1.2', '3.4']], caption: 'Means in cm.' },
  figureCaption: 'Height on day 9.',
  courseCaption: 'Means over the days.',
  found: { finding: 'These cups cannot tell yet.', tooFew: null, evidence: '13 cups measured.', limits: [] },
  claims: [{ team: 'Kites', text: 'With salt barley was shorter.', saw: ['A: 9.1 cm'], because: 'Roots dry.', asked: [] }],
  causes: [{ asks: 'A better place?', says: 'No slope stands out.' }],
  next: [{ what: '12 cups of each instead of 7', why: 'So many would show it.' }],
};

const usual = readArrangement('');

test('a report has its parts in order, and says what the records say', () => {
  const sections = reportSections(FACTS, usual);
  expect(sections.map((s) => s.part)).toEqual([...REPORT_PARTS]);
  const text = JSON.stringify(sections);
  for (const said of [
    '"figure":"course"',
    '7 Copper',
    '“no salt” is the control',
    '3 to 4',
    'Checked on 2 days: 6, 9 days after sowing',
    'B3: one seed more',
  ])
    expect(text).toContain(said);
  expect(text).not.toMatch(/undefined|NaN|prove/);
});

test('of all treated alike, of nothing that went differently and of no claim it says that', () => {
  const bare = {
    ...FACTS,
    treatments: FACTS.treatments.slice(0, 1),
    deviations: [],
    lost: [],
    slips: [],
    exceptions: [],
    claims: [],
    found: null,
  };
  const text = JSON.stringify(reportSections(bare, usual));
  expect(text).toContain('All were treated alike.');
  expect(text).toContain('Nothing went differently');
  expect(text).toContain('"kind":"lines"');
  // Of records from a file nobody knows where each stood, nor how many seeds it got.
  const imported = JSON.stringify(reportSections({ ...FACTS, planned: false }, usual));
  expect(imported).not.toContain('"tray"');
  expect(imported).not.toContain('Seeds in each');
  const empty = { ...bare, records: { head: [], rows: [], caption: '' }, causes: [], next: [], expected: [] };
  expect(reportSections(empty, usual).map((s) => s.part)).not.toContain('records');
});

test('parts are left out, moved, and come back as they were kept; parts that came later stand in their usual place', () => {
  const moved = withPartMoved(withPartOut(usual, 'tray'), 'claim', -1);
  expect(readArrangement(arrangementText(moved))).toEqual(moved);
  const parts = reportSections(FACTS, moved).map((s) => s.part);
  expect(parts).not.toContain('tray');
  expect(parts.indexOf('claim')).toBe(parts.indexOf('figure') - 1);
  expect(readArrangement('question,-plan,claim,dance').order).toEqual([
    'question',
    'expected',
    'plan',
    'tray',
    'method',
    'records',
    'figure',
    'claim',
    'other',
    'wrong',
    'next',
  ]);
  expect(withPartMoved(usual, 'question', -1)).toEqual(usual);
  expect(withPartOut(withPartOut(usual, 'tray'), 'tray')).toEqual(usual);
});

test('a goal is reached by the first reading that shows it, and never by one that is in doubt', () => {
  const { containers } = recordsOf({ A: [1, 1], B: [1] });
  const look = (containerId: string, day: string, heightMm: number, part = {}) =>
    reading({ id: `${containerId} ${day}`, containerId, day, heightMm, ...part });
  const readings = [
    look('A1', '2026-03-09', 40),
    look('A1', '2026-03-12', 101),
    look('A1', '2026-03-16', 140),
    look('A2', '2026-03-12', 100),
    look('B1', '2026-03-12', 254, { doubt: { kind: 'jump', answer: null, secondMm: null } }),
  ];
  const found = goalsReached(containers, readings, [{ id: 'g', words: 'our mug', mm: 100 }]);
  expect(found.map((f) => [f.container.code, f.day, f.days, f.mm])).toEqual([
    ['A1', '2026-03-12', 9, 101],
    ['A2', '2026-03-12', 9, 100],
  ]);
  expect(found[0]!.checks).toEqual([
    { dayNumber: 6, mm: 40 },
    { dayNumber: 9, mm: 101 },
  ]);
  expect(goalsReached(containers, readings, [{ id: 'h', words: 'our door', mm: 2000 }])).toEqual([]);
  expect([tallestSoFar(readings), tallestSoFar([])]).toEqual([254, null]);
});
