import { SaveSeedLotRequest } from '@bright-sprout/contracts/seedLots';
import { SeedLotView } from '@bright-sprout/contracts/answers/seedLots';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { SeedLotsService } from './seedLots.service';

@ApiTags('seeds')
@Controller('seed-lots')
@UseGuards(TeacherGuard)
export class SeedLotsController {
  constructor(private readonly lots: SeedLotsService) {}

  @Get()
  @AnswersList({ SeedLotView })
  list(@Asking() teacher: TeacherRequester): Promise<SeedLotView[]> {
    return this.lots.list(teacher);
  }

  @Put(':id')
  @Answers({ SeedLotView })
  save(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveSeedLotRequest,
  ): Promise<SeedLotView> {
    return this.lots.save(teacher, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.lots.remove(teacher, id);
  }
}
