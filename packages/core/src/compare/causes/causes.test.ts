import { HEIGHT, heightsOn, reading, recordsOf } from '../../../test/records';
import { causeWords } from '../../claims/causeWords';
import { type Reading } from '../../readings/reading';
import { groupsOf } from '../groups';
import { type Question } from '../question';
import { type ComparedRecords } from '../records';
import { shownOf } from '../shown';
import { surenessOf } from '../sureness';
import { type Cause, type CauseFacts } from './cause';
import { causesOf } from './causes';

const DAY = '2026-03-19';

function causes(records: ComparedRecords, part: Partial<Question> = {}, facts: Partial<CauseFacts> = {}): Cause[] {
  const question = heightsOn(DAY, part);
  const groups = groupsOf(records, HEIGHT, question);
  return causesOf({
    groups,
    records,
    question,
    measure: HEIGHT,
    design: null,
    sureness: surenessOf(groups, question, null, { seed: 1, draws: 200 }),
    until: DAY,
    positions: new Map(records.containers.map((c, i) => [c.id, i])),
    split: { code: 'complete', each: 1 },
    deviations: [],
    exceptions: [],
    room: [],
    coldBelow: 7,
    ...facts,
  });
}

const find = <C extends Cause['code']>(all: Cause[], code: C) =>
  all.find((c): c is Extract<Cause, { code: C }> => c.code === code);
const words = (cause: Cause, between: Question['between'] = 'treatments') =>
  causeWords(cause, {
    joined: 'with',
    question: heightsOn(DAY, { between }),
    container: 'pot',
    kind: 'barley',
    shown: shownOf({ follow: 'value', reach: '' }, HEIGHT, 'mm', { container: 'pot', seeds: false }),
  });

const row = (start: number, shift = (i: number) => 0 * i) =>
  [0, 1, 2, 3, 4, 5, 6].map((i) => start + 5 * Math.sin(1.3 * i + start) + shift(i));
const QUIET = recordsOf({ A: row(140), B: row(120) });

test('where nothing stands out each says what was looked up, and what is worth a question stands first', () => {
  const all = causes(QUIET);
  expect(all.map((c) => c.verdict)).toEqual(
    [...all.map((c) => c.verdict)].sort((a, b) => ['ask', 'unknown', 'fine'].indexOf(a) - ['ask', 'unknown', 'fine'].indexOf(b)),
  );
  expect(find(all, 'losses')).toMatchObject({ verdict: 'fine', uneven: false });
  expect(find(all, 'looks')).toMatchObject({ verdict: 'fine', missing: [] });
  expect(find(all, 'teams-alike')).toMatchObject({ verdict: 'fine' });
  expect(find(all, 'room-unknown')).toMatchObject({ verdict: 'unknown' });
  expect(words(find(all, 'lot')!).says).toBe('Drawn by lot.');
});

test('a slope across the tray is found in what treatment and team leave', () => {
  // Four of each team, two rows; the row at the window is 12 mm higher.
  const records = recordsOf({ A: row(140), B: row(130), C: row(120), D: row(110) });
  const place = new Map(records.containers.map((c, i) => [c.id, 4 * (i % 7) + ((Math.floor(i / 7) + (i % 7)) % 4)]));
  const lifted = {
    ...records,
    readings: records.readings.map((r) =>
      place.get(r.containerId)! % 4 < 2 ? { ...r, findings: r.findings.map((f) => ({ ...f, value: f.value! + 12 })) } : r,
    ),
  };
  expect(find(causes(records, {}, { positions: place }), 'place')).toMatchObject({ verdict: 'fine' });
  const found = find(causes(lifted, {}, { positions: place }), 'place')!;
  expect(found).toMatchObject({ verdict: 'ask', along: 'row' });
  expect(found.difference).toBeLessThan(-8);
  expect(words(found).says).toMatch(/between the window row and the other; luck does that less than once in 1,000\. /);
});

test('a team that reads high has its offset with an interval, and stays out of the differences', () => {
  const records = recordsOf({
    A: row(140, (i) => (i === 3 ? 30 : 0)),
    B: row(120, (i) => (i === 3 ? 30 : 0)),
    C: row(110, (i) => (i === 3 ? 30 : 0)),
  });
  const team = find(causes(records), 'team')!;
  expect(team).toMatchObject({ verdict: 'ask', team: 'team 4' });
  expect(team.low).toBeGreaterThan(0);
  expect(words(team).says).toMatch(/^team 4: \+[23]\.\d cm against the other teams/);
});

