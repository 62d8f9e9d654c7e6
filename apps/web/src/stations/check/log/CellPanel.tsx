import { type InvestigationRecords, type ReadingView } from '@bright-sprout/contracts/investigations';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { INTENT_WORDS } from '@bright-sprout/core/readings/doubtWords';
import { type DoubtKind } from '@bright-sprout/core/readings/doubtKinds';
import { replacedBy } from '@bright-sprout/core/readings/reading';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { useState } from 'react';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { type LogEntry } from './useLogEntry';

const DOUBT_WORDS: Record<DoubtKind, string> = {
  'before-sowing': 'The day is before sowing.',
  'in-the-future': 'The day had not come yet.',
  'sowing-day': 'The day is that of sowing.',
  'too-early': 'Hardly any seed is up so early.',
  'decimal-point': 'The point may be in the wrong place.',
  inches: 'It may have been read in inches.',
  centimetres: 'It may have been read in centimetres.',
  neighbour: 'It fits the plant next to it better.',
  shrank: 'It shrank.',
  'grew-too-fast': 'It grew faster than plants do.',
  'more-than-sown': 'More were counted than were sown.',
};

const DAY_CODE_WORDS: Record<NonNullable<ReadingView['dayCode']>, string> = {
  'wrong-clock': 'the clock of the device was wrong',
  'in-the-log': 'entered in the log',
};

const SOURCES: Record<ReadingView['source'], string> = {
  bench: 'by the team, at the bench',
  teacher: 'by you, in the log',
  together: 'by the class together',
  import: 'from a file',
  picture: 'counted in a picture',
  simulated: 'by the demo',
};

interface Props {
  records: InvestigationRecords;
  row: LogRow;
  day: IsoDay;
  cell: LogCell<ReadingView> | null;
  entry: LogEntry;
}

/** One look with its story; what is open is settled here with a reason, and stays on record. */
export function CellPanel({ records, row, day, cell, entry }: Props) {
  const { investigation, readings } = records;
  const [reason, setReason] = useState('');
  const words = (r: ReadingView) => readingWords(r, { resolution: investigation.resolution, own: investigation.bench.own });
  const at = (r: ReadingView) =>
    new Date(r.recordedAt).toLocaleTimeString('en-GB', {
      hour: '2-digit',
      minute: '2-digit',
      timeZone: investigation.class.timeZone,
    });
  const reading = cell?.reading;
  const doubt = reading?.doubt;
  const replaced = reading ? replacedBy(readings, reading.id) : [];
  return (
    <section className="section log-cell">
      <h2>
        {row.name} · {formatDay(day)}
      </h2>
      {!reading ? (
        <p>Nobody has written anything. Type into the cell to catch up from paper.</p>
      ) : (
        <>
          <p>
            <b>{words(reading)}</b>, {SOURCES[reading.source]}, {at(reading)}
          </p>
          {(reading.dayReason || reading.dayCode) && (
            <p>For another day than the device’s: {reading.dayReason ?? DAY_CODE_WORDS[reading.dayCode!]}.</p>
          )}
          {reading.note && <p>“{reading.note}”</p>}
          {replaced.map((old) => (
            <p key={old.id}>
              <s>{words(old)}</s>, {SOURCES[old.source]}, {at(old)}
            </p>
          ))}
          {cell.others.map((o) => (
            <p key={o.id}>
              Another device says <b>{words(o)}</b>, {at(o)}. Both are kept.
            </p>
          ))}
          {doubt && (
            <p>
              {DOUBT_WORDS[doubt.kind]}{' '}
              {doubt.answer ? `Answered: ${INTENT_WORDS[doubt.answer].toLowerCase()}.` : 'Nobody has answered.'}
              {doubt.secondMm !== null && ` A second student read ${formatLength(doubt.secondMm, investigation.resolution)}.`}
            </p>
          )}
          {cell.doubtful && (
            <form
              className="log-settle"
              onSubmit={(e) => {
                e.preventDefault();
                void entry.settle(row, cell, reason.trim());
              }}
            >
              <label htmlFor="settle-reason">It stands as it is, because</label>
              <input
                id="settle-reason"
                className="form-control"
                value={reason}
                maxLength={200}
                onChange={(e) => setReason(e.target.value)}
              />
              <button type="submit" className="btn" disabled={reason.trim() === ''}>
                Settle it
              </button>
              <p className="second mb-0">Or type the right value into the cell; the old one stays struck through.</p>
            </form>
          )}
        </>
      )}
    </section>
  );
}
