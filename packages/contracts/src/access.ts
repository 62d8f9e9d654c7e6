import { fault } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { IsEmail, IsIn, IsString, Length, Matches, MaxLength, MinLength } from 'class-validator';

/** The twelve emblems a team can have: a shape, never a colour. */
export const EMBLEMS = [
  'kite',
  'bell',
  'boat',
  'moon',
  'brolly',
  'drum',
  'key',
  'spool',
  'fish',
  'lantern',
  'wheel',
  'mitten',
] as const;
export type Emblem = (typeof EMBLEMS)[number];

export const EMBLEM_NAMES: Record<Emblem, string> = spoken({
  kite: 'refusals.kites',
  bell: 'refusals.bells',
  boat: 'refusals.boats',
  moon: 'refusals.moons',
  brolly: 'refusals.brollies',
  drum: 'refusals.drums',
  key: 'refusals.keys',
  spool: 'refusals.spools',
  fish: 'refusals.fish',
  lantern: 'refusals.lanterns',
  wheel: 'refusals.wheels',
  mitten: 'refusals.mittens',
});

export class SignInRequest {
  @IsEmail({}, { message: fault('refusals.typeEMailAddress') })
  @MaxLength(200, { message: fault('refusals.eMailAddressMost') })
  email: string;

  @IsString({ message: fault('refusals.typePassword') })
  @Length(1, 200, { message: fault('refusals.typePassword') })
  password: string;
}

export class FirstTeacherRequest {
  @IsString({ message: fault('refusals.typeNameSchool') })
  @Length(2, 100, { message: fault('refusals.nameSchoolCharacters') })
  schoolName: string;

  @IsString({ message: fault('refusals.typeNameClassKnows') })
  @Length(1, 100, { message: fault('refusals.nameCharacters') })
  name: string;

  @IsEmail({}, { message: fault('refusals.typeEmailToSignIn') })
  @MaxLength(200, { message: fault('refusals.eMailAddressMost') })
  email: string;

  @IsString({ message: fault('refusals.choosePassword') })
  @MinLength(10, { message: fault('refusals.choosePasswordLeastCharacters') })
  @MaxLength(200, { message: fault('refusals.passwordMostCharacters') })
  password: string;
}

export class JoinRequest {
  @IsString({ message: fault('refusals.typeClassCode') })
  @Matches(/^[A-Za-z0-9]{6}$/, { message: fault('refusals.classCodeSixLetters') })
  classCode: string;

  @IsIn(EMBLEMS, { message: fault('refusals.tapEmblem') })
  emblem: Emblem;

  @IsString({ message: fault('refusals.typePin') })
  @Matches(/^\d{4}$/, { message: fault('refusals.pinFourDigits') })
  pin: string;
}
