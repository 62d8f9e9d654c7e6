import { clockAhead, msNow, runAhead, todayIn } from '@bright-sprout/core/clock/clock';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { useEffect, useState } from 'react';

/** A clock that is wrong by less is right enough: an answer takes its time on the way. */
const WRONG_MS = 120_000;

export interface RightClock {
  /** The day that the device showed, where it was another one. */
  wrong: IsoDay | null;
  /** The server was asked; before that, as without a network, nobody knows whether the clock is right. */
  asked: boolean;
}

/** Compares the device's clock with the server's, and goes by the server's from then on, also when the network leaves again. */
export function useRightClock(timeZone: string): RightClock {
  const [clock, setClock] = useState<RightClock>({ wrong: null, asked: false });
  useEffect(() => {
    let left = false;
    const compare = async () => {
      const answer = await fetch('/api/health', { cache: 'no-store' });
      if (!answer.ok || left) return;
      const { now } = (await answer.json()) as { now: string };
      const off = Date.parse(now) - msNow();
      if (Number.isNaN(off)) return;
      if (Math.abs(off) < WRONG_MS) return setClock((before) => ({ ...before, asked: true }));
      const shown = todayIn(timeZone);
      runAhead(clockAhead() + off);
      setClock({ wrong: todayIn(timeZone) === shown ? null : shown, asked: true });
    };
    const look = () => void compare().catch(() => undefined);
    look();
    addEventListener('online', look);
    return () => {
      left = true;
      removeEventListener('online', look);
    };
  }, [timeZone]);
  return clock;
}
