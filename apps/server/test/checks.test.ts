import { CHOSEN_DAY_CODES } from '@bright-sprout/contracts/dayCodes';
import { heightOf } from '@bright-sprout/core/measures/finding';
import { msNow } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { addDays } from '@bright-sprout/core/calendar/days';
import { v7 } from 'uuid';
import {
  checkOf,
  type Device,
  device,
  joined,
  ownContainers,
  PASSWORD,
  signedInTeacher,
  startApplication,
  startClass,
  type TestApplication,
} from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;
let kites: Device;
let containers: { id: string; code: string }[];

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
  kites = await joined(application, world.group, 'kite');
  containers = await ownContainers(kites);
});
afterAll(() => application.close());

interface StoredReading {
  id: string;
  containerId: string;
  findings: { measure: string; value: number | null; choice: string | null; typed: string | null }[];
  supersedes: string | null;
  state: string;
}

const readings = async () =>
  ((await world.teacher.get(`/investigations/${world.investigationId}`).expect(200)).body as { readings: StoredReading[] })
    .readings;

test('a check is saved once, however often and however fast it is sent', async () => {
  const id = v7();
  const check = checkOf(containers[0]!.id, { typed: '16,5 cm', leaves: 2, note: 'a little yellow' });
  const answers = await Promise.all(Array.from({ length: 6 }, () => kites.put(`/bench/checks/${id}`, check)));
  expect(answers.map((a) => a.status)).toEqual([200, 200, 200, 200, 200, 200]);
  expect(new Set(answers.map((a) => a.body.id as string))).toEqual(new Set([id]));
  const stored = (await readings()).filter((r) => r.containerId === containers[0]!.id);
  expect(stored).toHaveLength(1);
  expect(stored[0]).toMatchObject({
    state: 'measured',
    findings: [
      { measure: 'height', value: 165, choice: null, typed: '16,5 cm' },
      { measure: 'leaves', value: 2, choice: null, typed: null },
    ],
  });
});

test('the same id with other readings is refused, and the first stays', async () => {
  const id = v7();
  await kites.put(`/bench/checks/${id}`, checkOf(containers[1]!.id)).expect(200);
  const answer = await kites.put(`/bench/checks/${id}`, checkOf(containers[1]!.id, { typed: '9 cm' })).expect(409);
  expect(answer.body.detail).toMatch(/The saved one stays/);
});

test('a correction keeps what it corrects', async () => {
  const before = (await readings()).find((r) => r.containerId === containers[0]!.id)!;
  await kites.put(`/bench/checks/${v7()}`, checkOf(containers[0]!.id, { typed: '6.5 cm', supersedes: before.id })).expect(200);
  const after = (await readings()).filter((r) => r.containerId === containers[0]!.id);
  expect(after.map((r) => [heightOf(r), r.supersedes])).toEqual([
    [165, null],
    [65, before.id],
  ]);
});

test.each([
  [{ typed: '0 cm' }, {}, /more than 0/],
  [{ typed: '12' }, {}, /centimetres, millimetres or inches/],
  [{ typed: '20 m' }, {}, /at most 10 metres/],
  [{ state: 'lost', typed: null }, {}, /why the plant was lost/],
  [{}, { day: '2001-01-01' }, /before the seeds were sown/],
  [{}, { day: '2999-01-01' }, /not come yet/],
  [{}, { day: '2026-02-31' }, /not a day in the calendar/],
])('what cannot be is refused in words: %j %j', async (reading, change, sentence) => {
  const answer = await kites.put(`/bench/checks/${v7()}`, checkOf(containers[1]!.id, reading, change)).expect(422);
  expect(answer.body.detail).toMatch(sentence);
});

test('not up, lost and could not check are stored as states without a number', async () => {
  for (const state of ['not-up', 'not-checked'] as const)
    await kites.put(`/bench/checks/${v7()}`, checkOf(containers[1]!.id, { state, typed: null })).expect(200);
  await kites
    .put(`/bench/checks/${v7()}`, checkOf(containers[1]!.id, { state: 'lost', typed: null, lostReason: 'eaten' }))
    .expect(200);
  const stored = (await readings()).filter((r) => r.containerId === containers[1]!.id && r.state !== 'measured');
  expect(stored.map((r) => [r.state, r.findings.length])).toEqual([
    ['not-up', 0],
    ['not-checked', 0],
    ['lost', 0],
  ]);
});

