import { type RoomTemperature } from '@bright-sprout/core/calendar/roomTemperature';
import { type SchoolCalendar } from '@bright-sprout/core/calendar/schoolCalendar';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';

export interface PowerQuestion {
  speciesId: string;
  teams: number;
  perTeam: number;
  seeds: number;
  day: number;
  room: RoomTemperature;
  calendar: SchoolCalendar;
  sownOn: string;
  resolution: RulerResolution;
}

export interface PowerAnswerMessage {
  words: string;
}
