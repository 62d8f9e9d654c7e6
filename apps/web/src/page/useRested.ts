import { useEffect, useState } from 'react';

/** A value as it was when it last stayed the same for so many milliseconds: what may wait while a hand moves. */
export function useRested<T>(value: T, ms: number): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  return rested;
}
