import 'reflect-metadata';
import { TALLEST_MM } from '@bright-sprout/core/measures/builtIn/lengths';
import { type SeenInPicture } from '@bright-sprout/core/measures/finding';
import { type SentFinding } from '@bright-sprout/core/measures/sentFinding';
import { DOUBT_KINDS, type DoubtKind, type Intent, INTENTS } from '@bright-sprout/core/readings/doubtKinds';
import {
  LOST_REASONS,
  type LostReason,
  READING_STATES,
  type ReadingDoubt,
  type ReadingState,
} from '@bright-sprout/core/readings/reading';
import { type Species } from '@bright-sprout/core/seeds/catalogue';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
  Validate,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { type InvestigationRecords } from './investigations';
import { type TeamView } from './classes';
import { DAY_CODES, type DayCode } from './dayCodes';
import { PartOf, PartsOf } from './parts';
import { IsMoment } from './moment';

/** Answers to the teacher's own measures: at most four, numbers or short words. */
@ValidatorConstraint({ name: 'own' })
class IsOwn implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
    const entries = Object.entries(value);
    const fits = (v: unknown) => (typeof v === 'number' ? Number.isFinite(v) : typeof v === 'string' && v.length <= 40);
    return entries.length <= 4 && entries.every(([id, v]) => id.length <= 40 && fits(v));
  }

  defaultMessage(): string {
    return 'An answer to one of your own measures is a number or a short word.';
  }
}

/** How something was measured in a picture. */
class SeenRequest implements SeenInPicture {
  @IsUUID(undefined, { message: 'Say in which picture it was measured.' })
  picture: string;

  @IsString({ message: 'Say how it was measured.' })
  @Length(1, 80, { message: 'The way of measuring has at most 80 characters.' })
  method: string;

  @IsOptional()
  @IsNumber({}, { message: 'An interval goes from a number to a number.' })
  low: number | null;

  @IsOptional()
  @IsNumber({}, { message: 'An interval goes from a number to a number.' })
  high: number | null;
}

/** What was found of one measure: typed with its unit, tapped as a number in the stored unit, or chosen. */
class FindingRequest implements SentFinding {
  @IsString({ message: 'A finding names its measure.' })
  @Length(1, 40, { message: 'A measure has at most 40 characters.' })
  measure: string;

  @IsOptional()
  @IsString({ message: 'Type what was found.' })
  @Length(1, 60, { message: 'What is typed has at most 60 characters.' })
  typed?: string;

  @IsOptional()
  @IsNumber({}, { message: 'What was found is a number.' })
  value?: number;

  @IsOptional()
  @IsString({ message: 'Choose what was found.' })
  @Length(1, 60, { message: 'A choice has at most 60 characters.' })
  choice?: string;

  @IsOptional()
  @IsObject({ message: 'What was seen in a picture names the picture.' })
  @PartOf(() => SeenRequest)
  seen?: SeenRequest | null;
}

/** Findings as devices sent them before every measure was alike. */
class EarlierMoreRequest {
  @IsOptional() @IsInt({ message: 'Seedlings are counted in whole numbers.' }) countUp?: number;
  @IsOptional() @IsString({ message: 'This stage is not known.' }) stage?: string;
  @IsOptional() @IsString({ message: 'This colour is not known.' }) vigour?: string;
  @IsOptional() @IsNumber({}, { message: 'A root length is a number.' }) rootMm?: number;
  @IsOptional() @Validate(IsOwn) own?: Record<string, number | string>;
}

class DoubtRequest implements ReadingDoubt {
  @IsIn(DOUBT_KINDS, { message: 'This question is not known.' })
  kind: DoubtKind;

  @IsOptional()
  @IsString({ message: 'A question names its measure.' })
  @Length(1, 40, { message: 'A measure has at most 40 characters.' })
  measure?: string;

