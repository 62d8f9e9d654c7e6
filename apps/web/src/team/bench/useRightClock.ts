import { clockAhead, msNow, runAhead, todayIn } from '@bright-sprout/core/clock/clock';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { useEffect, useState } from 'react';

/** A clock that is wrong by less is right enough: an answer takes its time on the way. */
const WRONG_MS = 120_000;

/**
 * Compares the device's clock with the server's, and goes by the server's from then on, also when the network leaves again.
 * @returns the day that the device showed, where it was another one
 */
export function useRightClock(timeZone: string): IsoDay | null {
  const [wrong, setWrong] = useState<IsoDay | null>(null);
  useEffect(() => {
    let left = false;
    const compare = async () => {
      const answer = await fetch('/api/health', { cache: 'no-store' });
      if (!answer.ok || left) return;
      const { now } = (await answer.json()) as { now: string };
      const off = Date.parse(now) - msNow();
      if (Number.isNaN(off) || Math.abs(off) < WRONG_MS) return;
      const shown = todayIn(timeZone);
      runAhead(clockAhead() + off);
      setWrong(todayIn(timeZone) === shown ? null : shown);
    };
    const look = () => void compare().catch(() => undefined);
    look();
    addEventListener('online', look);
    return () => {
      left = true;
      removeEventListener('online', look);
    };
  }, [timeZone]);
  return wrong;
}
