import { say } from '@bright-sprout/words/say';
import { type ReactNode, useState } from 'react';
import { Offcanvas } from 'react-bootstrap';

/** What follows from the plan: beside it where there is room; on tablets and phones behind a bar that stays in reach. */
export function PlanSide({ bar, trouble, children }: { bar: string; trouble: string; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Offcanvas
        responsive="lg"
        placement="bottom"
        show={open}
        onHide={() => setOpen(false)}
        className="planner-side no-print"
        aria-label={say('planner.followsPlan')}
      >
        <Offcanvas.Header closeButton className="planner-side-head" closeLabel={say('common.close')}>
          <Offcanvas.Title as="h2">{say('planner.followsPlan')}</Offcanvas.Title>
        </Offcanvas.Header>
        <Offcanvas.Body className="planner-side-body" tabIndex={open ? 0 : undefined}>
          {children}
        </Offcanvas.Body>
      </Offcanvas>
      <button type="button" className="planner-bar no-print" aria-expanded={open} onClick={() => setOpen(true)}>
        <b>{bar}</b>
        <span>{trouble}</span>
        <svg width="22" height="14" viewBox="0 0 22 14" aria-hidden="true">
          <path d="M2 12L11 3l9 9" fill="none" stroke="currentColor" strokeWidth="2.5" />
        </svg>
      </button>
    </>
  );
}
