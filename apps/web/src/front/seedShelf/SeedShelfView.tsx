import { say } from '@bright-sprout/words/say';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { useState } from 'react';
import { Link } from 'react-router';
import { request } from '../../api/client';
import { useSeedLots, useWrite } from '../../api/queries';
import { Empty, Loaded, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { LotForm } from './LotForm';
import { ShelfLot } from './ShelfLot';
import './seedShelf.scss';

/** What seed the school has, how old it is, and what its tests say. */
export function SeedShelfView() {
  const query = useSeedLots();
  const [open, setOpen] = useState<SeedLot | 'new' | null>(null);
  const remove = useWrite((id: string) => request('DELETE', `/seed-lots/${id}`), 'seed-lots');
  return (
    <div className="page">
      <PageHead
        tag={
          <Link className="group-tag" to="/">
            {say('common.today')}
          </Link>
        }
        title={say('seedShelf.seedShelf')}
        aside={say('seedShelf.sharedTeachersSchool')}
        next={
          <button type="button" className="btn btn-next" onClick={() => setOpen('new')}>
            {say('seedShelf.putLotShelf')}
          </button>
        }
      />
      {remove.error && <ProblemNotice error={remove.error} />}
      <main>
        {open && (
          <LotForm key={open === 'new' ? 'new' : open.id} lot={open === 'new' ? null : open} onDone={() => setOpen(null)} />
        )}
        <Loaded query={query} what={say('seedShelf.theSeedShelf')}>
          {(lots) =>
            lots.length === 0 ? (
              <Empty title={say('seedShelf.packetsStand')}>
                <p>{say('seedShelf.yearTestTenSeeds')}</p>
              </Empty>
            ) : (
              <>
                <p className="second">{say('seedShelf.hundredSeedsFullCome')}</p>
                <ul className="shelf-lots">
                  {lots.map((lot) => (
                    <ShelfLot key={lot.id} lot={lot} onEdit={() => setOpen(lot)} onRemove={() => remove.mutate(lot.id)} />
                  ))}
                </ul>
              </>
            )
          }
        </Loaded>
      </main>
    </div>
  );
}
