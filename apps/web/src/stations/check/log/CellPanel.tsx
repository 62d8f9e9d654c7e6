import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
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
  get 'before-sowing'() {
    return say('log.dayBeforeSowing');
  },
  get 'in-the-future'() {
    return say('log.dayComeYet');
  },
  get 'sowing-day'() {
    return say('log.daySowing');
  },
  get 'too-early'() {
    return say('log.hardlySeedEarly');
  },
  get 'decimal-point'() {
    return say('log.pointMayWrongPlace');
  },
  get inches() {
    return say('log.mayReadInches');
  },
  get centimetres() {
    return say('log.mayReadCentimetres');
  },
  get neighbour() {
    return say('log.fitsPlantNextBetter');
  },
  get shrank() {
    return say('log.itShrank');
  },
  get 'grew-too-fast'() {
    return say('log.grewFasterPlants');
  },
  get 'more-than-sown'() {
    return say('log.moreCountedSown');
  },
};

const DAY_CODE_WORDS: Record<NonNullable<ReadingView['dayCode']>, string> = {
  get 'wrong-clock'() {
    return say('log.clockDeviceWrong');
  },
  get 'in-the-log'() {
    return say('log.enteredLog');
  },
};

const SOURCES: Record<ReadingView['source'], string> = {
  get bench() {
    return say('log.teamBench');
  },
  get teacher() {
    return say('log.byYouInThe');
  },
  get together() {
    return say('log.classTogether');
  },
  get import() {
    return say('log.fromAFile');
  },
  get picture() {
    return say('log.countedPicture');
  },
  get simulated() {
    return say('log.byTheDemo');
  },
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
        <p>{say('log.nobodyWrittenAnythingType')}</p>
      ) : (
        <>
          <p>
            <b>{words(reading)}</b>, {SOURCES[reading.source]}, {at(reading)}
          </p>
          {(reading.dayReason || reading.dayCode) && (
            <p>{say('log.anotherDayDevices', { dayReason: reading.dayReason ?? DAY_CODE_WORDS[reading.dayCode!] })}</p>
          )}
          {reading.note && <p>“{reading.note}”</p>}
          {replaced.map((old) => (
            <p key={old.id}>
              <s>{words(old)}</s>, {SOURCES[old.source]}, {at(old)}
            </p>
          ))}
          {cell.others.map((o) => (
            <p key={o.id}>
              <Say it="log.anotherDeviceSaysBoth" o={words(o)} b={(inside) => <b>{inside}</b>} at={at(o)} />
            </p>
          ))}
          {doubt && (
            <p>
              {DOUBT_WORDS[doubt.kind]}{' '}
              {doubt.answer
                ? say('log.answered', { intentWords: INTENT_WORDS[doubt.answer].toLowerCase() })
                : say('log.nobodyAnswered')}
              {doubt.secondMm !== null &&
                say('log.secondStudentRead', { secondMm: formatLength(doubt.secondMm, investigation.resolution) })}
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
              <label htmlFor="settle-reason">{say('log.standsBecause')}</label>
              <input
                id="settle-reason"
                className="form-control"
                value={reason}
                maxLength={200}
                onChange={(e) => setReason(e.target.value)}
              />
              <button type="submit" className="btn" disabled={reason.trim() === ''}>
                {say('log.settleIt')}
              </button>
              <p className="second mb-0">{say('log.typeRightValueCell')}</p>
            </form>
          )}
        </>
      )}
    </section>
  );
}
