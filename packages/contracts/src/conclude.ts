import { type ClaimEntry, ENTRY_FORM, LONGEST_ENTRY } from '@bright-sprout/core/conclude/claim/claimEntries';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { type Phase, type TeamView } from './classes';
import { IsMoment } from './moment';
import { PartOf, PartsOf } from './parts';

/** One part of a team's conclusion. Its id is made on the device: sending it again changes nothing, and the newest of a part counts. */
export class ClaimEntryRequest {
  @IsString({ message: 'Say which part this is.' })
  @Matches(ENTRY_FORM, { message: 'This is no part of a conclusion.' })
  part: string;

  @IsString({ message: 'What is written is text.' })
  @MaxLength(LONGEST_ENTRY, { message: `At most ${LONGEST_ENTRY} letters fit here.` })
  text: string;

  @IsMoment({ message: 'Say when it was written.' })
  recordedAt: string;
}

/** A word of the teacher to one team: a comment, or a question back. */
export class ClaimNoteRequest {
  @IsIn(['comment', 'question'], { message: 'A note is a comment or a question.' })
  kind: 'comment' | 'question';

  @IsString({ message: 'Write something.' })
  @Length(1, 500, { message: 'A note has 1 to 500 letters.' })
  text: string;
}

export interface ClaimNoteView extends ClaimNoteRequest {
  id: string;
  writtenAt: string;
}

export interface TeamClaimView {
  team: TeamView;
  entries: ClaimEntry[];
  notes: ClaimNoteView[];
}

/** An investigation from which the team of a device can conclude. */
export interface BenchConclusion {
  investigationId: string;
  question: string;
  phase: Phase;
}

/** What a team's device shows of conclusions: its own, and the others' once the teacher has opened them. */
export interface BenchClaims {
  own: TeamClaimView;
  /** Null while they are not open to the class. */
  others: TeamClaimView[] | null;
  goals: GoalRequest[];
}

const TEXT = { message: 'This has to be text.' };
const LONG = { message: 'This is too long.' };

class OwnPointRequest {
  @IsString(TEXT) @Length(1, 40, LONG) id: string;
  @IsString(TEXT) @Length(1, 200, { message: 'A point has 1 to 200 letters.' }) title: string;
  @IsString(TEXT) @MaxLength(200, { message: 'A question has at most 200 letters.' }) asks: string;
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Say to which day it belongs.' }) day: string;
}

class GoalRequest {
  @IsString(TEXT) @Length(1, 40, LONG) id: string;
  @IsString(TEXT) @Length(1, 60, { message: 'Name it in 1 to 60 letters.' }) words: string;
  @IsNumber({}, { message: 'Its height is a number.' })
  @Min(1, { message: 'It is at least a millimetre high.' })
  @Max(10_000, { message: 'It is at most 10 metres high.' })
  mm: number;
}
export { GoalRequest };

class ReportRequest {
  /** A team's id, or `class`. */
  @Matches(/^(class|[0-9a-f-]{36})$/, { message: 'A report is of a team or of the class.' }) of: string;
  @IsString(TEXT) @MaxLength(600, LONG) arrangement: string;
}

/** Everything that the teacher settles for the lesson at the end: one document with a version. */
export class LessonDocument {
  /** Keys of points in the teacher's order; what is not named follows by surprise. */
  @IsArray(TEXT)
  @ArrayMaxSize(200, LONG)
  @ArrayUnique()
  @IsString({ each: true, ...TEXT })
  @MaxLength(120, { each: true, ...LONG })
  order: string[];
  @IsArray(TEXT)
  @ArrayMaxSize(200, LONG)
  @ArrayUnique()
  @IsString({ each: true, ...TEXT })
  @MaxLength(120, { each: true, ...LONG })
  pinned: string[];
  @IsArray(TEXT)
  @ArrayMaxSize(200, LONG)
  @ArrayUnique()
  @IsString({ each: true, ...TEXT })
  @MaxLength(120, { each: true, ...LONG })
  hidden: string[];
  @IsArray(TEXT)
  @ArrayMaxSize(30, { message: 'At most thirty points of your own.' })
  @PartsOf(() => OwnPointRequest)
  own: OwnPointRequest[];
  /** All claims can be read by all teams. */
  @IsBoolean({ message: 'Open: yes or no.' }) claimsOpen: boolean;
  @IsArray(TEXT) @ArrayMaxSize(12, { message: 'At most twelve goals.' }) @PartsOf(() => GoalRequest) goals: GoalRequest[];
  @IsArray(TEXT) @ArrayMaxSize(20, LONG) @PartsOf(() => ReportRequest) reports: ReportRequest[];
}

export class SaveLessonRequest {
  @IsInt({ message: 'Say which version you changed.' })
  @Min(0, { message: 'Say which version you changed.' })
  version: number;

  @PartOf(() => LessonDocument)
  document: LessonDocument;
}

export interface LessonView {
  /** 0 while nothing is settled. */
  version: number;
  document: LessonDocument;
}
