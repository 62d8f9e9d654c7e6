import { say } from '@bright-sprout/words/say';
import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { useState } from 'react';
import { SeedDrawing } from '../../../drawing/SeedDrawing';

interface Props {
  kinds: readonly Species[];
  isChosen: (species: Species) => boolean;
  /** Days until half are up in this room. */
  days: (species: Species) => number;
  largestMm: number;
  onChoose: (id: string) => void;
}

type SortKey = 'name' | 'length' | 'weight' | 'days' | 'germination';

const span = ([low, high]: readonly [number, number]) => (low === high ? `${low}` : say('common.fromTo', { low, high }));

/** Kinds side by side in numbers, in the order of any of them. */
export function SeedTable({ kinds, isChosen, days, largestMm, onChoose }: Props) {
  const [by, setBy] = useState<SortKey>('days');
  const keys: Record<SortKey, (s: Species) => number | string> = {
    name: (s) => s.name,
    length: (s) => s.seedMm.length[1],
    weight: (s) => s.thousandSeedGrams ?? Infinity,
    days,
    germination: (s) => -s.germination,
  };
  const sorted = [...kinds].sort((a, b) => {
    const [x, y] = [keys[by](a), keys[by](b)];
    return x < y ? -1 : x > y ? 1 : 0;
  });
  const head = (key: SortKey, words: string) => (
    <th scope="col" aria-sort={by === key ? 'ascending' : undefined}>
      <button type="button" className="btn btn-plain" onClick={() => setBy(key)}>
        {words}
      </button>
    </th>
  );
  return (
    <div className="planner-seed-table">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">
              <span className="visually-hidden">{say('plannerSeeds.drawnScale')}</span>
            </th>
            {head('name', say('plannerSeeds.kind'))}
            {head('length', say('plannerSeeds.lengthMm'))}
            {head('weight', say('plannerSeeds.weighsMg'))}
            {head('days', say('plannerSeeds.upInDaysTitle'))}
            {head('germination', say('plannerSeeds.comeUpOf'))}
            <th scope="col">{say('plannerSeeds.tallAfterWeeksCm')}</th>
            <th scope="col">{say('plannerSeeds.depthMm')}</th>
          </tr>
        </thead>
        <tbody>
          {sorted.map((s) => (
            <tr key={s.id} className={isChosen(s) ? 'chosen' : undefined}>
              <td>
                <SeedDrawing species={s} largestMm={largestMm} />
              </td>
              <th scope="row">
                <button
                  type="button"
                  className="btn btn-plain"
                  aria-pressed={isChosen(s)}
                  aria-label={say('plannerSeeds.choose', { name: s.name.toLowerCase() })}
                  onClick={() => onChoose(s.id)}
                >
                  {s.name}
                </button>
              </th>
              <td className="numeral">{span(s.seedMm.length)}</td>
              <td className="numeral">{s.thousandSeedGrams === null ? '–' : Number(s.thousandSeedGrams.toPrecision(2))}</td>
              <td className="numeral">{Number.isFinite(days(s)) ? Math.round(days(s)) : '–'}</td>
              <td className="numeral">{Math.round(100 * s.germination)}</td>
              <td className="numeral">{heightAfter(s, 14)}</td>
              <td className="numeral">{s.needsLight ? say('plannerSeeds.onTop') : span(s.sowingDepthMm)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function heightAfter({ heightCm }: Species, day: number): string {
  const known = heightCm.find((h) => h.day === day);
  return known ? span(known.range) : '–';
}
