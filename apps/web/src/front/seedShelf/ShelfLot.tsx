import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { lotStanding, type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { HundredSeeds } from './HundredSeeds';
import { localDay } from '../../entry/localDay';

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** A lot with what can be expected of it: a hundred of its seeds, drawn. */
export function ShelfLot({ lot, onEdit, onRemove }: { lot: SeedLot; onEdit: () => void; onRemove: () => void }) {
  const species = speciesById(lot.speciesId)!;
  const { test, interval, byAge, warning } = lotStanding(lot, species, localDay());
  const floats = lot.tests.filter((t) => t.kind === 'float');
  return (
    <li className="shelf-lot">
      <h2>
        {species.name} <span className="second">{lot.name}</span>
      </h2>
      <p className="shelf-facts">
        {lot.year ?? 'year unknown'}
        {lot.count !== null && ` · ${lot.count} seeds`}
        {lot.depthMm && ` · ${lot.depthMm[0]} to ${lot.depthMm[1]} mm deep`}
        {lot.spacingMm !== null && ` · ${lot.spacingMm} mm apart`}
        {lot.daysToSprout && ` · up in ${lot.daysToSprout[0]} to ${lot.daysToSprout[1]} days`}
      </p>
      <div
        className="shelf-share"
        role="img"
        aria-label={
          test
            ? `${test.up} of ${test.of} came up, ${percent(interval!.low)} to ${percent(interval!.high)}`
            : `about ${percent(byAge)} by its age`
        }
      >
        <HundredSeeds
          species={species}
          sure={interval ? Math.floor(100 * interval.low) : 0}
          perhaps={Math.round(100 * (interval ? interval.high : byAge))}
        />
        <span>
          {test
            ? `${test.up} of ${test.of} came up: ${percent(interval!.low)} to ${percent(interval!.high)}`
            : `no test; about ${percent(byAge)} by its age`}
        </span>
      </div>
      {floats.length > 0 && (
        <p className="second mb-1">
          {floats.map((t) => `${t.of - t.up} of ${t.of} sank in water`).join('; ')}: sinking is no proof of life.
        </p>
      )}
      {warning && <p className="shelf-warning">{warning}</p>}
      <p className="d-flex gap-3 mb-0">
        <button type="button" className="btn btn-plain" onClick={onEdit}>
          Change, or add a test
        </button>
        <button type="button" className="btn btn-plain" aria-label={`Take ${lot.name} off the shelf`} onClick={onRemove}>
          Take off the shelf
        </button>
      </p>
    </li>
  );
}
