import { say } from '@bright-sprout/words/say';
import { type Group } from '@bright-sprout/core/compare/groups';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { countOf, leftOut } from './figureKit';
import { Numbers } from './otherTables';

/** The figure's numbers as a table, and everyone who is in no mean by name. */
export function NumbersTable({ groups, shown }: { groups: readonly Group[]; shown: Shown }) {
  const range = (low: number, high: number) => say('common.fromTo', { low: shown.words(low), high: shown.words(high) });
  const ranked = shown.ranks !== null;
  return (
    <Numbers
      heads={[
        say('compare.group'),
        say('compare.counted'),
        ranked ? say('compare.middle') : say('compare.mean'),
        say('compare.interval'),
        say('compare.lowestHighest'),
        say('compare.notInTheMean'),
      ]}
    >
      {groups.map((g) => (
        <tr key={g.key}>
          <th scope="row">
            {g.key.length === 1 && `${g.key} `}
            {g.label}
          </th>
          <td>{countOf(g)}</td>
          <td>{g.summary.ok ? shown.words(ranked ? g.summary.median : g.summary.mean) : '–'}</td>
          <td>{g.summary.ok && g.summary.interval && !ranked ? range(g.summary.interval.low, g.summary.interval.high) : '–'}</td>
          <td>{g.summary.ok ? range(g.summary.min, g.summary.max) : '–'}</td>
          <td>{leftOut(g, shown.name).join(', ') || say('compare.nobodyLeftOut')}</td>
        </tr>
      ))}
    </Numbers>
  );
}
