import { type KeyboardEvent, type ReactNode, type RefObject, useEffect, useRef, useState } from 'react';
import { Dropdown } from 'react-bootstrap';
import './ruledWord.scss';

interface Props {
  /** What the word stands for, for those who hear it. */
  name: string;
  /** The word as it stands in its sentence. */
  word: ReactNode;
  /** Something is wrong behind it. */
  wrong?: boolean;
  /** Looks like what it opens instead of like a word. */
  className?: string;
  wide?: boolean;
  disabled?: boolean;
  /** It stands in something that scrolls, over whose edge the panel hangs. */
  over?: boolean;
  /** Id of what tells more about it. */
  describedBy?: string;
  /** What hangs from it; a function is told how to close it, which puts one back on the word. */
  children: ReactNode | ((close: () => void) => ReactNode);
}

/** It hangs down, and stays off the edges of the page. */
const POPPER = {
  modifiers: [
    { name: 'flip', enabled: false },
    { name: 'preventOverflow', options: { padding: 16 } },
  ],
};

/** The same, free of what it stands in. */
const OVER = { ...POPPER, strategy: 'fixed' as const };

/** A word that stands on ruler ticks: pressing it turns it to ink, and what it can be changed to hangs from it. */
export function WordPanel({
  name,
  word,
  wrong = false,
  className = 'ruled-word',
  wide = false,
  disabled,
  over = false,
  describedBy,
  children,
}: Props) {
  const [open, setOpen] = useState(false);
  const toggle = useRef<HTMLButtonElement>(null);
  const panel = useRef<HTMLDivElement>(null);
  useSeen(panel, open && !over);
  const close = () => {
    setOpen(false);
    toggle.current?.focus();
  };
  return (
    <Dropdown as="span" className="word-panel" autoClose="outside" show={open} onToggle={setOpen}>
      <Dropdown.Toggle
        as="button"
        type="button"
        ref={toggle}
        className={`${className}${wrong ? ' wrong' : ''}`}
        disabled={disabled}
        aria-label={name}
        aria-describedby={describedBy}
      >
        {word}
      </Dropdown.Toggle>
      <Dropdown.Menu
        ref={panel}
        className={`hanging${wide ? ' wide' : ''}${over ? ' over' : ''}`}
        role="group"
        aria-label={name}
        onKeyDown={leaveArrowsAlone}
        popperConfig={over ? OVER : POPPER}
      >
        {open && (typeof children === 'function' ? children(close) : children)}
      </Dropdown.Menu>
    </Dropdown>
  );
}

/** What hangs below the edge of the screen comes into sight: pressing a word never seems to do nothing. */
function useSeen(panel: RefObject<HTMLElement | null>, open: boolean) {
  useEffect(() => {
    if (!open) return;
    // It hangs where it belongs one frame later.
    const frame = requestAnimationFrame(() => panel.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' }));
    return () => cancelAnimationFrame(frame);
  }, [panel, open]);
}

/** In fields and lists arrows do what they do there; only Escape and Tab are for the panel. */
function leaveArrowsAlone(event: KeyboardEvent) {
  if (event.key !== 'Escape' && event.key !== 'Tab') event.stopPropagation();
}
