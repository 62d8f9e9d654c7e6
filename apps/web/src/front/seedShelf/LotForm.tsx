import { say } from '@bright-sprout/words/say';
import { SaveSeedLotRequest } from '@bright-sprout/contracts/seedLots';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { type Control, Controller, useFieldArray, useForm, type UseFormRegister } from 'react-hook-form';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { DayInput } from '../../entry/DayInput';
import { Field } from '../../entry/Field';
import { ProblemNotice } from '../../page/Notices';
import { SpeciesOptions } from '../../entry/SpeciesOptions';
import { localDay } from '../../entry/localDay';

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

/** What the packet says and what tests of it gave. */
export function LotForm({ lot, onDone }: { lot: SeedLot | null; onDone: () => void }) {
  const [id] = useState(() => lot?.id ?? v7());
  const { register, control, handleSubmit, formState } = useForm<SaveSeedLotRequest>({
    resolver: classValidatorResolver(SaveSeedLotRequest),
    defaultValues: lot ? ({ ...EMPTY, ...lot, id: undefined } as SaveSeedLotRequest) : EMPTY,
  });
  const tests = useFieldArray({ control, name: 'tests' });
  const save = useWrite((body: SaveSeedLotRequest) => request<SeedLot>('PUT', `/seed-lots/${id}`, body), 'seed-lots');
  const { errors } = formState;
  const shown = (range: [number, number] | null) =>
    range ? say('seedShelf.rangeToRange', { from: range[0], to: range[1] }) : '';
  const send = handleSubmit(({ speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests: list }) =>
    save.mutate({ speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests: list }, { onSuccess: onDone }),
  );
  return (
    <Form noValidate className="section shelf-form" onSubmit={(e) => void send(e)}>
      <h2>{lot ? say('seedShelf.change', { name: lot.name }) : say('seedShelf.lotShelf')}</h2>
      {save.error && <ProblemNotice error={save.error} />}
      <div className="shelf-fields">
        <Field label={say('seedShelf.kind')} error={errors.speciesId}>
          {(props) => (
            <Form.Select {...register('speciesId')} {...props}>
              <SpeciesOptions />
            </Form.Select>
          )}
        </Field>
        <Field label={say('seedShelf.whatWeCallIt')} error={errors.name}>
          {(props) => <Form.Control placeholder={say('seedShelf.blueTinTopDrawer')} {...register('name')} {...props} />}
        </Field>
        <Field label={say('seedShelf.yearPacket')} error={errors.year}>
          {(props) => <Form.Control type="number" {...register('year', number)} {...props} />}
        </Field>
        <Field label={say('seedShelf.seedsLeft')} error={errors.count}>
          {(props) => <Form.Control type="number" {...register('count', number)} {...props} />}
        </Field>
        <Field label={say('seedShelf.depthPacketMm')} error={errors.depthMm as { type: string; message?: string } | undefined}>
          {(props) => (
            <Form.Control
              placeholder={say('seedShelf.tenToFifteen')}
              defaultValue={shown(lot?.depthMm ?? null)}
              {...register('depthMm', { ...pair, value: lot?.depthMm ?? null })}
              {...props}
            />
          )}
        </Field>
        <Field label={say('seedShelf.distancePacketMm')} error={errors.spacingMm}>
          {(props) => <Form.Control type="number" {...register('spacingMm', number)} {...props} />}
        </Field>
        <Field label={say('seedShelf.daysPacket')} error={errors.daysToSprout as { type: string; message?: string } | undefined}>
          {(props) => (
            <Form.Control
              placeholder={say('seedShelf.fiveToEight')}
              defaultValue={shown(lot?.daysToSprout ?? null)}
              {...register('daysToSprout', { ...pair, value: lot?.daysToSprout ?? null })}
              {...props}
            />
          )}
        </Field>
      </div>
      <h3>{say('seedShelf.tests')}</h3>
      {tests.fields.map((field, i) => (
        <TestFields key={field.id} i={i} register={register} control={control} onRemove={() => tests.remove(i)} />
      ))}
      {errors.tests && <div className="invalid-feedback d-block">{say('seedShelf.testNeedsWholeNumbers')}</div>}
      <div className="d-flex gap-2 flex-wrap">
        <button type="button" className="btn" onClick={() => tests.append({ kind: 'paper', up: 0, of: 10, on: localDay() })}>
          {say('seedShelf.addTest')}
        </button>
        <button type="submit" className="btn btn-next" disabled={save.isPending}>
          {save.isPending ? say('common.saving') : say('seedShelf.keepIt')}
        </button>
        <button type="button" className="btn btn-plain" onClick={onDone}>
          {say('common.leaveIt')}
        </button>
      </div>
    </Form>
  );
}

/** A test of the lot: how it was made, how many of how many came up, and when. */
function TestFields({
  i,
  register,
  control,
  onRemove,
}: {
  i: number;
  register: UseFormRegister<SaveSeedLotRequest>;
  control: Control<SaveSeedLotRequest>;
  onRemove: () => void;
}) {
  return (
    <div className="shelf-test">
      <Form.Select aria-label={say('seedShelf.testMade', { i: i + 1 })} {...register(`tests.${i}.kind`)}>
        <option value="paper">{say('seedShelf.wetPaper')}</option>
        <option value="float">{say('seedShelf.waterFloats')}</option>
      </Form.Select>
      <Form.Control
        type="number"
        aria-label={say('seedShelf.testCameFloated', { i: i + 1 })}
        {...register(`tests.${i}.up`, { valueAsNumber: true })}
      />
      <span>{say('seedShelf.of')}</span>
      <Form.Control
        type="number"
        aria-label={say('seedShelf.testSeedsTested', { i: i + 1 })}
        {...register(`tests.${i}.of`, { valueAsNumber: true })}
      />
      <Controller
        control={control}
        name={`tests.${i}.on`}
        render={({ field: { value, onChange } }) => (
          <DayInput aria-label={say('seedShelf.dayTest', { i: i + 1 })} value={value} onChange={onChange} />
        )}
      />
      <button type="button" className="btn btn-plain" onClick={onRemove}>
        {say('common.remove')}
      </button>
    </div>
  );
}
