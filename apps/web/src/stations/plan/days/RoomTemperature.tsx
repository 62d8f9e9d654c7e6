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
      <h3>How warm it is at the seed</h3>
      <div className="planner-columns">
        <NumberField
          label="By day"
          unit="°C"
          field="room.day"
          problems={problems}
          value={room.day}
          onChange={(day) => setRoom({ day })}
        />
        <NumberField
          label="By night"
          unit="°C"
          field="room.night"
          problems={problems}
          value={room.night}
          onChange={(night) => setRoom({ night })}
        />
        {room.weekend && (
          <NumberField
            label="Without heating"
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
        label="The heating is off when there is no school"
        checked={room.weekend !== null}
        onChange={(e) => setRoom({ weekend: e.target.checked ? { day: room.night - 2, night: room.night - 5 } : null })}
      />
      {measured.ok && (
        <p className="mt-2 mb-0">
          Read in the room: {measured.room.day} °C by day, {measured.room.night} °C by night
          {measured.room.weekend && `, ${measured.room.weekend.day} °C without school`}.{' '}
          <button type="button" className="btn" onClick={() => change(setting({ room: measured.room }))}>
            Plan with that
          </button>
        </p>
      )}
    </section>
  );
}
