import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { todayIn } from '@bright-sprout/core/clock/clock';

/** The time zone that this device is set to. */
export const localZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** The day it is on this device. */
export const localDay = (): IsoDay => todayIn(localZone());
