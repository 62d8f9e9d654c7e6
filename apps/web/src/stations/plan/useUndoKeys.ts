import { useEffect, useRef } from 'react';
import { type PlanDraft } from './usePlanDraft';

/** Ctrl+Z and Ctrl+Shift+Z (or Y) outside of text fields; inside, the field's own undo works. */
export function useUndoKeys(draft: PlanDraft): void {
  const latest = useRef(draft);
  useEffect(() => {
    latest.current = draft;
  });
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing =
        e.target instanceof HTMLElement && e.target.matches('input:not([type=checkbox]):not([type=radio]), textarea');
      if (typing || !(e.ctrlKey || e.metaKey)) return;
      const key = e.key.toLowerCase();
      const act = key === 'z' && !e.shiftKey ? latest.current.undo : key === 'y' || key === 'z' ? latest.current.redo : null;
      if (!act) return;
      e.preventDefault();
      act();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
}
