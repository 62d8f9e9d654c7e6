import { fault, say } from '@bright-sprout/words/say';
import 'reflect-metadata';
import {
  type Assignment,
  ASSIGNMENTS,
  FACTOR_SUBJECTS,
  type FactorSubject,
  PLAN_KINDS,
  type PlanDocument,
  type PlanKind,
  type PredictionKind,
  PREDICTIONS,
  SEED_LOOKS,
  type SeedLook,
  WHILE_AWAY,
  type WhileAway,
  type Protocol,
} from '@bright-sprout/core/plan/document/planDocument';
import { type Learned, LEARNED_CODES, type LearnedCode } from '@bright-sprout/core/plan/document/learned';
import { BUILT_IN_CODES } from '@bright-sprout/core/measures/registry';
import { PROTOCOL_WORDS } from '@bright-sprout/core/plan/document/protocolWords';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  Validate,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { RESOLUTIONS } from './investigations';
import { OwnMeasureRequest } from './ownMeasures';
import { PartOf, PartsOf } from './parts';
import { SchoolCalendarRequest } from './schoolYear';

// A draft may be unfinished: here only its shape and size are checked. Whether it can be carried out is asked when it is sown.

const TEXT = {
  message: fault('refusals.textPlanMissing'),
};
const NUMBER = {
  message: fault('refusals.typeNumber'),
};
const FAR = {
  message: fault('refusals.numberFarTooLarge'),
};
const LONG = {
  message: fault('refusals.textTooLong'),
};

class LevelOfPlan {
  @IsString(TEXT) @MaxLength(60, LONG) label: string;
  @IsOptional() @IsNumber({}, NUMBER) amount: number | null;
  @IsOptional() @IsString(TEXT) @MaxLength(60, LONG) speciesId?: string;
  @IsOptional() @IsNumber({}, NUMBER) @Max(1e6, FAR) seeds?: number;
}

class FactorOfPlan {
  @IsString(TEXT) @MaxLength(60, LONG) name: string;
  @IsIn(FACTOR_SUBJECTS, { message: fault('refusals.chooseChanged') }) subject: FactorSubject;
  @IsString(TEXT) @MaxLength(20, LONG) unit: string;
  @IsArray(TEXT)
  @ArrayMaxSize(12, { message: fault('refusals.mostTwelveLevels') })
  @PartsOf(() => LevelOfPlan)
  levels: LevelOfPlan[];
  @IsOptional() @IsInt(NUMBER) control: number | null;
  @IsString(TEXT) @MaxLength(200, LONG) noControlReason: string;
}

class KeptSameOfPlan {
  @IsString(TEXT) @MaxLength(40, LONG) id: string;
  @IsString(TEXT) @MaxLength(120, LONG) text: string;
  @IsBoolean({ message: fault('refusals.keptSameYes') }) kept: boolean;
}

class RoomPart {
  @IsNumber({}, NUMBER) day: number;
  @IsNumber({}, NUMBER) night: number;
}

class RoomOfPlan extends RoomPart {
  @IsOptional() @PartOf(() => RoomPart) weekend: RoomPart | null;
  @IsArray(NUMBER) @ArrayMinSize(2, NUMBER) @ArrayMaxSize(2, NUMBER) @IsInt({ each: true, ...NUMBER }) dayHours: readonly [
    number,
    number,
  ];
}

/** Days chosen one by one. */
const DAYS = {
  message: fault('refusals.mostTwoHundredDays'),
};

class CadenceOfPlan {
  @IsIn(['school-days', 'weekdays', 'every'], { message: fault('refusals.chooseOftenLook') }) kind:
    'school-days' | 'weekdays' | 'every';
  @IsOptional() @IsArray(NUMBER) @ArrayMaxSize(7, FAR) @IsInt({ each: true, ...NUMBER }) weekdays?: readonly number[];
  @IsOptional() @IsInt(NUMBER) @Min(0, NUMBER) @Max(366, FAR) days?: number;
}

