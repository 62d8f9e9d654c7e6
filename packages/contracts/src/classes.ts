import { fault } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import 'reflect-metadata';
import { type SchoolCalendar } from '@bright-sprout/core/calendar/schoolCalendar';
import { GRADE_BANDS, type GradeBand } from '@bright-sprout/core/words/gradeBand';
import { ArrayMaxSize, ArrayUnique, IsArray, IsIn, IsString, IsUUID, Length } from 'class-validator';
import { type Emblem, EMBLEMS } from './access';
import { PartsOf } from './parts';

export { GRADE_BANDS, type GradeBand };

export const GRADE_BAND_NAMES: Record<GradeBand, string> = spoken({
  early: 'refusals.agesTo',
  primary: 'refusals.agesTo2',
  middle: 'refusals.agesTo3',
  upper: 'refusals.agesAndUp',
});

export class SaveClassRequest {
  @IsString({ message: fault('refusals.typeNameClass') })
  @Length(1, 40, { message: fault('refusals.nameClassCharacters') })
  name: string;

  @IsIn(GRADE_BANDS, { message: fault('refusals.chooseAgeClass') })
  gradeBand: GradeBand;

  @IsString({ message: fault('refusals.chooseTimeZoneSchool') })
  @Length(1, 60, { message: fault('refusals.chooseTimeZoneSchool') })
  timeZone: string;
}

export class TeamRequest {
  @IsUUID(undefined, { message: fault('refusals.teamIdMadeDevice') })
  id: string;

  @IsIn(EMBLEMS, { message: fault('refusals.chooseEmblem') })
  emblem: Emblem;
}

export class SaveTeamsRequest {
  @IsArray({ message: fault('refusals.sendListTeams') })
  @ArrayMaxSize(EMBLEMS.length, { message: fault('refusals.classMostTwelveTeams') })
  @ArrayUnique((t: TeamRequest) => t?.emblem, { message: fault('refusals.everyTeamNeedsOwn') })
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
