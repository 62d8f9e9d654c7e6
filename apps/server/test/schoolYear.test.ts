import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { MONDAY_TO_FRIDAY } from '@bright-sprout/core/calendar/schoolCalendar';
import { startApplication, startClass, type TestApplication } from './application';

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  application = await startApplication();
  world = await startClass(application);
});
afterAll(() => application.close());

const year = {
  weekdays: MONDAY_TO_FRIDAY,
  holidays: [{ from: '2026-04-03', to: '2026-04-17', name: 'Spring break' }],
  halfDays: ['2026-05-29'],
};
const keep = (calendar: object) => world.teacher.put(`/classes/${world.classId}/school-year`, calendar);

test('school days and holidays are kept with the class, twice the same is once, and a change of its name leaves them', async () => {
  expect(((await world.teacher.get(`/classes/${world.classId}`).expect(200)).body as ClassView).schoolYear).toBeNull();
  await keep(year).expect(200);
  await keep(year).expect(200);
  await world.teacher.put(`/classes/${world.classId}`, { name: '7 Copper', gradeBand: 'middle', timeZone: 'UTC' }).expect(200);
  const { body } = await world.teacher.get(`/classes/${world.classId}`).expect(200);
  expect((body as ClassView).schoolYear).toEqual(year);
});

test('a holiday that ends before it begins is refused with a sentence, and the days before stay', async () => {
  await keep(year).expect(200);
  const { body } = await keep({ ...year, holidays: [{ from: '2026-04-17', to: '2026-04-03', name: 'Break' }] }).expect(400);
  expect(JSON.stringify(body)).toContain('Break ends on Fri 3 April, before it begins on Fri 17 April.');
  await keep({ ...year, weekdays: [true] }).expect(400);
  const { body: after } = await world.teacher.get(`/classes/${world.classId}`).expect(200);
  expect((after as ClassView).schoolYear).toEqual(year);
});
