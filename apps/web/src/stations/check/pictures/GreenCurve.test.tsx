import { render } from '@testing-library/react';
import { GreenCurve } from './GreenCurve';
import { type FilmDay, type TreatmentGreen } from './filmDays';

const DAYS = 16;
const days: FilmDay[] = Array.from({ length: DAYS }, (_, number) => ({
  number,
  day: `2026-03-${String(number + 3).padStart(2, '0')}`,
  weekend: false,
  frame: null,
}));
const growing = (code: string, most: number): TreatmentGreen => {
  const own = days.map(({ number }) => ({ day: number, share: (most * number) / (DAYS - 1) }));
  return { code, label: code, sections: [{ code: `${code}1`, days: own }], days: own };
};

/** Where something was moved to, px. */
const placeOf = (element: Element) =>
  element
    .getAttribute('transform')!
    .match(/-?[\d.]+/g)!
    .map(Number) as [number, number];

test.each([
  ['the first day', 0, 72],
  ['a day in the middle', 8, 72],
  ['the last day', 15, 72],
  ['a last day on which nearly all is green', 15, 98],
])('on %s the numbers cover no mark', (_words, chosen, most) => {
  const { container } = render(<GreenCurve lines={[growing('A', most - 6), growing('B', most)]} days={days} chosen={chosen} />);
  const flags = [...container.querySelectorAll('.flag')].map((flag) => {
    const { width, height } = Object.fromEntries(
      [...flag.querySelector('rect')!.attributes].map((a) => [a.name, Number(a.value)]),
    );
    return { at: placeOf(flag), width: width!, height: height! };
  });
  expect(flags).toHaveLength(2);
  const lines = [...container.querySelectorAll('.line')].map((line) => line.parentElement!);
  const marks = [...new Set(lines)].flatMap((line) => [...line.children].filter((c) => c.tagName === 'g').map(placeOf));
  expect(marks).toHaveLength(2 * DAYS);
  for (const { at, width, height } of flags) {
    expect(at[1]).toBeGreaterThanOrEqual(0);
    for (const [x, y] of marks)
      expect(x > at[0] - 5 && x < at[0] + width + 5 && y > at[1] - 5 && y < at[1] + height + 5).toBe(false);
  }
});
