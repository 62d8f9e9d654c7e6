import { type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { replacedBy } from '@bright-sprout/core/readings/reading';
import { memo } from 'react';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { cellText } from './cellText';
import { LedgerCell } from './LedgerCell';

interface Props {
  row: LogRow;
  /** Its place in the table. */
  index: number;
  days: readonly IsoDay[];
  cell: (row: LogRow, day: IsoDay) => LogCell | null;
  readings: readonly ReadingView[];
  measure: Measure;
  resolution: RulerResolution;
  /** The day on which the keys arrive in this row; null while they arrive in another. */
  here: number | null;
  /** What is being typed in this row. */
  typing: { day: IsoDay; text: string } | null;
  refused: boolean;
  /** What was typed in this row and is on its way, by day. */
  waits: Readonly<Record<IsoDay, string>> | undefined;
  onType: (text: string) => void;
  onLeave: () => void;
}

/** One plant over all check days. Drawn anew only where something of its own changes. */
export const LedgerRow = memo(function LedgerRow({ row, index, days, cell, readings, measure, resolution, ...props }: Props) {
  const { here, typing, refused, waits, onType, onLeave } = props;
  return (
    <tr aria-rowindex={index + 2}>
      <th scope="row">
        <TreatmentMark code={row.treatment} size={15} /> {row.name}
      </th>
      {days.map((day, d) => {
        const found = cell(row, day);
        const [old] = found ? replacedBy(readings, found.reading.id) : [];
        return (
          <LedgerCell
            key={day}
            name={row.name}
            day={day}
            at={`${index} ${d}`}
            state={found?.reading.state ?? null}
            doubtful={found?.doubtful ?? false}
            words={waits?.[day] ?? cellText(found?.reading ?? null, measure, resolution)}
            old={old ? cellText(old, measure, resolution) : null}
            waits={waits?.[day] !== undefined}
            here={here === d}
            typing={typing?.day === day ? typing.text : null}
            refused={refused}
            onType={onType}
            onLeave={onLeave}
          />
        );
      })}
    </tr>
  );
});

/** The cell that something stands in. */
export function cellAt(target: Element): { row: number; day: number } | null {
  const at = target.closest('[data-cell]')?.getAttribute('data-cell');
  if (!at) return null;
  const [row, day] = at.split(' ').map(Number) as [number, number];
  return { row, day };
}