test('unequal losses have their counts and a switch, survivors theirs', () => {
  const gone = ['B1', 'B2', 'B3'].map((id) =>
    reading({ containerId: id, id: `gone ${id}`, state: 'lost', lostReason: 'died', recordedAt: '2026-03-19T11:00:00Z' }),
  );
  const before = QUIET.readings.map((r) => (['B1', 'B2', 'B3'].includes(r.containerId) ? { ...r, day: '2026-03-17' } : r));
  const losses = find(causes({ ...QUIET, readings: [...before, ...gone] }), 'losses')!;
  expect(losses).toMatchObject({ verdict: 'ask', uneven: true, change: { afterLoss: 'carry' } });
  expect(words(losses)).toMatchObject({
    says: 'Lost: 3 of 7 with salt B. What is measured may be the stronger ones.',
    press: 'Count the lost as last seen',
  });
  const late = recordsOf({ A: row(140), B: [...row(120).slice(0, 4), null, null, null] });
  const survivors = find(causes(late), 'survivors')!;
  expect(survivors).toMatchObject({ verdict: 'ask', change: { beforeSprouting: 'zero' } });
  expect(words(survivors).says).toMatch(/^In no mean, since not up: 3 of 7 with salt B/);
  const byTeam = find(causes(late, { between: 'teams' }), 'survivors')!;
  expect(words(byTeam, 'teams').says).toMatch(
    /^In no mean, since not up: 1 of 2 \(team 5\), 1 of 2 \(team 6\) and 1 of 2 \(team 7\)\./,
  );
});

test('who was not looked at is named; treatments looked at unequally often are said', () => {
  const missing = { ...QUIET, readings: QUIET.readings.filter((r) => r.containerId !== 'B2') };
  expect(words(find(causes(missing), 'looks')!).says).toBe('Nobody checked B2 here.');
  const earlier = QUIET.readings
    .filter((r) => r.containerId.startsWith('A'))
    .flatMap((r): Reading[] => ['2026-03-12', '2026-03-14'].map((day) => ({ ...r, id: `${r.id} ${day}`, day })));
  expect(find(causes({ ...QUIET, readings: [...earlier, ...QUIET.readings] }), 'looks')).toMatchObject({
    verdict: 'ask',
    uneven: true,
  });
});

test('a question that is open can be left out; sowing day, exceptions and the room are told', () => {
  const doubtful = {
    ...QUIET,
    readings: QUIET.readings.map((r) =>
      r.containerId === 'A3' ? { ...r, doubt: { kind: 'jump' as never, answer: null, secondMm: null } } : r,
    ),
  };
  const all = causes(
    doubtful,
    {},
    {
      deviations: [{ containerId: 'B4', words: 'a seed too many' }],
      exceptions: ['All of B stood by the door.'],
      room: [
        { day: '2026-03-08', low: 14, high: 21 },
        { day: '2026-03-15', low: 4, high: 18 },
      ],
    },
  );
  expect(words(find(all, 'doubts')!)).toEqual({
    asks: 'A slip at the bench?',
    says: 'A question about a reading is still open: A3.',
    press: 'See it without them',
  });
  expect(words(find(all, 'sowing')!).says).toBe('B4 (a seed too many): not in all treatments.');
  expect(words(find(all, 'exception')!).says).toBe('All of B stood by the door.');
  expect(words(find(all, 'room')!).says).toMatch(/^Down to 4 °C on Sun 15 March, a weekend: cold for barley/);
});

test('unequal ages on one day are asked about, and can be put to one age', () => {
  const records = {
    ...QUIET,
    containers: QUIET.containers.map((c) => (c.treatment === 'B' ? { ...c, sownOn: '2026-03-08' } : c)),
  };
  const ages = find(causes(records), 'ages')!;
  expect(ages).toMatchObject({ youngest: 11, oldest: 16, change: { when: { kind: 'age', age: 11 } } });
  expect(words(ages).press).toBe('Compare all at 11 days old');
  expect(find(causes(records, { when: { kind: 'age', age: 11 } }), 'ages')).toBeUndefined();
});

test('what came up over a weekend is a span, and no Monday', () => {
  const readings = QUIET.containers.flatMap((c, i) =>
    ['2026-03-13', '2026-03-16'].map((day, d) =>
      reading({ id: `${c.id} ${day}`, containerId: c.id, day, heightMm: d === 1 || i % 3 === 0 ? 20 : null }),
    ),
  );
  const gaps = find(causes({ ...QUIET, readings }, { follow: 'sprouted', when: { kind: 'course' } }), 'gaps')!;
  expect(gaps.longest).toBe(10);
  expect(words(gaps).says).toMatch(
    /only know that the day is between two checks, up to 10 days apart. They are counted as spans, not as Mondays/,
  );
});

test('a treatment that shares no team with the rest cannot be told from its team', () => {
  const apart = { ...QUIET, containers: QUIET.containers.map((c) => ({ ...c, block: c.treatment === 'A' ? 'Kites' : 'Bells' })) };
  const three = recordsOf({ A: row(140), B: row(120), C: row(100) });
  const alone = { ...three, containers: three.containers.map((c) => (c.treatment === 'C' ? { ...c, block: 'elsewhere' } : c)) };
  expect(words(find(causes(alone), 'apart')!).says).toMatch(/^salt C: no team has it beside what it is compared with/);
  const question = heightsOn(DAY);
  const none = surenessOf(groupsOf(apart, HEIGHT, question), question, null);
  expect(none).toMatchObject({ ok: false, reason: expect.stringContaining('nothing tells it apart from the teams') as string });
  const teams = heightsOn(DAY, { between: 'teams' });
  expect(surenessOf(groupsOf(apart, HEIGHT, teams), teams, null)).toMatchObject({
    ok: false,
    reason: 'No treatment is with two teams, so nothing tells the teams apart from their treatments.',
  });
});
