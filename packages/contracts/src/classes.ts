import 'reflect-metadata';
import { type SchoolCalendar } from '@bright-sprout/core/calendar/schoolCalendar';
import { GRADE_BANDS, type GradeBand } from '@bright-sprout/core/words/gradeBand';
import { ArrayMaxSize, ArrayUnique, IsArray, IsIn, IsString, IsUUID, Length } from 'class-validator';
import { type Emblem, EMBLEMS } from './access';
import { PartsOf } from './parts';

export { GRADE_BANDS, type GradeBand };

export const GRADE_BAND_NAMES: Record<GradeBand, string> = {
  early: 'ages 5 to 7',
  primary: 'ages 8 to 10',
  middle: 'ages 11 to 13',
  upper: 'ages 14 and up',
};

export class SaveClassRequest {
  @IsString({ message: 'Type a name for the class.' })
  @Length(1, 40, { message: 'The name of a class has 1 to 40 characters.' })
  name: string;

  @IsIn(GRADE_BANDS, { message: 'Choose the age of the class.' })
  gradeBand: GradeBand;

  @IsString({ message: 'Choose the time zone of the school.' })
  @Length(1, 60, { message: 'Choose the time zone of the school.' })
  timeZone: string;
}

export class TeamRequest {
  @IsUUID(undefined, { message: 'A team has an id made by the device.' })
  id: string;

  @IsIn(EMBLEMS, { message: 'Choose an emblem.' })
  emblem: Emblem;
}

export class SaveTeamsRequest {
  @IsArray({ message: 'Send a list of teams.' })
  @ArrayMaxSize(EMBLEMS.length, { message: 'A class has at most twelve teams.' })
  @ArrayUnique((t: TeamRequest) => t?.emblem, { message: 'Every team needs its own emblem.' })
  @PartsOf(() => TeamRequest)
  teams: TeamRequest[];
}

export interface TeamView {
  id: string;
  emblem: Emblem;
  nickname: string;
}

/** What goes out of sight when a team is taken away; all of it comes back with the team. */
export interface TeamLeaves {
  /** On which it has joined. */
  devices: number;
  predictions: number;
  /** Entries that wait for the teacher's decision. */
  waiting: number;
}

export interface ClassView {
  id: string;
  name: string;
  gradeBand: GradeBand;
  timeZone: string;
  joinCode: string;
  /** School days and holidays for all its plans; null until they are typed. */
  schoolYear: SchoolCalendar | null;
  /** PINs are shown to the class's teachers only. */
  teams: (TeamView & { pin: string; leaves: TeamLeaves })[];
  /** Entries of its teams that wait for a decision. */
  waiting: number;
  investigations: { id: string; question: string; phase: Phase; sownOn: string }[];
}

export const PHASES = ['growing', 'finished'] as const;
export type Phase = (typeof PHASES)[number];
