import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type RoomView as Room } from '@bright-sprout/contracts/answers/room';
import { ROOM_KINDS, ROOM_WORDS, roomDays, type RoomKind } from '@bright-sprout/core/room/roomRecord';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { useState } from 'react';
import { useRoom, useWrite } from '../../../api/queries';
import { CheckFrame } from '../../../page/CheckFrame';
import { Loaded, ProblemNotice } from '../../../page/Notices';
import { RoomCurve } from './RoomCurve';
import { RoomByHand } from './RoomByHand';
import { RoomFromLogger } from './RoomFromLogger';
import { request } from '../../../api/client';
import './room.scss';

/** How warm, light and moist the room is: by hand, from a logger, or from the sensor box. */
export function RoomView() {
  return <CheckFrame>{({ investigation }) => <OfClass investigation={investigation} />}</CheckFrame>;
}

function OfClass({ investigation }: { investigation: InvestigationView }) {
  const room = useRoom(investigation.class.id);
  return (
    <Loaded query={room} what={say('room.recordRoom')}>
      {(loaded) => <RoomRecord room={loaded} investigation={investigation} />}
    </Loaded>
  );
}

function RoomRecord({ room, investigation }: { room: Room; investigation: InvestigationView }) {
  const [kind, setKind] = useState<RoomKind>('temperature');
  const shown = room.readings.filter((r) => r.kind === kind);
  const { timeZone, id: classId } = investigation.class;
  const days = roomDays(shown, kind, timeZone).reverse();
  const { name, unit } = ROOM_WORDS[kind];
  return (
    <div className="room">
      <div>
        <p className="room-kinds" role="group" aria-label={say('room.whatIsShown')}>
          {ROOM_KINDS.map((k) => (
            <button key={k} type="button" className="btn" aria-pressed={kind === k} onClick={() => setKind(k)}>
              {ROOM_WORDS[k].name}
            </button>
          ))}
        </p>
        {shown.length === 0 ? (
          <p>{say('room.nothingRecordYetType')}</p>
        ) : (
          <>
            <RoomCurve readings={shown} name={name} unit={unit} timeZone={timeZone} />
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">{say('common.dayHead')}</th>
                  <th scope="col">{say('room.lowest')}</th>
                  <th scope="col">{say('room.highest')}</th>
                </tr>
              </thead>
              <tbody>
                {days.slice(0, 14).map((d) => (
                  <tr key={d.day}>
                    <th scope="row">{formatDay(d.day)}</th>
                    <td className="numeral">
                      {d.low} {unit}
                    </td>
                    <td className="numeral">
                      {d.high} {unit}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </>
        )}
      </div>
      <aside>
        <RoomByHand classId={classId} readings={room.readings} />
        <RoomFromLogger classId={classId} timeZone={timeZone} />
        <SensorBox classId={classId} sensor={room.sensor} />
      </aside>
    </div>
  );
}

/** The class listens to the sensor box, or does not. */
function SensorBox({ classId, sensor }: { classId: string; sensor: Room['sensor'] }) {
  const listen = useWrite((on: boolean) => request('PUT', `/classes/${classId}/room/sensor`, { on }), 'room');
  return (
    <section className="section">
      <h2>{say('room.sensorBox')}</h2>
      <p>
        {!sensor.there
          ? say('room.sensorBoxSetServer')
          : sensor.on
            ? say('room.classListensReadingEvery')
            : say('room.sensorBoxReachClass')}
      </p>
      {sensor.there && (
        <button type="button" className="btn" disabled={listen.isPending} onClick={() => listen.mutate(!sensor.on)}>
          {sensor.on ? say('room.listenLonger') : say('room.listenToIt')}
        </button>
      )}
      {listen.error && <ProblemNotice error={listen.error} />}
    </section>
  );
}
