import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, formatDate, isDated, type IsoDay } from '@bright-sprout/core/calendar/days';
import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { Fragment, useEffect, useRef, useState } from 'react';
import { cellAt, LedgerRow } from './LedgerRow';
import { type LedgerTable, useLedger } from './useLedger';
import { flushSync } from 'react-dom';

interface Props extends Omit<LedgerTable, 'resolution' | 'showRow'> {
  records: InvestigationRecords;
  onLookAt: (name: string, day: IsoDay) => void;
}

/** Height of a row and of the head, as in the style sheet. */
const ROW_PX = 34;
const HEAD_PX = 46;
/** Rows that are drawn above and below what is seen. */
const BEYOND = 6;

/** The table itself: plants down, check days across. Only the rows that are seen are drawn; all of them on paper. */
export function Ledger({ records, onLookAt, ...table }: Props) {
  const { sownOn, resolution } = records.investigation;
  const { measure, rows, days, cell } = table;
  const holder = useRef<HTMLDivElement>(null);
  const printing = usePrinting();
  const ledger = useLedger({ ...table, resolution, showRow: (row) => virtual.scrollToIndex(row) });
  const { here, editing } = ledger;
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => holder.current,
    estimateSize: () => ROW_PX,
    overscan: BEYOND,
    scrollPaddingStart: HEAD_PX,
    // The row of the hand stays, wherever the eye goes: what is typed there is not put down.
    rangeExtractor: (range) => {
      if (printing) return rows.map((_, i) => i);
      return [...new Set([...defaultRangeExtractor(range), here.row])].sort((a, b) => a - b);
    },
  });
  const drawn = virtual.getVirtualItems();
  return (
    <div className="ledger-holder" ref={holder}>
      <table
        className="ledger"
        role="grid"
        aria-label={say('log.logClass')}
        aria-rowcount={rows.length + 1}
        ref={ledger.table}
        onKeyDown={ledger.onKeyDown}
        onFocus={({ target }) => {
          const at = cellAt(target);
          if (!at) return;
          ledger.setAt(at);
          onLookAt(rows[at.row]!.name, days[at.day]!);
        }}
        onDoubleClick={({ target }) => {
          const at = cellAt(target as Element);
          if (at && !editing) ledger.beginWithWhatStands(rows[at.row]!, days[at.day]!);
        }}
      >
        <thead>
          <tr aria-rowindex={1}>
            <th scope="col">{say('common.plant')}</th>
            {days.map((day) => (
              <th key={day} scope="col">
                <span className="numeral">{daysBetween(sownOn, day)}</span>
                {isDated(day) && <span className="ledger-date">{formatDate(day, 'short')}</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {drawn.map(({ index, start }, n) => {
            const row = rows[index]!;
            return (
              <Fragment key={row.name}>
                <NotDrawn height={start - (drawn[n - 1]?.end ?? 0)} />
                <LedgerRow
                  row={row}
                  index={index}
                  days={days}
                  cell={cell}
                  readings={records.readings}
                  measure={measure}
                  resolution={resolution}
                  here={here.row === index ? here.day : null}
                  typing={editing?.row.name === row.name ? editing : null}
                  refused={editing?.row.name === row.name && ledger.refused !== ''}
                  waits={ledger.waits[row.name]}
                  onType={ledger.type}
                  onLeave={ledger.leaveCell}
                />
              </Fragment>
            );
          })}
          <NotDrawn height={virtual.getTotalSize() - (drawn[drawn.length - 1]?.end ?? 0)} />
        </tbody>
      </table>
      {ledger.refused && (
        <p className="ledger-refused" role="alert">
          {say('log.typedStillCell', { refused: ledger.refused })}
        </p>
      )}
    </div>
  );
}

/** The room of rows that are not drawn. */
function NotDrawn({ height }: { height: number }) {
  return height > 0 ? <tr aria-hidden="true" className="ledger-room" style={{ height }} /> : null;
}

/** True while the page is laid out for paper. */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const paper = matchMedia('print');
    // Paper is drawn as soon as this returns.
    const follow = () => flushSync(() => setPrinting(paper.matches));
    paper.addEventListener('change', follow);
    return () => paper.removeEventListener('change', follow);
  }, []);
  return printing;
}
