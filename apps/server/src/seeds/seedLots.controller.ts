import { SaveSeedLotRequest } from '@bright-sprout/contracts/seedLots';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { SeedLotsService } from './seedLots.service';

@ApiTags('seeds')
@Controller('seed-lots')
@UseGuards(TeacherGuard)
export class SeedLotsController {
  constructor(private readonly lots: SeedLotsService) {}

  @Get()
  list(@Asking() teacher: TeacherRequester): Promise<SeedLot[]> {
    return this.lots.list(teacher);
  }

  @Put(':id')
  save(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Body() body: SaveSeedLotRequest): Promise<SeedLot> {
    return this.lots.save(teacher, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.lots.remove(teacher, id);
  }
}
