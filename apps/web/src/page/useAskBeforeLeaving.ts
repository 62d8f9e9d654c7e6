import { useEffect } from 'react';

/** Closing the window while something is not safe: the browser asks first. */
export function useAskBeforeLeaving(unsafe: boolean): void {
  useEffect(() => {
    if (!unsafe) return;
    const ask = (e: BeforeUnloadEvent) => e.preventDefault();
    addEventListener('beforeunload', ask);
    return () => removeEventListener('beforeunload', ask);
  }, [unsafe]);
}
