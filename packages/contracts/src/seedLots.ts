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

const WHOLE = { message: 'A whole number, 0 or more.' };
const RANGE = { message: 'Two numbers, from and to.' };

class LotTestOnTheWire implements LotTest {
  @IsIn(['paper', 'float'], { message: 'Tested on paper or in water?' }) kind: 'paper' | 'float';
  @IsInt(WHOLE) @Min(0, WHOLE) @Max(1000, WHOLE) up: number;
  @IsInt(WHOLE) @Min(1, { message: 'Test at least one seed.' }) @Max(1000, WHOLE) of: number;
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Choose the day of the test.' }) on: string;
}

/** A seed lot on the school's shelf. */
export class SaveSeedLotRequest implements Omit<SeedLot, 'id'> {
  @IsString({ message: 'Choose the kind.' }) @Length(1, 60, { message: 'Choose the kind.' }) speciesId: string;
  @IsString({ message: 'Give the lot a name.' })
  @Length(1, 60, { message: 'Give the lot a name of 1 to 60 characters.' })
  name: string;
  @IsOptional()
  @IsInt({ message: 'Type the year on the packet.' })
  @Min(1950, { message: 'Seed that old is for a museum.' })
  @Max(2200, { message: 'That year has not come.' })
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
  @ArrayMaxSize(30, { message: 'At most thirty tests.' })
  @PartsOf(() => LotTestOnTheWire)
  tests: LotTestOnTheWire[];
}