test('the database itself refuses findings that are none: no height of 0, no number beside a state, nothing twice', async () => {
  const query = (sql: string, values: unknown[]) => application.dataSource.query(sql, values);
  const [check] = (await query('SELECT id FROM plant_check LIMIT 1', [])) as { id: string }[];
  const reading = async (state: string) => {
    const id = v7();
    await query('INSERT INTO reading (id, check_id, plant, state) VALUES (?, ?, ?, ?)', [id, check!.id, '1', state]);
    return id;
  };
  const find = (id: string, measure: string, value: number | null, choice: string | null = null) =>
    query('INSERT INTO finding (reading_id, measure, value, choice) VALUES (?, ?, ?, ?)', [id, measure, value, choice]);
  await expect(reading('asleep')).rejects.toThrow(/CONSTRAINT/);
  const [measured, notUp] = [await reading('measured'), await reading('not-up')];
  await expect(find(measured, 'height', 0)).rejects.toThrow(/CONSTRAINT/);
  await expect(find(measured, 'leaves', null)).rejects.toThrow(/CONSTRAINT/);
  await expect(find(measured, 'vigour', 3, 'good')).rejects.toThrow(/CONSTRAINT/);
  await expect(find(notUp, 'height', 12)).rejects.toThrow(/foreign key/);
  await find(measured, 'leaves', 0);
  await expect(find(measured, 'leaves', 1)).rejects.toThrow(/Duplicate/);
  await query('DELETE FROM reading WHERE id IN (?, ?)', [measured, notUp]);
});

test('a finished investigation takes no more checks, and takes them again when it is opened', async () => {
  const { body } = await world.teacher.get(`/investigations/${world.investigationId}`);
  const closed = await world.teacher
    .patch(`/investigations/${world.investigationId}`, { version: body.investigation.version, phase: 'finished' })
    .expect(200);
  await kites.put(`/bench/checks/${v7()}`, checkOf(containers[0]!.id)).expect(422);
  await world.teacher
    .patch(`/investigations/${world.investigationId}`, { version: closed.body.version, phase: 'growing' })
    .expect(200);
  await kites.put(`/bench/checks/${v7()}`, checkOf(containers[0]!.id)).expect(200);
});

test('a change made on an old version is told so, with what is stored now', async () => {
  const { body } = await world.teacher.get(`/investigations/${world.investigationId}`);
  const { version } = body.investigation as { version: number };
  await world.teacher
    .patch(`/investigations/${world.investigationId}`, { version, question: 'Does salt keep barley shorter?' })
    .expect(200);
  const late = await world.teacher
    .patch(`/investigations/${world.investigationId}`, { version, question: 'Is barley afraid of salt?' })
    .expect(409);
  expect(late.body.current.question).toBe('Does salt keep barley shorter?');
  const repeat = await world.teacher
    .patch(`/investigations/${world.investigationId}`, { version, question: 'Does salt keep barley shorter?' })
    .expect(200);
  expect(repeat.body.version).toBe(version + 1);
});

test('the teacher is told of a new check without asking', async () => {
  await application.app.listen(0, '127.0.0.1');
  const { port } = application.server.address() as { port: number };
  const signedIn = await device(application).post('/session', { email: 'one@weir.example', password: PASSWORD }).expect(200);
  const cookie = signedIn.get('set-cookie')![0]!.split(';')[0]!;
  await application.dataSource.query(
    "INSERT INTO change_log (id, kind, class_id, at) VALUES (?, 'class-changed', ?, '2020-01-01')",
    [v7(), world.classId],
  );
  const stream = await fetch(`http://127.0.0.1:${port}/api/v1/events`, { headers: { cookie } });
  expect(stream.headers.get('content-type')).toContain('text/event-stream');
  const reader = stream.body!.getReader();
  await kites.put(`/bench/checks/${v7()}`, checkOf(containers[0]!.id)).expect(200);
  let heard = '';
  while (!heard.includes('check-saved')) heard += new TextDecoder().decode((await reader.read()).value);
  expect(heard).toContain(world.investigationId);
  await reader.cancel();
  const [old] = (await application.dataSource.query("SELECT COUNT(*) AS n FROM change_log WHERE at < '2021-01-01'")) as {
    n: string;
  }[];
  expect(Number(old!.n)).toBe(0);
});

