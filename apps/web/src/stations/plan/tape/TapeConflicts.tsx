import { say } from '@bright-sprout/words/say';
import { type PlanCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { type ToFix } from '@bright-sprout/core/plan/fairTest/fairRule';
import { type PartProps } from '../partProps';

/** Rules whose trouble lies on days of the tape. */
const OF_DAYS = ['dry-before-monday', 'dry-between-checks', 'ends-too-soon', 'looks-too-seldom'];

/** What collides on the tape, with its way out at one press; the rest stands with the days. */
export function TapeConflicts({
  calendar,
  findings,
  change,
  readOnly,
  shown,
}: {
  calendar: PlanCalendar;
  findings: readonly ToFix[];
  change: PartProps['change'];
  readOnly: boolean;
  /** So many of them. */
  shown: number;
}) {
  const all = [
    ...calendar.conflicts
      .filter((c) => !c.settled)
      .map((c) => ({ key: c.what, says: c.what, more: c.wayOut, fix: c.fix ?? null })),
    ...findings
      .filter((f) => OF_DAYS.includes(f.rule) && f.declared === null)
      .map((f) => ({ key: f.rule, says: f.what, more: '', fix: f.fix })),
  ];
  if (all.length === 0) return null;
  return (
    <ul className="tape-conflicts" aria-label={say('planDays.collidesDays')}>
      {all.slice(0, shown).map(({ key, says, more, fix }) => (
        <li key={key}>
          <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
            <path d="M6 1h8l5 5v8l-5 5H6l-5-5V6z" fill="currentColor" />
            <path d="M10 4.500v7M10 14v2" stroke="#fff" strokeWidth="2.200" />
          </svg>
          <span>
            <b>{says}</b> {more}
          </span>
          {fix && !readOnly && (
            <button type="button" className="btn" onClick={() => change(fix.apply)}>
              {fix.label}
            </button>
          )}
        </li>
      ))}
      {all.length > shown && <li className="second">{say('planDays.moreDays', { countAll: all.length - shown })}</li>}
    </ul>
  );
}
