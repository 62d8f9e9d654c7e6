import { say } from '@bright-sprout/words/say';
import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { SeedDrawing } from '../../../drawing/SeedDrawing';

/** Kinds side by side, their seeds drawn to one scale. */
export function SeedCards({
  kinds,
  isChosen,
  several,
  days,
  largestMm,
  onChoose,
}: {
  kinds: readonly Species[];
  isChosen: (species: Species) => boolean;
  /** More than one can be chosen. */
  several: boolean;
  /** Days until half are up. */
  days: (species: Species) => number;
  largestMm: number;
  onChoose: (speciesId: string) => void;
}) {
  return (
    <div className="planner-seeds" role={several ? 'group' : 'radiogroup'} aria-label={say('plannerSeeds.kindSeed')}>
      {kinds.map((s) => (
        <button
          key={s.id}
          type="button"
          role={several ? 'checkbox' : 'radio'}
          aria-checked={isChosen(s)}
          className="planner-seed"
          onClick={() => onChoose(s.id)}
        >
          <SeedDrawing species={s} largestMm={largestMm} />
          <b>{s.name}</b>
          <span>
            {Number.isFinite(days(s))
              ? say('plannerSeeds.upInDays', { days: Math.round(days(s)) })
              : say('plannerSeeds.doesNotComeUp')}{' '}
            · {seedWeight(s)}
          </span>
        </button>
      ))}
    </div>
  );
}

/** Weight of one seed in words. */
function seedWeight({ thousandSeedGrams }: Species): string {
  return thousandSeedGrams === null
    ? say('plannerSeeds.aTuber')
    : say('plannerSeeds.mgEach', { toPrecision: Number(thousandSeedGrams.toPrecision(2)) });
}
