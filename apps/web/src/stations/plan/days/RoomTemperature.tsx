import { say } from '@bright-sprout/words/say';
import { roomFromRecord } from '@bright-sprout/core/room/roomRecord';
import { Form } from 'react-bootstrap';
import { useRoom } from '../../../api/queries';
import { NumberField, setting } from '../planFields';
import { type PartProps } from '../partProps';

/** How warm it is where they grow, by day, by night and on days off. */
export function RoomTemperature({ group, plan, change, problems }: Pick<PartProps, 'group' | 'plan' | 'change' | 'problems'>) {
  const record = useRoom(group.id);
  const measured = roomFromRecord(record.data?.readings ?? [], group.timeZone, plan.calendar, plan.room.dayHours);
  const { room } = plan;
  const setRoom = (part: Partial<typeof room>) => change((p) => ({ ...p, room: { ...p.room, ...part } }));
  return (
    <section>
      <h3>{say('planner.warmSeed')}</h3>
      <div className="planner-columns">
        <NumberField
          label={say('planner.byDay')}
          unit="°C"
          field="room.day"
          problems={problems}
          value={room.day}
          onChange={(day) => setRoom({ day })}
        />
        <NumberField
          label={say('planner.byNight')}
          unit="°C"
          field="room.night"
          problems={problems}
          value={room.night}
          onChange={(night) => setRoom({ night })}
        />
        {room.weekend && (
          <NumberField
            label={say('planner.withoutHeating')}
            unit="°C"
            field="room.weekend"
            problems={problems}
            value={room.weekend.day}
            onChange={(v) => setRoom({ weekend: { day: v, night: v - 3 } })}
          />
        )}
      </div>
      <Form.Check
        type="checkbox"
        id="unheated"
        label={say('planner.heatingOffWhenSchool')}
        checked={room.weekend !== null}
        onChange={(e) => setRoom({ weekend: e.target.checked ? { day: room.night - 2, night: room.night - 5 } : null })}
      />
      {measured.ok && (
        <p className="mt-2 mb-0">
          {say('planner.readRoomCDay', {
            day: measured.room.day,
            night: measured.room.night,
            dayWithoutSchool: measured.room.weekend?.day,
            weekend: Boolean(measured.room.weekend),
          })}{' '}
          <button type="button" className="btn" onClick={() => change(setting({ room: measured.room }))}>
            {say('planner.planWithThat')}
          </button>
        </p>
      )}
    </section>
  );
}
