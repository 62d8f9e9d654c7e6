import { IsOptional, IsString, Length, Matches, MaxLength } from 'class-validator';

/** A question as the part of an address that says it: `what=leaves&by=teams`; nothing but letters, digits and what joins them. */
export const QUESTION_FORM = /^[A-Za-z0-9=&.%_-]*$/;
export const LONGEST_QUESTION = 800;

/** A question that is kept with an investigation. Its id is made on the device: sending it again changes nothing. */
export class SaveQuestionRequest {
  @IsString({ message: 'Give the question a name.' })
  @Length(1, 160, { message: 'Name the question in 1 to 160 characters.' })
  name: string;

  @IsString({ message: 'The question is missing.' })
  @MaxLength(LONGEST_QUESTION, { message: 'That question is too long to keep.' })
  @Matches(QUESTION_FORM, { message: 'That is no question of this page.' })
  address: string;
}

export interface SavedQuestion {
  id: string;
  name: string;
  address: string;
  savedAt: string;
}

/** What a screen shows: a question, or the wall without one. */
export class ShowQuestionRequest {
  @IsOptional()
  @IsString({ message: 'The question is missing.' })
  @MaxLength(LONGEST_QUESTION, { message: 'That question is too long to show.' })
  @Matches(QUESTION_FORM, { message: 'That is no question of this page.' })
  address?: string | null;
}
