import { setClock } from '@bright-sprout/core/clock/clock';
import { heightOf } from '@bright-sprout/core/measures/finding';
import { addDays, dayInZone, daysBetween, weekday } from '@bright-sprout/core/calendar/days';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { EMPTY_DAY } from '../src/demo/demoCamera';
import { DEMO_CLASSES, DEMO_TEACHER } from '../src/demo/demoScenario';
import { Database } from '../src/database/database';
import { demoPins, loadDemo } from '../src/demo/loadDemo';
import { ODD_MOMENTS } from '../../../packages/core/test/oddMoments';
import { loadDemoPictures } from '../src/demo/demoFilm';
import { FolderBlobStore } from '../src/photos/blobStore';
import { checkOf, type Device, device, startApplication, type TestApplication } from './application';
import { type BenchView } from '@bright-sprout/contracts/answers/checks';
import { careTasksOn } from '@bright-sprout/core/care/careTasks';
import { v7 } from 'uuid';

describe.each(ODD_MOMENTS)('the demo as loaded %s', (_words, moment) => {
  const today = moment.slice(0, 10);
  // Pictures of the pan take seconds, and are the same whatever day it is: they are loaded on one.
  const withPictures = moment === ODD_MOMENTS[0]![1];
  let application: TestApplication;
  let records: InvestigationRecords;
  let teacher: Device;
  beforeAll(async () => {
    setClock(moment);
    application = await startApplication({ demo: withPictures ? 'on' : 'no-pictures' });
    const db = new Database(application.dataSource);
    expect(await loadDemo(db, application.settings)).toBe(true);
    // Twice: the second time there is nothing left to photograph.
    const blobs = new FolderBlobStore(application.settings.blobFolder);
    if (withPictures) for (let i = 0; i < 2; i++) await loadDemoPictures(db, blobs);
    teacher = device(application);
    await teacher.post('/session', { email: DEMO_TEACHER.email, password: DEMO_TEACHER.password }).expect(200);
    records = ((await teacher.get('/investigations')).body as InvestigationRecords[])[0]!;
  });
  afterAll(() => application.close());

  test('stands in its third week, with a record for every check day that has passed', () => {
    const { investigation, readings } = records;
    expect(weekday(investigation.sownOn)).toBe(2);
    expect(addDays(investigation.sownOn, 14) <= today && today <= addDays(investigation.sownOn, 20)).toBe(true);
    const passed = investigation.schedule.filter((e) => e.kind === 'check' && e.day < today).map((e) => e.day);
    expect([...new Set(readings.map((r) => r.day))].sort()).toEqual(passed);
  });

  test('has the trouble a class has: a slip corrected, a pot knocked over, a team away', () => {
    const { readings } = records;
    const right = readings.find((r) => r.supersedes !== null)!;
    const slip = readings.find((r) => r.id === right.supersedes)!;
    expect(slip).toMatchObject({ containerId: right.containerId, day: right.day });
    expect(heightOf(right)! / heightOf(slip)!).toBeGreaterThan(9);
    expect(readings.some((r) => r.state === 'lost' && r.lostReason === 'knocked-over')).toBe(true);
    expect(readings.some((r) => r.state === 'not-checked')).toBe(true);
  });

  test('has a film of its clover pan: a picture a day but one, the last of them not looked at yet', async () => {
    const [, slate] = await application.dataSource.query<{ name: string; frames: string; fresh: string }[]>(
      `SELECT i.question AS name, COUNT(f.id) AS frames, SUM(f.seen_at IS NULL) AS fresh FROM investigation i
         LEFT JOIN film m ON m.investigation_id = i.id LEFT JOIN frame f ON f.film_id = m.id
       WHERE i.question LIKE '%clover%' OR i.id = ? GROUP BY i.id ORDER BY COUNT(f.id)`,
      [records.investigation.id],
    );
    const passed = daysBetween(records.investigation.sownOn, today);
    const days = Array.from({ length: passed }, (_, d) => d).filter((d) => d !== EMPTY_DAY).length;
    expect(slate).toMatchObject(withPictures ? { frames: String(days), fresh: '1' } : { frames: '0' });
  });

  test('is loaded once, and its teams join with their PINs, check on the day of their class and care on days of school', async () => {
    expect(await loadDemo(new Database(application.dataSource), application.settings)).toBe(false);
    const demo = DEMO_CLASSES[0]!;
    const kites = device(application);
    await kites.post('/join', { classCode: demo.joinCode, emblem: 'kite', pin: demoPins(demo)[0] }).expect(204);
    const bench = (await kites.get('/bench').expect(200)).body as BenchView;
    const { investigation } = bench.investigations.find((i) => i.investigation.id === records.investigation.id)!;
    const day = dayInZone(new Date(moment), investigation.class.timeZone);
    expect(bench.today).toBe(day);
    if ([0, 6].includes(weekday(day))) expect(careTasksOn(day, investigation.schedule, investigation.bench.care)).toEqual([]);
    const pot = investigation.containers.find((c) => c.code === 'A1')!;
    await kites.put(`/bench/checks/${v7()}`, checkOf(pot.id, { typed: '31.4 cm' }, { day })).expect(200);
    const { readings } = (await teacher.get(`/investigations/${investigation.id}`).expect(200)).body as InvestigationRecords;
    expect(readings.filter((r) => r.containerId === pot.id && r.day === day).map(heightOf)).toEqual([314]);
  });
});
