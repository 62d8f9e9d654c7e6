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

export const EMBLEM_NAMES: Record<Emblem, string> = {
  kite: 'Kites',
  bell: 'Bells',
  boat: 'Boats',
  moon: 'Moons',
  brolly: 'Brollies',
  drum: 'Drums',
  key: 'Keys',
  spool: 'Spools',
  fish: 'Fish',
  lantern: 'Lanterns',
  wheel: 'Wheels',
  mitten: 'Mittens',
};

export class SignInRequest {
  @IsEmail({}, { message: 'Type the e-mail address of your account.' })
  @MaxLength(200, { message: 'An e-mail address has at most 200 characters.' })
  email: string;

  @IsString({ message: 'Type your password.' })
  @Length(1, 200, { message: 'Type your password.' })
  password: string;
}

export class FirstTeacherRequest {
  @IsString({ message: 'Type the name of your school.' })
  @Length(2, 100, { message: 'The name of the school has 2 to 100 characters.' })
  schoolName: string;

  @IsString({ message: 'Type your name as the class knows it.' })
  @Length(1, 100, { message: 'Your name has 1 to 100 characters.' })
  name: string;

  @IsEmail({}, { message: 'Type an e-mail address: you sign in with it.' })
  @MaxLength(200, { message: 'An e-mail address has at most 200 characters.' })
  email: string;

  @IsString({ message: 'Choose a password.' })
  @MinLength(10, { message: 'Choose a password with at least 10 characters.' })
  @MaxLength(200, { message: 'A password has at most 200 characters.' })
  password: string;
}

export class JoinRequest {
  @IsString({ message: 'Type the class code.' })
  @Matches(/^[A-Za-z0-9]{6}$/, { message: 'A class code has six letters and digits.' })
  classCode: string;

  @IsIn(EMBLEMS, { message: 'Tap your emblem.' })
  emblem: Emblem;

  @IsString({ message: 'Type your PIN.' })
  @Matches(/^\d{4}$/, { message: 'A PIN has four digits.' })
  pin: string;
}

export interface SessionView {
  /** True while the database has no teacher: the first one can be made. */
  needsFirstTeacher: boolean;
  teacher: { id: string; name: string; schoolName: string } | null;
}

/** What a class code shows before the PIN: emblems and nicknames, nothing else. */
export interface JoinView {
  className: string;
  teams: { emblem: Emblem; nickname: string }[];
}