describe('more than a height', () => {
  const records = async () =>
    (await world.teacher.get(`/investigations/${world.investigationId}`).expect(200)).body as InvestigationRecords;

  test('every measure is kept as it was found, typed, tapped or chosen, also without a height', async () => {
    const [own] = await ownContainers(kites);
    const findings = [
      { measure: 'fresh-mass', typed: '420 mg' },
      { measure: 'percent-green', value: 62 },
      { measure: 'vigour', choice: 'fair' },
      { measure: 'soil-ph', typed: '6,4' },
    ];
    const check = checkOf(own!.id, { typed: null, findings });
    await kites.put(`/bench/checks/${v7()}`, check).expect(200);
    const saved = (await records()).readings.find((r) => r.id === check.readings[0]!.id)!;
    const found = Object.fromEntries(saved.findings.map((f) => [f.measure, f.value ?? f.choice]));
    expect(found).toEqual({ 'fresh-mass': 0.42, 'percent-green': 62, vigour: 'fair', 'soil-ph': 6.4 });
    const refuse = async (finding: object, sentence: string, status = 422) => {
      const answer = await kites.put(`/bench/checks/${v7()}`, checkOf(own!.id, { typed: null, findings: [finding] }));
      expect([answer.status, JSON.stringify(answer.body)]).toEqual([status, expect.stringContaining(sentence)]);
    };
    await refuse({ measure: 'percent-green', value: 101 }, 'A share is from 0 to 100 %.');
    await refuse({ measure: 'leaves', value: 1.5 }, 'The number of leaves is a whole number.');
    await refuse({ measure: 'vigour', choice: 'splendid' }, '“splendid” is not known.');
    await refuse({ measure: 'beauty', value: 3 }, 'The measure “beauty” is not known here.');
    await refuse({ measure: 'fresh-mass', typed: '3' }, 'In which unit is “3”?');
    await refuse({ measure: 'leaves' }, 'Nothing is typed yet.');
    await refuse({ measure: '', value: 3 }, 'A measure has at most 40 characters.', 400);
  });

  test('a question is kept with the value, open or answered, and the teacher answers it by a correction', async () => {
    const [own] = await ownContainers(kites);
    const first = checkOf(own!.id, { typed: '70 cm', doubt: { kind: 'decimal-point' } });
    await kites.put(`/bench/checks/${v7()}`, first).expect(200);
    const kept = (await records()).readings.find((r) => r.id === first.readings[0]!.id)!;
    expect(kept.doubt).toEqual({ kind: 'decimal-point', answer: null, secondMm: null });
    const answered = checkOf(own!.id, {
      typed: '7 cm',
      supersedes: kept.id,
      note: 'the point was forgotten',
      doubt: { kind: 'decimal-point', answer: 'decimal-point' },
    });
    await world.teacher.put(`/checks/${v7()}`, answered).expect(200);
    const all = (await records()).readings;
    expect(all.find((r) => r.supersedes === kept.id)).toMatchObject({
      findings: [{ measure: 'height', value: 70 }],
      source: 'teacher',
      note: 'the point was forgotten',
    });
    expect(heightOf(all.find((r) => r.id === kept.id)!)).toBe(700);
  });

  test('a height that nobody has asked about is asked about on arrival; a correction is not', async () => {
    const bells = await joined(application, world.group, 'bell');
    const [own] = await ownContainers(bells);
    const earlier = checkOf(own!.id, { typed: '12.0 cm' }, { day: addDays(world.plan.sowOn, 13) });
    await bells.put(`/bench/checks/${v7()}`, earlier).expect(200);
    const fromPaper = checkOf(own!.id, { typed: '1.5 cm' });
    await world.teacher.put(`/checks/${v7()}`, fromPaper).expect(200);
    const doubtOf = async ({ readings }: typeof fromPaper) =>
      (await records()).readings.find((r) => r.id === readings[0]!.id)!.doubt;
    expect(await doubtOf(earlier)).toBeNull();
    expect(await doubtOf(fromPaper)).toEqual({ kind: 'decimal-point', answer: null, secondMm: null });
    const kept = checkOf(own!.id, { typed: '1.5 cm', supersedes: fromPaper.readings[0]!.id, note: 'cut by the window' });
    await world.teacher.put(`/checks/${v7()}`, kept).expect(200);
    expect(await doubtOf(kept)).toBeNull();
  });

  test('a day other than the device’s is taken with its reason, but none before sowing', async () => {
    const [own] = await ownContainers(kites);
    const day = world.plan.sowOn;
    const check = checkOf(own!.id, { state: 'not-up', typed: null }, { day, dayReason: 'copied from paper' });
    await kites.put(`/bench/checks/${v7()}`, check).expect(200);
    expect((await records()).readings.find((r) => r.dayReason !== null)).toMatchObject({ day, dayReason: 'copied from paper' });
    for (const dayCode of CHOSEN_DAY_CODES) {
      await kites.put(`/bench/checks/${v7()}`, checkOf(own!.id, { state: 'not-up', typed: null }, { day, dayCode })).expect(200);
      expect((await records()).readings.find((r) => r.dayCode === dayCode)).toMatchObject({ day, dayReason: null });
    }
  });

  test('closed for checks: what was entered before is taken, what comes after is not, until it is open again', async () => {
    const [own] = await ownContainers(kites);
    const before = checkOf(own!.id);
    const { version } = (await records()).investigation;
    const closed = await world.teacher
      .patch(`/investigations/${world.investigationId}`, { version, checkingOpen: false })
      .expect(200);
    await kites.put(`/bench/checks/${v7()}`, { ...before, recordedAt: new Date(msNow() - 60_000).toISOString() }).expect(200);
    const late = await kites
      .put(`/bench/checks/${v7()}`, checkOf(own!.id, {}, { recordedAt: new Date(msNow() + 1000).toISOString() }))
      .expect(422);
    expect(late.body.detail).toContain('closed checking');
    await world.teacher.put(`/checks/${v7()}`, checkOf(own!.id)).expect(200);
    await world.teacher
      .patch(`/investigations/${world.investigationId}`, { version: closed.body.version, checkingOpen: true })
      .expect(200);
    await kites.put(`/bench/checks/${v7()}`, checkOf(own!.id)).expect(200);
  });

  test('another teacher writes nothing into this class', async () => {
    const [own] = await ownContainers(kites);
    const other = await signedInTeacher(application);
    await other.put(`/checks/${v7()}`, checkOf(own!.id)).expect(404);
    await kites.put(`/checks/${v7()}`, checkOf(own!.id)).expect(401);
  });
});
