import { soakTime } from './soakTime';

const always = () => true;
const never = () => false;

test('a night in water begins the evening before, at home', () => {
  expect(soakTime([12, 12], '10:15–11:00', always, always)).toEqual({ daysBefore: 1, hour: 22.25, where: 'home' });
  expect(soakTime([12, 12], '', always, always)).toMatchObject({ daysBefore: 1, where: 'home' });
});

test('a few hours begin in the same morning, where the lesson leaves room for them', () => {
  expect(soakTime([4, 8], '', always, always)).toMatchObject({ daysBefore: 0, where: 'school' });
  expect(soakTime([4, 8], '14:00–14:45', always, always)).toMatchObject({ daysBefore: 0, where: 'school', hour: 9 });
  // Four to eight hours before ten is in the small hours, and nobody is up.
  expect(soakTime([4, 8], '09:00–09:45', always, always)).toBeNull();
  expect(soakTime([1, 2], '10:15–11:00', always, always)).toMatchObject({ daysBefore: 0, hour: 9, where: 'school' });
});

test('a day in water begins at school the day before, or further back where there is none', () => {
  expect(soakTime([12, 24], '10:15–11:00', always, always)).toMatchObject({ daysBefore: 1, where: 'school' });
  const monday = soakTime([12, 24], '10:15–11:00', (d) => d === 0 || d === 3, never);
  expect(monday).toBeNull();
  expect(soakTime([48, 80], '10:15–11:00', (d) => d === 0 || d === 3, never)).toMatchObject({ daysBefore: 3, where: 'school' });
});
