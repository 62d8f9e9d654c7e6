import { parsePeriod } from './period';

test.each(['10:15–11:00', ' 10.15 - 11.00 ', '10:15-11:00'])('%s is a period', (text) => {
  expect(parsePeriod(text)).toEqual({ begins: { hour: 10, minute: 15 }, ends: { hour: 11, minute: 0 } });
});

test.each(['', 'second period', '11:00–10:15', '10:00–10:00', '23:30–24:00', '10:75–11:00', '10:15'])('%s is none', (text) => {
  expect(parsePeriod(text)).toBeNull();
});
