import { setClock } from '../src/clock/clock';

/** Every test lives on this day, a Thursday, unless another is asked for: its weekday decides nothing by chance. */
export const TEST_NOW = '2026-03-19T09:30:00Z';

setClock(process.env.SPROUT_NOW ?? TEST_NOW);