  @IsOptional()
  @IsIn(INTENTS, { message: 'This answer is not known.' })
  answer: Intent | null;

  @IsOptional()
  @IsNumber({}, { message: 'A second height is a number of millimetres.' })
  @Min(0, { message: 'A height is 0 or more.' })
  @Max(TALLEST_MM, { message: 'A height is at most 10 metres.' })
  secondMm: number | null;
}

export class ReadingRequest {
  @IsUUID(undefined, { message: 'A reading has an id made by the device.' })
  id: string;

  @IsString({ message: 'Say which plant.' })
  @Length(1, 20, { message: 'The tag of a plant has at most 20 characters.' })
  plant: string;

  @IsIn(READING_STATES, { message: 'A plant is measured, not up, lost, or could not be checked.' })
  state: ReadingState;

  /** What was found, for a plant that was measured; each measure at most once. */
  @IsOptional()
  @IsArray({ message: 'What was found is a list.' })
  @ArrayMaxSize(30, { message: 'At most thirty things are found at a plant.' })
  @ArrayUnique((f: FindingRequest) => f?.measure, { message: 'Each measure is found once at a plant.' })
  @PartsOf(() => FindingRequest)
  findings?: FindingRequest[];

  /** A height, leaves and the rest in the form of earlier devices. */
  @IsOptional()
  @IsString({ message: 'Type the height.' })
  @Length(1, 40, { message: 'A height has at most 40 characters.' })
  typed?: string;
  @IsOptional() @IsInt({ message: 'Leaves are counted in whole numbers.' }) leaves?: number;
  @IsOptional()
  @IsObject({ message: 'What else was found is a list of answers.' })
  @PartOf(() => EarlierMoreRequest)
  more?: EarlierMoreRequest;

  @IsOptional()
  @IsObject({ message: 'A question has a kind and an answer.' })
  @PartOf(() => DoubtRequest)
  doubt?: DoubtRequest;

  @IsOptional()
  @IsIn(LOST_REASONS, { message: 'Say why the plant was lost.' })
  lostReason?: LostReason;

  @IsOptional()
  @IsString({ message: 'A note is text.' })
  @Length(1, 500, { message: 'A note has at most 500 characters.' })
  note?: string;

  /** The reading that this one corrects. */
  @IsOptional()
  @IsUUID(undefined, { message: 'A correction names the reading it corrects.' })
  supersedes?: string;
}

/** One look at one container. Its id is made on the device: sending it again changes nothing. */
export class SaveCheckRequest {
  @IsUUID(undefined, { message: 'Say which container was checked.' })
  containerId: string;

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Say on which day the container was checked.' })
  day: string;

  /** Why another day than the device's was chosen, in words of one's own. */
  @IsOptional()
  @IsString({ message: 'A reason is text.' })
  @Length(1, 200, { message: 'A reason has at most 200 characters.' })
  dayReason?: string;

  /** A reason that is known. */
  @IsOptional()
  @IsIn(DAY_CODES, { message: 'This reason for another day is not known.' })
  dayCode?: DayCode;

  @IsMoment({ message: 'Say when the check was made.' })
  recordedAt: string;

  @IsArray({ message: 'A check has readings.' })
  @ArrayMinSize(1, { message: 'A check has at least one reading.' })
  @ArrayMaxSize(20, { message: 'A check has at most 20 readings.' })
  @PartsOf(() => ReadingRequest)
  readings: ReadingRequest[];
}

export interface SavedCheck {
  id: string;
  receivedAt: string;
}

/** What a team's device shows: its own containers and their records. */
export interface BenchView {
  team: TeamView;
  className: string;
  /** Today in the class's time zone. */
  today: string;
  /** Newest growing investigation first; containers are the team's own and those without a team, which any team may check. */
  investigations: InvestigationRecords[];
  /** Facts of every kind of seed that is grown, for the questions at the bench: a device needs no whole catalogue. */
  species: Species[];
}
