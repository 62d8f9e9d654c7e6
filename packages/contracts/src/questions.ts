import { fault } from '@bright-sprout/words/say';
import { IsOptional, IsString, Length, Matches, MaxLength } from 'class-validator';

/** A question as the part of an address that says it: `what=leaves&by=teams`; nothing but letters, digits and what joins them. */
export const QUESTION_FORM = /^[A-Za-z0-9=&.%_-]*$/;
export const LONGEST_QUESTION = 800;

/** A question that is kept with an investigation. Its id is made on the device: sending it again changes nothing. */
export class SaveQuestionRequest {
  @IsString({ message: fault('refusals.giveQuestionName') })
  @Length(1, 160, { message: fault('refusals.nameQuestionCharacters') })
  name: string;

  @IsString({ message: fault('refusals.questionMissing') })
  @MaxLength(LONGEST_QUESTION, { message: fault('refusals.questionTooLongKeep') })
  @Matches(QUESTION_FORM, { message: fault('refusals.questionPage') })
  address: string;
}

/** What a screen shows: a question, or the wall without one. */
export class ShowQuestionRequest {
  @IsOptional()
  @IsString({ message: fault('refusals.questionMissing') })
  @MaxLength(LONGEST_QUESTION, { message: fault('refusals.questionTooLongShow') })
  @Matches(QUESTION_FORM, { message: fault('refusals.questionPage') })
  address?: string | null;
}
