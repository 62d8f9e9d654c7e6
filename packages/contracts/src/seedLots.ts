import { fault } from '@bright-sprout/words/say';
import 'reflect-metadata';
import { type LotTest, type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { PartsOf } from './parts';

const WHOLE = {
  message: fault('refusals.wholeNumberMore'),
};
const RANGE = {
  message: fault('refusals.twoNumbers'),
};

class LotTestOnTheWire implements LotTest {
  @IsIn(['paper', 'float'], { message: fault('refusals.testedPaperWater') }) kind: 'paper' | 'float';
  @IsInt(WHOLE) @Min(0, WHOLE) @Max(1000, WHOLE) up: number;
  @IsInt(WHOLE) @Min(1, { message: fault('refusals.testLeastSeed') }) @Max(1000, WHOLE) of: number;
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: fault('refusals.chooseDayTest') }) on: string;
}

/** A seed lot on the school's shelf. */
export class SaveSeedLotRequest implements Omit<SeedLot, 'id'> {
  @IsString({ message: fault('refusals.chooseKind') })
  @Length(1, 60, { message: fault('refusals.chooseKind') })
  speciesId: string;
  @IsString({ message: fault('refusals.giveLotName') })
  @Length(1, 60, { message: fault('refusals.giveLotNameCharacters') })
  name: string;
  @IsOptional()
  @IsInt({ message: fault('refusals.typeYearPacket') })
  @Min(1950, { message: fault('refusals.seedOldMuseum') })
  @Max(2200, { message: fault('refusals.yearCome') })
  year: number | null;
  @IsOptional() @IsInt(WHOLE) @Min(0, WHOLE) @Max(1e7, WHOLE) count: number | null;
  @IsOptional()
  @IsArray(RANGE)
  @ArrayMinSize(2, RANGE)
  @ArrayMaxSize(2, RANGE)
  @IsNumber({}, { each: true, ...RANGE })
  @Min(0, { each: true, ...RANGE })
  @Max(300, { each: true, ...RANGE })
  depthMm: [number, number] | null;
  @IsOptional() @IsNumber({}, WHOLE) @Min(0, WHOLE) @Max(5000, WHOLE) spacingMm: number | null;
  @IsOptional()
  @IsArray(RANGE)
  @ArrayMinSize(2, RANGE)
  @ArrayMaxSize(2, RANGE)
  @IsNumber({}, { each: true, ...RANGE })
  @Min(0, { each: true, ...RANGE })
  @Max(400, { each: true, ...RANGE })
  daysToSprout: [number, number] | null;
  @IsArray(WHOLE)
  @ArrayMaxSize(30, { message: fault('refusals.mostThirtyTests') })
  @PartsOf(() => LotTestOnTheWire)
  tests: LotTestOnTheWire[];
}
