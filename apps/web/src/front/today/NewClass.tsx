import { say } from '@bright-sprout/words/say';
import { GRADE_BAND_NAMES, GRADE_BANDS, SaveClassRequest } from '@bright-sprout/contracts/classes';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field } from '../../entry/Field';
import { localZone } from '../../entry/localDay';
import { ProblemNotice } from '../../page/Notices';

/** A class is made by its name and age; the first one is asked for at once. */
export function NewClass({ first }: { first: boolean }) {
  const navigate = useNavigate();
  const [open, setOpen] = useState(first);
  const [id] = useState(() => v7());
  const { register, handleSubmit, formState } = useForm<SaveClassRequest>({
    resolver: classValidatorResolver(SaveClassRequest),
    defaultValues: { name: '', gradeBand: 'middle', timeZone: localZone() },
  });
  const save = useWrite(
    (body: SaveClassRequest) => request('PUT', `/classes/${id}`, { ...body, name: body.name.trim() }),
    'classes',
  );
  const send = handleSubmit((body) => save.mutate(body, { onSuccess: () => void navigate(`/classes/${id}`) }));
  if (!open)
    return (
      <button type="button" className="btn mt-2" onClick={() => setOpen(true)}>
        {say('today.addClass')}
      </button>
    );
  return (
    <Form noValidate className="new-class" onSubmit={(e) => void send(e)}>
      <Field label={say('today.nameClass')} error={formState.errors.name}>
        {(props) => <Form.Control maxLength={40} {...register('name')} {...props} />}
      </Field>
      <Field label={say('today.age')} error={formState.errors.gradeBand}>
        {(props) => (
          <Form.Select {...register('gradeBand')} {...props}>
            {GRADE_BANDS.map((g) => (
              <option key={g} value={g}>
                {GRADE_BAND_NAMES[g]}
              </option>
            ))}
          </Form.Select>
        )}
      </Field>
      <button type="submit" className="btn" disabled={save.isPending}>
        {save.isPending ? say('common.saving') : say('today.addTheClass')}
      </button>
      {save.error && <ProblemNotice error={save.error} />}
    </Form>
  );
}
