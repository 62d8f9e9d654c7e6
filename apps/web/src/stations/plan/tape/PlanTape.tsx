import { say } from '@bright-sprout/words/say';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { withDaysOff, withSchoolOn } from '@bright-sprout/core/calendar/schoolCalendar';
import { withCheckTurned } from '@bright-sprout/core/plan/document/planChecks';
import { type PlanCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { planTape } from '@bright-sprout/core/plan/calendar/planTape';
import { type ToFix } from '@bright-sprout/core/plan/fairTest/fairRule';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { type CSSProperties, useMemo, useRef, useState } from 'react';
import { tapeColumns, tapeEdges } from '../../../tape/tapeEdges';
import { useWidth } from '../../../page/useWidth';
import { type PartProps } from '../partProps';
import { TapeConflicts } from './TapeConflicts';
import { TapeDays } from './TapeDays';
import { TapeLane } from './TapeLane';
import { TapePegs } from './TapePegs';
import './planTape.scss';

interface Props {
  /** The plan that was worked out last; what is typed and cannot be yet leaves the tape as it was. */
  plan: PlanDocument;
  out: WorkedOut;
  calendar: PlanCalendar;
  findings: readonly ToFix[];
  today: IsoDay;
  change: PartProps['change'];
  readOnly: boolean;
  /** With the ways of making days, where days are what the page is about. */
  making: boolean;
}

/** The days of the plan as a tape on which they are made: pegs are carried, days are pressed, days off are painted. */
export function PlanTape({ plan, out, calendar, findings, today, change, readOnly, making }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box);
  const [painting, setPainting] = useState(false);
  const tape = useMemo(() => planTape(plan, out, calendar, today), [plan, out, calendar, today]);
  const columns = useMemo(() => tapeColumns(tape.days), [tape]);
  const edges = useMemo(() => tapeEdges(columns, width), [columns, width]);
  const paint = (from: IsoDay, to: IsoDay) =>
    change((p) => {
      const off = p.calendar.holidays.some((h) => from >= h.from && from <= h.to);
      return { ...p, calendar: from === to && off ? withSchoolOn(p.calendar, from) : withDaysOff(p.calendar, from, to) };
    });
  return (
    <section className="plan-tape no-print" aria-label={say('planDays.daysPlan')}>
      <div className="plan-tape-scroll">
        <div className="plan-tape-box" ref={box} style={{ '--school-days': columns.reduce((a, b) => a + b, 0) } as CSSProperties}>
          <TapeDays
            tape={tape}
            columns={columns}
            today={today}
            painting={painting}
            disabled={readOnly}
            onTurn={(day) => change((p) => withCheckTurned(p, day))}
            onPaint={paint}
          />
          <TapeLane tape={tape} edges={edges} width={width} />
          <TapePegs
            tape={tape}
            edges={edges}
            width={width}
            calendar={plan.calendar}
            disabled={readOnly}
            onPut={(peg, day) => change((p) => ({ ...p, [peg]: day }))}
          />
        </div>
      </div>
      {making && !readOnly && (
        <p className="plan-tape-ways">
          <button type="button" className="btn btn-plain" aria-pressed={painting} onClick={() => setPainting(!painting)}>
            {painting ? say('planDays.donePainting') : say('planDays.paintDaysOff')}
          </button>
          <span className="second">{painting ? say('planDays.pressDragOverDays') : say('planDays.pressDayLookCarry')}</span>
        </p>
      )}
      <TapeConflicts shown={making ? 4 : 1} calendar={calendar} findings={findings} change={change} readOnly={readOnly} />
    </section>
  );
}
