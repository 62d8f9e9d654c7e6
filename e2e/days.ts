import { setClock, timeNow } from '@bright-sprout/core/clock/clock';
import { addDays, type IsoDay } from '@bright-sprout/core/calendar/days';

/** When the tests take place, a Thursday unless another moment is asked for; servers, pages and tests go by the same clock. */
export const TEST_NOW = process.env.SPROUT_NOW ?? '2026-03-19T09:30:00Z';

setClock(TEST_NOW);

export const today = (): IsoDay => timeNow().toISOString().slice(0, 10);

/** A day so many days from today; negative for one that has passed. */
export const inDays = (days: number): IsoDay => addDays(today(), days);
