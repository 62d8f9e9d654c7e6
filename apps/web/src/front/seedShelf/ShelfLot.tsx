import { say } from '@bright-sprout/words/say';
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
        {[
          lot.year ?? say('seedShelf.yearUnknown'),
          lot.count !== null && say('seedShelf.seeds', { count: lot.count }),
          lot.depthMm && say('seedShelf.mmDeep', { least: lot.depthMm[0], most: lot.depthMm[1] }),
          lot.spacingMm !== null && say('seedShelf.mmApart', { spacingMm: lot.spacingMm }),
          lot.daysToSprout && say('seedShelf.upInToDays', { least: lot.daysToSprout[0], most: lot.daysToSprout[1] }),
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      <div
        className="shelf-share"
        role="img"
        aria-label={
          test
            ? say('seedShelf.ofCameUpTo', {
                up: test.up,
                of: test.of,
                low: percent(interval!.low),
                high: percent(interval!.high),
              })
            : say('seedShelf.aboutAge', { byAge: percent(byAge) })
        }
      >
        <HundredSeeds
          species={species}
          sure={interval ? Math.floor(100 * interval.low) : 0}
          perhaps={Math.round(100 * (interval ? interval.high : byAge))}
        />
        <span>
          {test
            ? say('seedShelf.cameUpWithRange', {
                up: test.up,
                of: test.of,
                low: percent(interval!.low),
                high: percent(interval!.high),
              })
            : say('seedShelf.testAboutAge', { byAge: percent(byAge) })}
        </span>
      </div>
      {floats.length > 0 && (
        <p className="second mb-1">
          {say('seedShelf.sinkingProofLife', {
            floats: floats.map((t) => say('seedShelf.sankWater', { sank: t.of - t.up, of: t.of })).join('; '),
          })}
        </p>
      )}
      {warning && <p className="shelf-warning">{warning}</p>}
      <p className="d-flex gap-3 mb-0">
        <button type="button" className="btn btn-plain" onClick={onEdit}>
          {say('seedShelf.changeAddTest')}
        </button>
        <button
          type="button"
          className="btn btn-plain"
          aria-label={say('seedShelf.takeNamedOffShelf', { name: lot.name })}
          onClick={onRemove}
        >
          {say('seedShelf.takeOffShelf')}
        </button>
      </p>
    </li>
  );
}