class GoalOfPlan {
  @IsString(TEXT) @MaxLength(40, LONG) name: string;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) mm: number;
}

class SeedLessonOfPlan {
  @IsString(TEXT) @MaxLength(10, LONG) on: string;
  @IsArray(TEXT)
  @ArrayMaxSize(5, LONG)
  @IsIn(SEED_LOOKS, { each: true, message: fault('refusals.doneSeedsKnown') })
  looks: SeedLook[];
}

class OwnCarrierOfPlan {
  @IsNumber({}, NUMBER) @Max(1e6, FAR) columns: number;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) rows: number;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) wideMm: number;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) deepMm: number;
}

class ExceptionOfPlan {
  @IsString(TEXT) @MaxLength(40, LONG) rule: string;
  @IsString(TEXT) @MaxLength(200, LONG) reason: string;
}

class LearnedOfPlan implements Learned {
  @IsIn(LEARNED_CODES, { message: fault('refusals.learnedKnown') }) code: LearnedCode;
  @IsOptional() @IsNumber({}, NUMBER) @Max(1e6, FAR) was: number | null;
  @IsOptional() @IsNumber({}, NUMBER) @Max(1e6, FAR) now: number | null;
  @IsString(TEXT) @MaxLength(300, LONG) about: string;
}

@ValidatorConstraint({ name: 'protocol' })
class IsProtocol implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    if (typeof value !== 'object' || value === null) return false;
    const choices: Record<string, readonly string[]> = {
      height: ['growing-tip', 'highest-point', 'longest-leaf'],
      resolution: RESOLUTIONS,
    };
    for (const [name, words] of Object.entries(PROTOCOL_WORDS)) choices[name] = Object.keys(words);
    const names = Object.keys(choices);
    return (
      Object.keys(value).length === names.length &&
      names.every((n) => choices[n]!.includes((value as Record<string, string>)[n]!))
    );
  }

  defaultMessage(): string {
    return say('refusals.choiceThingsMeasuredKnown');
  }
}

@ValidatorConstraint({ name: 'places' })
class IsPlaces implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
    const entries = Object.entries(value);
    return (
      entries.length <= 400 &&
      entries.every(([code, place]) => /^[A-Z]\d{1,3}$/.test(code) && Number.isInteger(place) && place >= 0 && place < 1000)
    );
  }

  defaultMessage(): string {
    return say('refusals.containerCannotStand');
  }
}

