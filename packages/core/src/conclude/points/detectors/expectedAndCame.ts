import { mean } from '../../../statistics/descriptives';
import { atLeast } from '../chances';
import { type Lesson } from '../lesson';
import { type Found, RARE } from '../point';

/**
 * A tie between what the class expected to be ahead and what is: many more teams named it, or many fewer, than would with dice. Chance: twice
 * the smaller tail of so many named out of so many teams, each with one in so many treatments.
 */
export function expectedAndCame(lesson: Lesson): Found<'expected-and-came'>[] {
  const said = lesson.expected.flatMap((e) => (e.winner === null ? [] : [e.winner]));
  const options = lesson.records.treatments.length;
  if (said.length < 3 || options < 2) return [];
  const means = lesson.records.treatments.flatMap((t) => {
    const own = lesson.measured(t.code, lesson.last);
    return own.length === 0 ? [] : [{ code: t.code, mean: mean(own.map((m) => m.value)) }];
  });
  if (means.length < options) return [];
  const came = means.reduce((a, b) => (b.mean > a.mean ? b : a)).code;
  const right = said.filter((w) => w === came).length;
  const dice = said.map(() => 1 / options);
  const chance = Math.min(1, 2 * Math.min(atLeast(right, dice), 1 - atLeast(right + 1, dice)));
  if (chance > RARE) return [];
  const counts = lesson.records.treatments.map((t) => ({ code: t.code, n: said.filter((w) => w === t.code).length }));
  const expected = counts.reduce((a, b) => (b.n > a.n ? b : a));
  return [
    {
      key: 'expected-and-came',
      day: lesson.last,
      chance,
      expected: lesson.labelOf(expected.code),
      said: expected.n,
      teams: said.length,
      came: lesson.labelOf(came),
      right,
      options,
      figure: {
        kind: 'counts',
        rows: counts.map((c) => ({ key: c.code, label: lesson.labelOf(c.code), out: c.n, of: said.length })),
      },
    },
  ];
}
