import { timeNow } from '@bright-sprout/core/clock/clock';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type RoomReadingView, type RoomView as Room } from '@bright-sprout/contracts/room';
import { ROOM_KINDS, ROOM_LIMITS, ROOM_WORDS, readLoggerCsv, roomDays, type RoomKind } from '@bright-sprout/core/room/roomRecord';
import {
  addDays,
  clockInZone,
  dayInZone,
  daysBetween,
  formatDay,
  type IsoDay,
  isWeekend,
} from '@bright-sprout/core/calendar/days';
import { type Data, type Layout, type Shape } from 'plotly.js';
import { useMemo, useState } from 'react';
import { Form } from 'react-bootstrap';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useRoom, useWrite } from '../../../api/queries';
import { CheckFrame } from '../../../page/CheckFrame';
import { Loaded, ProblemNotice } from '../../../page/Notices';
import { PlotlyChart } from '../../../charts/PlotlyChart';
import './room.scss';

/** Readings sent at a time. */
const BATCH = 300;

/** How warm, light and moist the room is: by hand, from a logger, or from the sensor box. */
export function RoomView() {
  return <CheckFrame>{({ investigation }) => <OfClass investigation={investigation} />}</CheckFrame>;
}

function OfClass({ investigation }: { investigation: InvestigationView }) {
  const room = useRoom(investigation.class.id);
  return (
    <Loaded query={room} what="the record of the room">
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
        <p className="room-kinds" role="group" aria-label="What is shown">
          {ROOM_KINDS.map((k) => (
            <button key={k} type="button" className="btn" aria-pressed={kind === k} onClick={() => setKind(k)}>
              {ROOM_WORDS[k].name}
            </button>
          ))}
        </p>
        {shown.length === 0 ? (
          <p>
            Nothing of it is on record yet. Type in what the thermometer says, bring in a logger’s file, or listen to the sensor
            box.
          </p>
        ) : (
          <>
            <Curve readings={shown} name={name} unit={unit} timeZone={timeZone} />
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">Day</th>
                  <th scope="col">Lowest</th>
                  <th scope="col">Highest</th>
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
        <ByHand classId={classId} readings={room.readings} />
        <FromLogger classId={classId} />
        <Sensor classId={classId} sensor={room.sensor} />
      </aside>
    </div>
  );
}

/** Hours that the clock in the room showed, as the chart's axis wants them. */
const onTheClock = (at: string, timeZone: string) =>
  `${dayInZone(new Date(at), timeZone)} ${clockInZone(new Date(at), timeZone)}`;

/** A flat band over each weekend from the first to the last day: it is then that a room is left to itself. */
function weekendBands(from: IsoDay, to: IsoDay): Partial<Shape>[] {
  const days = Array.from({ length: daysBetween(from, to) + 1 }, (_, i) => addDays(from, i));
  return days.filter(isWeekend).map((day) => ({
    type: 'rect',
    layer: 'below',
    xref: 'x',
    yref: 'paper',
    x0: day,
    x1: addDays(day, 1),
    y0: 0,
    y1: 1,
    fillcolor: '#E9E7EF',
    line: { width: 0 },
  }));
}

function Curve({
  readings,
  name,
  unit,
  timeZone,
}: {
  readings: RoomReadingView[];
  name: string;
  unit: string;
  timeZone: string;
}) {
  const [data, layout] = useMemo((): [Data[], Partial<Layout>] => {
    const x = readings.map((r) => onTheClock(r.at, timeZone));
    const days = x.map((at) => at.slice(0, 10)).sort();
    const points: Data = {
      x,
      y: readings.map((r) => r.value),
      mode: readings.length > 60 ? 'lines' : 'lines+markers',
      line: { color: '#2A1B2E', width: 2 },
      marker: { color: '#2A1B2E', size: 6 },
      hovertemplate: `%{y} ${unit}<br>%{x|%a %-d %b, %H:%M}<extra></extra>`,
    };
    return [
      [points],
      {
        margin: { t: 8, r: 8, b: 40, l: 56 },
        paper_bgcolor: 'rgba(0,0,0,0)',
        plot_bgcolor: '#fff',
        font: { family: 'Atkinson Hyperlegible Next, Verdana, sans-serif', size: 15, color: '#2A1B2E' },
        xaxis: { type: 'date', gridcolor: '#E3E2EA', tickformat: '%a %-d %b', nticks: 8 },
        shapes: weekendBands(days[0]!, days.at(-1)!),
        yaxis: { title: { text: unit ? `${name}, ${unit}` : name }, gridcolor: '#E3E2EA' },
        showlegend: false,
      },
    ];
  }, [readings, name, unit, timeZone]);
  const values = readings.map((r) => r.value);
  return (
    <PlotlyChart
      data={data}
      layout={layout}
      height={320}
      summary={`${name} from ${Math.min(...values)} to ${Math.max(...values)} ${unit}, ${readings.length} readings`}
    />
  );
}

function ByHand({ classId, readings }: { classId: string; readings: RoomReadingView[] }) {
  const [kind, setKind] = useState<RoomKind>('temperature');
  const [typed, setTyped] = useState('');
  const value = Number(typed.replace(',', '.'));
  const [low, high] = ROOM_LIMITS[kind];
  const wrong = typed !== '' && !(Number.isFinite(value) && value >= low && value <= high);
  const save = useWrite(
    () =>
      request('PUT', `/classes/${classId}/room/readings`, {
        source: 'hand',
        readings: [{ id: v7(), at: timeNow().toISOString(), kind, value }],
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
      <h2>By hand</h2>
      <form
        className="room-hand"
        onSubmit={(e) => {
          e.preventDefault();
          if (typed !== '' && !wrong) save.mutate(undefined, { onSuccess: () => setTyped('') });
        }}
      >
        <Form.Select aria-label="What was read" value={kind} onChange={(e) => setKind(e.target.value as RoomKind)}>
          {ROOM_KINDS.map((k) => (
            <option key={k} value={k}>
              {ROOM_WORDS[k].name}
              {ROOM_WORDS[k].unit && `, ${ROOM_WORDS[k].unit}`}
            </option>
          ))}
        </Form.Select>
        <Form.Control
          aria-label="Value"
          inputMode="decimal"
          value={typed}
          isInvalid={wrong}
          maxLength={10}
          onChange={(e) => setTyped(e.target.value)}
        />
        <button type="submit" className="btn" disabled={typed === '' || wrong || save.isPending}>
          Write it down
        </button>
      </form>
      {wrong && (
        <p className="invalid-feedback d-block">
          A value of {ROOM_WORDS[kind].name.toLowerCase()} lies between {low} and {high}.
        </p>
      )}
      <ul className="run-list">
        {last.map((r) => (
          <li key={r.id}>
            {ROOM_WORDS[r.kind].name} {r.value} {ROOM_WORDS[r.kind].unit}{' '}
            <button type="button" className="btn btn-plain" onClick={() => remove.mutate(r.id)}>
              remove
            </button>
          </li>
        ))}
      </ul>
      {(save.error ?? remove.error) && <ProblemNotice error={(save.error ?? remove.error)!} />}
    </section>
  );
}

function FromLogger({ classId }: { classId: string }) {
  const [words, setWords] = useState('');
  const [skipped, setSkipped] = useState<string[]>([]);
  const send = useWrite(async (file: File) => {
    const read = readLoggerCsv(await file.text());
    setSkipped(read.ok ? read.skipped.map((s) => `Line ${s.line}: ${s.sentence}`) : []);
    if (!read.ok) return setWords(read.reason);
    for (let i = 0; i < read.readings.length; i += BATCH) {
      setWords(`Bringing in ${i} of ${read.readings.length} …`);
      const readings = read.readings.slice(i, i + BATCH).map((r) => ({ ...r, id: v7() }));
      await request('PUT', `/classes/${classId}/room/readings`, { source: 'file', readings });
    }
    setWords(`${read.readings.length} readings came in.`);
  }, 'room');
  return (
    <section className="section">
      <h2>From a logger</h2>
      <label htmlFor="logger-file">A table (CSV) with a column for the time and one for each value</label>
      <input
        id="logger-file"
        type="file"
        accept=".csv,text/csv"
        className="form-control"
        onChange={(e) => e.target.files?.[0] && send.mutate(e.target.files[0])}
      />
      {words && <p role="status">{words}</p>}
      {skipped.length > 0 && (
        <ul>
          {skipped.slice(0, 5).map((s) => (
            <li key={s}>{s}</li>
          ))}
          {skipped.length > 5 && <li>and {skipped.length - 5} more lines</li>}
        </ul>
      )}
      {send.error && <ProblemNotice error={send.error} />}
    </section>
  );
}

function Sensor({ classId, sensor }: { classId: string; sensor: Room['sensor'] }) {
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