/** The document of a plan as it crosses the wire. */
export class PlanOnTheWire implements PlanDocument {
  @IsString(TEXT) @MaxLength(200, LONG) question: string;
  @IsString(TEXT) @MaxLength(60, LONG) startedFrom: string;
  @IsIn(PLAN_KINDS, { message: fault('refusals.chooseKindExperiment') }) kind: PlanKind;
  @IsArray(TEXT)
  @ArrayMinSize(1, { message: fault('refusals.chooseLeastThingChange') })
  @ArrayMaxSize(3, { message: fault('refusals.changeMostTwoThings') })
  @PartsOf(() => FactorOfPlan)
  factors: FactorOfPlan[];
  @IsArray(TEXT) @ArrayMaxSize(30, LONG) @PartsOf(() => KeptSameOfPlan) keptSame: KeptSameOfPlan[];
  @IsString(TEXT) @MaxLength(60, LONG) speciesId: string;
  @IsString(TEXT) @MaxLength(60, LONG) methodId: string;
  @IsString(TEXT) @MaxLength(36, LONG) seedLotId: string;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) containersEach: number;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) reserveEach: number;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) seedsEach: number;
  @IsBoolean({ message: fault('refusals.countedWhenSownYes') }) seedsCounted: boolean;
  @IsOptional() @PartOf(() => SeedLessonOfPlan) seedLesson: SeedLessonOfPlan | null;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) keep: number;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) fillMl: number;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) doseMl: number;
  @IsArray(TEXT)
  @ArrayMaxSize(20, LONG)
  @IsIn(BUILT_IN_CODES as string[], { each: true, message: fault('refusals.measureKnown') })
  measures: string[];
  @IsArray(TEXT)
  @ArrayMaxSize(4, { message: fault('refusals.mostFourMeasuresOwn') })
  @PartsOf(() => OwnMeasureRequest)
  ownMeasures: OwnMeasureRequest[];
  @IsObject(TEXT) @Validate(IsProtocol) protocol: Protocol;
  @IsIn(ASSIGNMENTS, { message: fault('refusals.chooseGets') }) assignment: Assignment;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) trays: number;
  @IsOptional() @PartOf(() => OwnCarrierOfPlan) ownCarrier: OwnCarrierOfPlan | null;
  @IsInt(NUMBER) @Min(0, NUMBER) @Max(2147483647, FAR) drawSeed: number;
  @IsObject(TEXT) @Validate(IsPlaces) moved: Record<string, number>;
  @PartOf(() => RoomOfPlan) room: RoomOfPlan;
  @PartOf(() => SchoolCalendarRequest) calendar: SchoolCalendarRequest;
  @IsString(TEXT) @MaxLength(40, LONG) period: string;
  @IsString(TEXT) @MaxLength(10, LONG) sowOn: string;
  @IsString(TEXT) @MaxLength(10, LONG) lessonOn: string;
  @IsString(TEXT) @MaxLength(10, LONG) endOn: string;
  @IsString(TEXT) @MaxLength(10, LONG) thinOn: string;
  @IsBoolean({ message: fault('refusals.goesOutsideYes') }) goesOutside: boolean;
  @IsBoolean({ message: fault('refusals.harvestedYes') }) harvested: boolean;
  @IsOptional() @PartOf(() => GoalOfPlan) goal: GoalOfPlan | null;
  @IsString(TEXT) @MaxLength(10, LONG) lastFrost: string;
  @PartOf(() => CadenceOfPlan) cadence: PlanDocument['cadence'];
  @IsArray(TEXT)
  @ArrayMaxSize(200, DAYS)
  @IsString({ each: true, ...TEXT })
  @MaxLength(10, { each: true, ...LONG })
  checksAdded: string[];
  @IsArray(TEXT)
  @ArrayMaxSize(200, DAYS)
  @IsString({ each: true, ...TEXT })
  @MaxLength(10, { each: true, ...LONG })
  checksSkipped: string[];
  @IsIn(WHILE_AWAY, { message: fault('refusals.chooseWatersWhileNobody') }) whileAway: WhileAway;
  @IsNumber({}, NUMBER) @Max(1e6, FAR) sparePercent: number;
  @IsNumber({}, NUMBER) @Max(1e9, FAR) packetSeeds: number;
  @IsArray(TEXT)
  @ArrayMaxSize(5, LONG)
  @IsIn(PREDICTIONS, { each: true, message: fault('refusals.predictionKnown') })
  predictions: PredictionKind[];
  @IsBoolean({ message: fault('refusals.askTeamsYes') }) askTeams: boolean;
  @IsArray(TEXT)
  @ArrayMaxSize(30, LONG)
  @PartsOf(() => ExceptionOfPlan)
  exceptions: ExceptionOfPlan[];
  @IsOptional()
  @IsArray(TEXT)
  @ArrayMaxSize(20, LONG)
  @PartsOf(() => LearnedOfPlan)
  learned: LearnedOfPlan[];
}

/** Saves a plan; `version` is the one the change was made on, 0 for a new one. */
export class SavePlanRequest {
  @IsUUID(undefined, { message: fault('refusals.planBelongsClass') })
  classId: string;

  @IsInt({ message: fault('refusals.sayVersionChanged') })
  @Min(0, { message: fault('refusals.sayVersionChanged') })
  version: number;

  @PartOf(() => PlanOnTheWire)
  document: PlanOnTheWire;
}

export class SowPlanRequest {
  @IsInt({ message: fault('refusals.sayVersionSow') })
  version: number;
}
