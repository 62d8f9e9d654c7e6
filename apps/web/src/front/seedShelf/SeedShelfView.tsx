import { todayIn } from '@bright-sprout/core/clock/clock';
import { SaveSeedLotRequest } from '@bright-sprout/contracts/seedLots';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { lotStanding, type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { Controller, useFieldArray, useForm } from 'react-hook-form';
import { Link } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useSeedLots, useWrite } from '../../api/queries';
import { DayInput } from '../../entry/DayInput';
import { Field } from '../../entry/Field';
import { Empty, Loaded, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { SpeciesOptions } from '../../entry/SpeciesOptions';
import { HundredSeeds } from './HundredSeeds';
import './seedShelf.scss';

const today = () => todayIn(Intl.DateTimeFormat().resolvedOptions().timeZone);
const percent = (share: number) => `${Math.round(100 * share)} %`;

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
                    <Lot key={lot.id} lot={lot} onEdit={() => setOpen(lot)} onRemove={() => remove.mutate(lot.id)} />
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

function Lot({ lot, onEdit, onRemove }: { lot: SeedLot; onEdit: () => void; onRemove: () => void }) {
  const species = speciesById(lot.speciesId)!;
  const { test, interval, byAge, warning } = lotStanding(lot, species, today());
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

const EMPTY: SaveSeedLotRequest = {
  speciesId: 'radish',
  name: '',
  year: null,
  count: null,
  depthMm: null,
  spacingMm: null,
  daysToSprout: null,
  tests: [],
};

function LotForm({ lot, onDone }: { lot: SeedLot | null; onDone: () => void }) {
  const [id] = useState(() => lot?.id ?? v7());
  const { register, control, handleSubmit, formState } = useForm<SaveSeedLotRequest>({
    resolver: classValidatorResolver(SaveSeedLotRequest),
    defaultValues: lot ? ({ ...EMPTY, ...lot, id: undefined } as SaveSeedLotRequest) : EMPTY,
  });
  const tests = useFieldArray({ control, name: 'tests' });
  const save = useWrite((body: SaveSeedLotRequest) => request<SeedLot>('PUT', `/seed-lots/${id}`, body), 'seed-lots');
  const { errors } = formState;
  const number = { setValueAs: (v: string | number | null) => (v === '' || v === null ? null : Number(v)) };
  const pair = {
    setValueAs: (v: string | [number, number] | null) => {
      if (v === null || Array.isArray(v)) return v;
      const found = v
        .split(/[^\d.,]+/)
        .filter(Boolean)
        .map((n) => Number(n.replace(',', '.')));
      if (v.trim() === '') return null;
      // Words without a number are no pair, and are said to be none.
      return found.length === 1 ? [found[0], found[0]] : found;
    },
  };
  const shown = (range: [number, number] | null) => (range ? `${range[0]} to ${range[1]}` : '');
  const send = handleSubmit(({ speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests: list }) =>
    save.mutate({ speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests: list }, { onSuccess: onDone }),
  );
  return (
    <Form noValidate className="section shelf-form" onSubmit={(e) => void send(e)}>
      <h2>{lot ? `Change ${lot.name}` : 'A lot for the shelf'}</h2>
      {save.error && <ProblemNotice error={save.error} />}
      <div className="shelf-fields">
        <Field label="Kind" error={errors.speciesId}>
          {(props) => (
            <Form.Select {...register('speciesId')} {...props}>
              <SpeciesOptions />
            </Form.Select>
          )}
        </Field>
        <Field label="What we call it" error={errors.name}>
          {(props) => <Form.Control placeholder="blue tin, top drawer" {...register('name')} {...props} />}
        </Field>
        <Field label="Year on the packet" error={errors.year}>
          {(props) => <Form.Control type="number" {...register('year', number)} {...props} />}
        </Field>
        <Field label="Seeds left" error={errors.count}>
          {(props) => <Form.Control type="number" {...register('count', number)} {...props} />}
        </Field>
        <Field label="Depth on the packet, mm" error={errors.depthMm as { type: string; message?: string } | undefined}>
          {(props) => (
            <Form.Control
              placeholder="10 to 15"
              defaultValue={shown(lot?.depthMm ?? null)}
              {...register('depthMm', { ...pair, value: lot?.depthMm ?? null })}
              {...props}
            />
          )}
        </Field>
        <Field label="Distance on the packet, mm" error={errors.spacingMm}>
          {(props) => <Form.Control type="number" {...register('spacingMm', number)} {...props} />}
        </Field>
        <Field label="Days on the packet" error={errors.daysToSprout as { type: string; message?: string } | undefined}>
          {(props) => (
            <Form.Control
              placeholder="5 to 8"
              defaultValue={shown(lot?.daysToSprout ?? null)}
              {...register('daysToSprout', { ...pair, value: lot?.daysToSprout ?? null })}
              {...props}
            />
          )}
        </Field>
      </div>
      <h3>Tests</h3>
      {tests.fields.map((field, i) => (
        <div key={field.id} className="shelf-test">
          <Form.Select aria-label={`How test ${i + 1} was made`} {...register(`tests.${i}.kind`)}>
            <option value="paper">on wet paper</option>
            <option value="float">in water (floats)</option>
          </Form.Select>
          <Form.Control
            type="number"
            aria-label={`Test ${i + 1}: came up or floated`}
            {...register(`tests.${i}.up`, { valueAsNumber: true })}
          />
          <span>of</span>
          <Form.Control
            type="number"
            aria-label={`Test ${i + 1}: seeds tested`}
            {...register(`tests.${i}.of`, { valueAsNumber: true })}
          />
          <Controller
            control={control}
            name={`tests.${i}.on`}
            render={({ field: { value, onChange } }) => (
              <DayInput aria-label={`Day of test ${i + 1}`} value={value} onChange={onChange} />
            )}
          />
          <button type="button" className="btn btn-plain" onClick={() => tests.remove(i)}>
            remove
          </button>
        </div>
      ))}
      {errors.tests && <div className="invalid-feedback d-block">A test needs whole numbers and its day.</div>}
      <div className="d-flex gap-2 flex-wrap">
        <button type="button" className="btn" onClick={() => tests.append({ kind: 'paper', up: 0, of: 10, on: today() })}>
          Add a test
        </button>
        <button type="submit" className="btn btn-next" disabled={save.isPending}>
          {save.isPending ? 'Saving …' : 'Keep it'}
        </button>
        <button type="button" className="btn btn-plain" onClick={onDone}>
          Leave it
        </button>
      </div>
    </Form>
  );
}
