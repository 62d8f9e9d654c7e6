import { fault } from '@bright-sprout/words/say';
import 'reflect-metadata';
import { type Holiday, type SchoolCalendar } from '@bright-sprout/core/calendar/schoolCalendar';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsBoolean, IsOptional, IsString, MaxLength } from 'class-validator';
import { PartsOf } from './parts';

const MISSING = {
  message: fault('refusals.somethingSchoolDaysMissing'),
};
const LONG = {
  message: fault('refusals.textTooLong'),
};

class HolidayRequest implements Holiday {
  @IsString(MISSING) @MaxLength(10, LONG) from: string;
  @IsString(MISSING) @MaxLength(10, LONG) to: string;
  @IsString(MISSING) @MaxLength(60, LONG) name: string;
}

/** When somebody is at school: of a plan, or of a class for all its plans. */
export class SchoolCalendarRequest implements SchoolCalendar {
  @IsArray(MISSING)
  @ArrayMinSize(7, MISSING)
  @ArrayMaxSize(7, MISSING)
  @IsBoolean({ each: true, ...MISSING })
  weekdays: readonly boolean[];

  @IsArray(MISSING)
  @ArrayMaxSize(40, { message: fault('refusals.mostFortyHolidays') })
  @PartsOf(() => HolidayRequest)
  holidays: readonly HolidayRequest[];

  @IsOptional()
  @IsArray(MISSING)
  @ArrayMaxSize(40, { message: fault('refusals.mostFortyHalfDays') })
  @IsString({ each: true, ...MISSING })
  @MaxLength(10, { each: true, ...LONG })
  halfDays?: readonly string[];
}
