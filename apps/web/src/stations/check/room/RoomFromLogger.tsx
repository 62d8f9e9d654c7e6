import { say } from '@bright-sprout/words/say';
import { type Degrees, readLoggerCsv } from '@bright-sprout/core/formats/readLogger';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { v5 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** Names readings of loggers by what they are, so that the same file twice adds nothing. */
const LOGGER_IDS = '0d6a9a7e-6a0c-4a57-9f3b-5d0f6f1c2b11';

/** Readings sent at a time. */
const BATCH = 300;

/** A logger’s file, sent in parts; lines that cannot be read are named. */
export function RoomFromLogger({ classId, timeZone }: { classId: string; timeZone: string }) {
  const [degrees, setDegrees] = useState<Degrees | ''>('');
  const [words, setWords] = useState('');
  const [skipped, setSkipped] = useState<string[]>([]);
  const send = useWrite(async (file: File) => {
    const read = readLoggerCsv(await file.text(), timeZone, degrees || null);
    setSkipped(read.ok ? read.skipped.map((s) => say('room.lineSays', { line: s.line, sentence: s.sentence })) : []);
    if (!read.ok) return setWords(read.reason);
    for (let i = 0; i < read.readings.length; i += BATCH) {
      setWords(say('room.bringingInOf', { i, countReadings: read.readings.length }));
      const readings = read.readings.slice(i, i + BATCH).map((r) => ({
        ...r,
        id: v5(`${classId} ${r.kind} ${r.at}`, LOGGER_IDS),
      }));
      await request('PUT', `/classes/${classId}/room/readings`, { source: 'file', readings });
    }
    const { thinnedBy } = read;
    setWords(say('room.readingsCame', { countReadings: read.readings.length, isThinned: thinnedBy > 1, thinnedBy }));
  }, 'room');
  return (
    <section className="section">
      <h2>{say('room.fromALogger')}</h2>
      <label htmlFor="logger-file">{say('room.tableCsvColumnTime')}</label>
      <input
        id="logger-file"
        type="file"
        accept=".csv,text/csv"
        className="form-control"
        onChange={(e) => {
          if (e.target.files?.[0]) send.mutate(e.target.files[0]);
          // The same file can be chosen again, as after choosing its degrees.
          e.target.value = '';
        }}
      />
      <Form.Select
        aria-label={say('room.itsTemperaturesAreIn')}
        className="mt-2"
        value={degrees}
        onChange={(e) => setDegrees(e.target.value as Degrees | '')}
      >
        <option value="">{say('room.degreesHeadingSays')}</option>
        <option value="celsius">°C</option>
        <option value="fahrenheit">°F</option>
      </Form.Select>
      {words && <p role="status">{words}</p>}
      {skipped.length > 0 && (
        <ul>
          {skipped.slice(0, 5).map((s) => (
            <li key={s}>{s}</li>
          ))}
          {skipped.length > 5 && <li>{say('room.moreLines', { countSkipped: skipped.length - 5 })}</li>}
        </ul>
      )}
      {send.error && <ProblemNotice error={send.error} />}
    </section>
  );
}
