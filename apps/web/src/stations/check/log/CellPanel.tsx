import { wordsNow } from '@bright-sprout/words/words';
import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { type InvestigationRecords, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { INTENT_WORDS } from '@bright-sprout/core/readings/doubtWords';
import { type DoubtKind } from '@bright-sprout/core/readings/doubtKinds';
import { replacedBy } from '@bright-sprout/core/readings/reading';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { useState } from 'react';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { type LogEntry } from './useLogEntry';

const DOUBT_WORDS: Record<DoubtKind, string> = spoken({
  'before-sowing': 'log.dayBeforeSowing',
  'in-the-future': 'log.dayComeYet',
  'sowing-day': 'log.daySowing',
  'too-early': 'log.hardlySeedEarly',
  'decimal-point': 'log.pointMayWrongPlace',
  inches: 'log.mayReadInches',
  centimetres: 'log.mayReadCentimetres',
  neighbour: 'log.fitsPlantNextBetter',
  shrank: 'log.itShrank',
  'grew-too-fast': 'log.grewFasterPlants',
  'more-than-sown': 'log.moreCountedSown',
});

const DAY_CODE_WORDS: Record<NonNullable<ReadingView['dayCode']>, string> = spoken({
  'from-paper': 'bench.copiedPaper',
  'checked-then': 'bench.lookedDay',
  'wrong-date': 'bench.deviceWrongDate',
  'wrong-clock': 'log.clockDeviceWrong',
  'in-the-log': 'log.enteredLog',
});

const SOURCES: Record<ReadingView['source'], string> = spoken({
  bench: 'log.teamBench',
  teacher: 'log.byYouInThe',
  together: 'log.classTogether',
  import: 'log.fromAFile',
  picture: 'log.countedPicture',
  simulated: 'log.byTheDemo',
});

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
    new Date(r.recordedAt).toLocaleTimeString(wordsNow().locale, {
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
                ` ${say('log.secondStudentRead', { secondMm: formatLength(doubt.secondMm, investigation.resolution) })}`}
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
