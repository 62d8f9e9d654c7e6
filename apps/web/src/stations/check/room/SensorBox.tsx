import { type RoomView as Room } from '@bright-sprout/contracts/room';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** The class listens to the sensor box, or does not. */
export function SensorBox({ classId, sensor }: { classId: string; sensor: Room['sensor'] }) {
  const listen = useWrite((on: boolean) => request('PUT', `/classes/${classId}/room/sensor`, { on }), 'room');
  return (
    <section className="section">
      <h2>Sensor box</h2>
      <p>
        {!sensor.there
          ? 'No sensor box is set up on this server.'
          : sensor.on
            ? 'This class listens to it: a reading every ten minutes.'
            : 'A sensor box is in reach. This class does not listen to it.'}
      </p>
      {sensor.there && (
        <button type="button" className="btn" disabled={listen.isPending} onClick={() => listen.mutate(!sensor.on)}>
          {sensor.on ? 'Listen no longer' : 'Listen to it'}
        </button>
      )}
      {listen.error && <ProblemNotice error={listen.error} />}
    </section>
  );
}
