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
            Today
          </Link>
        }
        title="Seed shelf"
        aside="Shared by the teachers of your school"
        next={
          <button type="button" className="btn btn-next" onClick={() => setOpen('new')}>
            Put a lot on the shelf
          </button>
        }
      />
      {remove.error && <ProblemNotice error={remove.error} />}
      <main>
        {open && (
          <LotForm key={open === 'new' ? 'new' : open.id} lot={open === 'new' ? null : open} onDone={() => setOpen(null)} />
        )}
        <Loaded query={query} what="the seed shelf">
          {(lots) =>
            lots.length === 0 ? (
              <Empty title="Your packets will stand here">
                <p>With their year and a test of ten seeds on wet paper, plans know how many to sow.</p>
              </Empty>
            ) : (
              <>
                <p className="second">
                  Of a hundred seeds: full, those that come up at least; hatched, those that may come up too.
                </p>
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
