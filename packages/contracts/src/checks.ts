import { fault } from '@bright-sprout/words/say';
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
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { DAY_CODES, type DayCode } from './dayCodes';
import { PartOf, PartsOf } from './parts';
import { IsMoment } from './moment';

/** How something was measured in a picture. */
class SeenRequest implements SeenInPicture {
  @IsUUID(undefined, { message: fault('refusals.sayPictureMeasured') })
  picture: string;

  @IsString({ message: fault('refusals.sayMeasured') })
  @Length(1, 80, { message: fault('refusals.wayMeasuringMostCharacters') })
  method: string;

  @IsOptional()
  @IsNumber({}, { message: fault('refusals.intervalGoesNumberNumber') })
  low: number | null;

  @IsOptional()
  @IsNumber({}, { message: fault('refusals.intervalGoesNumberNumber') })
  high: number | null;
}

/** What was found of one measure: typed with its unit, tapped as a number in the stored unit, or chosen. */
class FindingRequest implements SentFinding {
  @IsString({ message: fault('refusals.findingNamesMeasure') })
  @Length(1, 40, { message: fault('refusals.measureMostCharacters') })
  measure: string;

  @IsOptional()
  @IsString({ message: fault('refusals.typeFound') })
  @Length(1, 60, { message: fault('refusals.typedMostCharacters') })
  typed?: string;

  @IsOptional()
  @IsNumber({}, { message: fault('refusals.foundNumber') })
  value?: number;

  @IsOptional()
  @IsString({ message: fault('refusals.chooseFound') })
  @Length(1, 60, { message: fault('refusals.choiceMostCharacters') })
  choice?: string;

  @IsOptional()
  @IsObject({ message: fault('refusals.seenPictureNamesPicture') })
  @PartOf(() => SeenRequest)
  seen?: SeenRequest | null;
}

class DoubtRequest implements ReadingDoubt {
  @IsIn(DOUBT_KINDS, { message: fault('refusals.questionKnown') })
  kind: DoubtKind;

  @IsOptional()
  @IsString({ message: fault('refusals.questionNamesMeasure') })
  @Length(1, 40, { message: fault('refusals.measureMostCharacters') })
  measure?: string;

  @IsOptional()
  @IsIn(INTENTS, { message: fault('refusals.answerKnown') })
  answer: Intent | null;

  @IsOptional()
  @IsNumber({}, { message: fault('refusals.secondHeightNumberMillimetres') })
  @Min(0, { message: fault('refusals.heightMore') })
  @Max(TALLEST_MM, { message: fault('refusals.heightMostMetres') })
  secondMm: number | null;
}

export class ReadingRequest {
  @IsUUID(undefined, { message: fault('refusals.readingIdMadeDevice') })
  id: string;

  @IsString({ message: fault('refusals.sayPlant') })
  @Length(1, 20, { message: fault('refusals.tagPlantMostCharacters') })
  plant: string;

  @IsIn(READING_STATES, { message: fault('refusals.plantMeasuredLostChecked') })
  state: ReadingState;

  /** What was found, for a plant that was measured; each measure at most once. */
  @IsOptional()
  @IsArray({ message: fault('refusals.foundList') })
  @ArrayMaxSize(30, { message: fault('refusals.mostThirtyThingsFound') })
  @ArrayUnique((f: FindingRequest) => f?.measure, { message: fault('refusals.measureFoundOncePlant') })
  @PartsOf(() => FindingRequest)
  findings?: FindingRequest[];

  @IsOptional()
  @IsObject({ message: fault('refusals.questionKindAnswer') })
  @PartOf(() => DoubtRequest)
  doubt?: DoubtRequest;

  @IsOptional()
  @IsIn(LOST_REASONS, { message: fault('refusals.sayWhyPlantLost') })
  lostReason?: LostReason;

  @IsOptional()
  @IsString({ message: fault('refusals.noteText') })
  @Length(1, 500, { message: fault('refusals.noteTooLong') })
  note?: string;

  /** The reading that this one corrects. */
  @IsOptional()
  @IsUUID(undefined, { message: fault('refusals.correctionNamesReadingCorrects') })
  supersedes?: string;
}

/** One look at one container. Its id is made on the device: sending it again changes nothing. */
export class SaveCheckRequest {
  @IsUUID(undefined, { message: fault('refusals.sayContainerChecked') })
  containerId: string;

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: fault('refusals.sayDayContainerChecked') })
  day: string;

  /** Why another day than the device's was chosen, in words of one's own. */
  @IsOptional()
  @IsString({ message: fault('refusals.reasonText') })
  @Length(1, 200, { message: fault('refusals.reasonMostCharacters') })
  dayReason?: string;

  /** A reason that is known. */
  @IsOptional()
  @IsIn(DAY_CODES, { message: fault('refusals.reasonAnotherDayKnown') })
  dayCode?: DayCode;

  @IsMoment({ message: fault('refusals.sayWhenCheckMade') })
  recordedAt: string;

  @IsArray({ message: fault('refusals.checkReadings') })
  @ArrayMinSize(1, { message: fault('refusals.checkLeastReading') })
  @ArrayMaxSize(20, { message: fault('refusals.checkMostReadings') })
  @PartsOf(() => ReadingRequest)
  readings: ReadingRequest[];
}
