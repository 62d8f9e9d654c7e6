import { say } from '@bright-sprout/words/say';
import { heightOf } from '@bright-sprout/core/measures/finding';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { recordedDays } from '@bright-sprout/core/readings/standing';
import { useRef } from 'react';
import { useWidth } from '../../page/useWidth';
import { Shelf } from './Shelf';

/** Every investigation on its own shelf, all at one scale. */
export function Shelves({ all }: { all: InvestigationRecords[] }) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 800);
  const top = Math.max(100, ...all.map(tallestNow)) * 1.04;
  return (
    <div ref={holder}>
      <p className="second text-end mb-1">{say('today.lastCheckedShelvesScale')}</p>
      {all.map((records) => (
        <Shelf key={records.investigation.id} records={records} width={width} scale={150 / top} />
      ))}
    </div>
  );
}

/** The tallest plant as last checked, in mm. */
function tallestNow({ readings }: InvestigationRecords): number {
  const day = recordedDays(readings).pop();
  return Math.max(0, ...readings.filter((r) => r.day === day).map((r) => heightOf(r) ?? 0));
}
