import { say } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type RoomReadingView } from '@bright-sprout/contracts/answers/room';
import { ROOM_KINDS, ROOM_LIMITS, ROOM_WORDS, type RoomKind } from '@bright-sprout/core/room/roomRecord';
import { Form } from 'react-bootstrap';
import { useForm } from 'react-hook-form';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

const asNumber = (typed: string) => Number(typed.trim().replace(',', '.'));

/** Why a value of the room cannot be taken. */
function valueProblem(typed: string, kind: RoomKind): string | undefined {
  const [low, high] = ROOM_LIMITS[kind];
  const value = asNumber(typed);
  if (typed.trim() === '') return say('room.typeRead');
  if (value >= low && value <= high) return undefined;
  return say('room.valueLiesBetween', { name: ROOM_WORDS[kind].name.toLowerCase(), low, high });
}

/** What somebody read off a thermometer or a meter, now. */
export function RoomByHand({ classId, readings }: { classId: string; readings: RoomReadingView[] }) {
  const { register, handleSubmit, resetField, formState, trigger } = useForm({
    mode: 'onChange',
    defaultValues: { kind: 'temperature' as RoomKind, value: '' },
  });
  const save = useWrite(
    ({ kind, value }: { kind: RoomKind; value: string }) =>
      request('PUT', `/classes/${classId}/room/readings`, {
        source: 'hand',
        readings: [{ id: v7(), at: timeNow().toISOString(), kind, value: asNumber(value) }],
      }),
    'room',
  );
  const remove = useWrite((id: string) => request('DELETE', `/classes/${classId}/room/readings/${id}`), 'room');
  const last = readings
    .filter((r) => r.source === 'hand')
    .slice(-3)
    .reverse();
  return (
    <section className="section">
      <h2>{say('room.byHand')}</h2>
      <Form
        noValidate
        className="room-hand"
        onSubmit={(e) => void handleSubmit((read) => save.mutate(read, { onSuccess: () => resetField('value') }))(e)}
      >
        <Form.Select
          aria-label={say('room.whatWasRead')}
          {...register('kind', { onChange: () => formState.isSubmitted && void trigger('value') })}
        >
          {ROOM_KINDS.map((k) => (
            <option key={k} value={k}>
              {ROOM_WORDS[k].name}
              {ROOM_WORDS[k].unit && `, ${ROOM_WORDS[k].unit}`}
            </option>
          ))}
        </Form.Select>
        <Form.Control
          aria-label={say('room.value')}
          inputMode="decimal"
          autoComplete="off"
          maxLength={10}
          isInvalid={formState.errors.value !== undefined}
          aria-describedby={formState.errors.value && 'room-hand-problem'}
          {...register('value', { validate: (value, { kind }) => valueProblem(value, kind) })}
        />
        <button type="submit" className="btn" disabled={save.isPending}>
          {say('room.writeDown')}
        </button>
      </Form>
      {formState.errors.value && (
        <p className="invalid-feedback d-block" id="room-hand-problem" role="alert">
          {formState.errors.value.message}
        </p>
      )}
      <ul className="run-list">
        {last.map((r) => (
          <li key={r.id}>
            {ROOM_WORDS[r.kind].name} {r.value} {ROOM_WORDS[r.kind].unit}{' '}
            <button type="button" className="btn btn-plain" onClick={() => remove.mutate(r.id)}>
              {say('common.remove')}
            </button>
          </li>
        ))}
      </ul>
      {(save.error ?? remove.error) && <ProblemNotice error={(save.error ?? remove.error)!} />}
    </section>
  );
}
