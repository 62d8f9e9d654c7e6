import { readLoggerCsv } from '@bright-sprout/core/room/roomRecord';
import { useState } from 'react';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** Readings sent at a time. */
const BATCH = 300;

/** A logger’s file, sent in parts; lines that cannot be read are named. */
export function RoomFromLogger({ classId }: { classId: string }) {
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
