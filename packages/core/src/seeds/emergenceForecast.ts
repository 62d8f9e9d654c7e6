import { say } from '@bright-sprout/words/say';
import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { addDays, daysBetween, type IsoDay } from '../calendar/days';
import { hourlyTemperatures, type RoomTemperature } from '../calendar/roomTemperature';
import { type SchoolCalendar } from '../calendar/schoolCalendar';
import { type Result } from '../result/result';
import { type Species } from './catalogue';
import { effectiveDegrees } from './emergenceTime';

/** Earliest, likely and latest day; null beyond the horizon. */
export interface DateWindow {
  earliest: IsoDay | null;
  likely: IsoDay | null;
  latest: IsoDay | null;
}

export interface ShareUp {
  expected: number;
  low: number;
  high: number;
}

export interface EmergenceForecast {
  /** The first of all seeds, half and nine tenths of those that will come up. */
  first: DateWindow;
  half: DateWindow;
  ninety: DateWindow;
  /** Expected share of the seeds sown that is up in the middle of a day, with its band. */
  shareUp: (day: IsoDay) => ShareUp;
  /** Chance that a given share of those that will come up is not up by the start of a day. */
  chanceLate: (day: IsoDay, share?: number) => number;
}

export interface ForecastSetting {
  sownOn: IsoDay;
  /** Hour of sowing, 24-hour clock. */
  sownAt?: number;
  /** All seeds of the experiment; decides how early the first may come. */
  seeds: number;
  room: RoomTemperature;
  calendar: SchoolCalendar;
  /** Share of seeds that come up; the kind's own without it. */
  germination?: number;
  /** Forecasts the root tip instead of the shoot, where it is known: what a class sees on paper. */
  rootTip?: boolean;
}

const HORIZON_DAYS = 120;
/** Hour of sowing where nobody says otherwise, 24-hour clock. */
const MORNING = 10;
/** Facts give the doubt of θ50 as a share either way; nine lots of ten lie within. */
const NINE_OF_TEN = normalQuantile(0.95, 0, 1);

/**
 * When seedlings come up: degree-hours above the base add up hour by hour, so that nights and unheated weekends count, and
 * the time of a seed is log-normal in them (Bierhuizen and Wagenvoort 1974; Garcia-Huidobro, Monteith and Squire 1982;
 * Covell et al. 1986). Windows come from the doubt about the kind's thermal time, 90 %.
 */
export function forecastEmergence(species: Species, setting: ForecastSetting): Result<EmergenceForecast> {
  const { sownOn, seeds } = setting;
  const sownAt = setting.sownAt ?? MORNING;
  const warmth = degreeDays(species, setting, sownAt);
  if (warmth[warmth.length - 1] === 0)
    return { ok: false, reason: say('seeds.temperaturesSprout', { name: species.name.toLowerCase() }) };
  const { doubt, root } = species.thermal;
  const { theta50, sdLog } = setting.rootTip && root ? root : species.thermal;
  const spread = Math.log(1 + doubt) / NINE_OF_TEN;
  const dayOf = (needed: number): IsoDay | null => {
    const hour = warmth.findIndex((w) => w >= needed);
    return hour < 0 ? null : addDays(sownOn, Math.floor((sownAt + hour) / 24));
  };
  const window = (share: number): DateWindow => {
    const needed = theta50 * Math.exp(sdLog * normalQuantile(share, 0, 1));
    return { earliest: dayOf(needed / (1 + doubt)), likely: dayOf(needed), latest: dayOf(needed * (1 + doubt)) };
  };
  const at = (day: IsoDay, hour: number) => {
    const index = daysBetween(sownOn, day) * 24 + hour - sownAt;
    return index < 0 ? 0 : warmth[Math.min(index, warmth.length - 1)]!;
  };
  const share = (degrees: number, theta: number) =>
    degrees <= 0 ? 0 : normalCdf(Math.log(degrees / theta) / sdLog, 0, 1) * (setting.germination ?? species.germination);
  return {
    ok: true,
    first: window(1 - 0.5 ** (1 / Math.max(1, seeds * species.germination))),
    half: window(0.5),
    ninety: window(0.9),
    shareUp: (day) => {
      const degrees = at(day, 12);
      return {
        expected: share(degrees, theta50),
        low: share(degrees, theta50 * (1 + doubt)),
        high: share(degrees, theta50 / (1 + doubt)),
      };
    },
    chanceLate: (day, wanted = 0.5) => {
      const degrees = at(day, 8);
      if (degrees <= 0) return 1;
      const needed = theta50 * Math.exp(sdLog * normalQuantile(wanted, 0, 1));
      return 1 - normalCdf(Math.log(degrees / needed) / spread, 0, 1);
    },
  };
}

/** Days since sowing (with fractions) at which so many degree-days have gathered in a room; Infinity beyond the horizon. */
export function dayAtWarmth(
  species: Species,
  place: Pick<ForecastSetting, 'sownOn' | 'room' | 'calendar'>,
): (degreeDays: number) => number {
  const gathered = degreeDays(species, place, MORNING);
  return (wanted) => {
    if (wanted > gathered[gathered.length - 1]!) return Infinity;
    let [low, high] = [0, gathered.length - 1];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (gathered[middle]! < wanted) low = middle;
      else high = middle;
    }
    const step = gathered[high]! - gathered[low]!;
    return (low + (step === 0 ? 0 : (wanted - gathered[low]!) / step)) / 24;
  };
}

/** Degree-days gathered since sowing, after each hour. */
function degreeDays(
  species: Species,
  { sownOn, room, calendar }: Pick<ForecastSetting, 'sownOn' | 'room' | 'calendar'>,
  sownAt: number,
): Float64Array {
  const gathered = new Float64Array(HORIZON_DAYS * 24 - sownAt + 1);
  let hour = 0;
  for (let day = 0; day < HORIZON_DAYS; day++) {
    const temperatures = hourlyTemperatures(room, calendar, addDays(sownOn, day));
    for (let clock = day === 0 ? sownAt : 0; clock < 24; clock++, hour++)
      gathered[hour + 1] = gathered[hour]! + effectiveDegrees(temperatures[clock]!, species.thermal) / 24;
  }
  return gathered;
}
