import { fault } from '@bright-sprout/words/say';
import { ENTRY_FORM, LONGEST_ENTRY } from '@bright-sprout/core/conclude/claim/claimEntries';
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
import { IsMoment } from './moment';
import { PartOf, PartsOf } from './parts';

/** One part of a team's conclusion. Its id is made on the device: sending it again changes nothing, and the newest of a part counts. */
export class ClaimEntryRequest {
  @IsString({ message: fault('refusals.sayPart') })
  @Matches(ENTRY_FORM, { message: fault('refusals.partConclusion') })
  part: string;

  @IsString({ message: fault('refusals.writtenText') })
  @MaxLength(LONGEST_ENTRY, { message: fault('refusals.mostLettersFit', { longestEntry: LONGEST_ENTRY }) })
  text: string;

  @IsMoment({ message: fault('refusals.sayWhenWritten') })
  recordedAt: string;
}

/** A word of the teacher to one team: a comment, or a question back. */
export class ClaimNoteRequest {
  @IsIn(['comment', 'question'], { message: fault('refusals.noteCommentQuestion') })
  kind: 'comment' | 'question';

  @IsString({ message: fault('refusals.writeSomething') })
  @Length(1, 500, { message: fault('refusals.noteLetters') })
  text: string;
}

const TEXT = {
  message: fault('refusals.thisHasToBe'),
};
const LONG = {
  message: fault('refusals.tooLong'),
};

export class OwnPointRequest {
  @IsString(TEXT) @Length(1, 40, LONG) id: string;
  @IsString(TEXT) @Length(1, 200, { message: fault('refusals.pointLetters') }) title: string;
  @IsString(TEXT) @MaxLength(200, { message: fault('refusals.questionMostLetters') }) asks: string;
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: fault('refusals.sayDayBelongs') }) day: string;
}

class GoalRequest {
  @IsString(TEXT) @Length(1, 40, LONG) id: string;
  @IsString(TEXT) @Length(1, 60, { message: fault('refusals.nameLetters') }) words: string;
  @IsNumber({}, { message: fault('refusals.heightNumber') })
  @Min(1, { message: fault('refusals.leastMillimetreHigh') })
  @Max(10_000, { message: fault('refusals.mostMetresHigh') })
  mm: number;
}
export { GoalRequest };

export class ReportRequest {
  /** A team's id, or `class`. */
  @Matches(/^(class|[0-9a-f-]{36})$/, { message: fault('refusals.reportTeamClass') }) of: string;
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
  @ArrayMaxSize(30, { message: fault('refusals.mostThirtyPointsOwn') })
  @PartsOf(() => OwnPointRequest)
  own: OwnPointRequest[];
  /** All claims can be read by all teams. */
  @IsBoolean({ message: fault('refusals.openYes') }) claimsOpen: boolean;
  @IsArray(TEXT)
  @ArrayMaxSize(12, { message: fault('refusals.mostTwelveGoals') })
  @PartsOf(() => GoalRequest)
  goals: GoalRequest[];
  @IsArray(TEXT) @ArrayMaxSize(20, LONG) @PartsOf(() => ReportRequest) reports: ReportRequest[];
}

export class SaveLessonRequest {
  @IsInt({ message: fault('refusals.sayVersionChanged') })
  @Min(0, { message: fault('refusals.sayVersionChanged') })
  version: number;

  @PartOf(() => LessonDocument)
  document: LessonDocument;
}
