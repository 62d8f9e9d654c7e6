import { say } from '@bright-sprout/words/say';
import { type RoomView as Room } from '@bright-sprout/contracts/answers/room';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** The class listens to the sensor box, or does not. */
export function SensorBox({ classId, sensor }: { classId: string; sensor: Room['sensor'] }) {
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
