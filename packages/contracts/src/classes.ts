import { fault } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import 'reflect-metadata';
import { GRADE_BANDS, type GradeBand } from '@bright-sprout/core/words/gradeBand';
import { ArrayMaxSize, ArrayUnique, IsArray, IsIn, IsString, IsUUID, Length } from 'class-validator';
import { type Emblem, EMBLEMS } from './access';
import { PartsOf } from './parts';

export { GRADE_BANDS, type GradeBand };

export const GRADE_BAND_NAMES: Record<GradeBand, string> = spoken({
  early: 'refusals.agesTo',
  primary: 'refusals.agesEightToTen',
  middle: 'refusals.agesElevenToThirteen',
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

export const PHASES = ['growing', 'finished'] as const;
export type Phase = (typeof PHASES)[number];
