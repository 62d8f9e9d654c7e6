import { type DeviationView, SaveDeviationRequest } from '@bright-sprout/contracts/deviations';
import { Body, Controller, Delete, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { SowingService } from './sowing.service';

@ApiTags('sowing')
@Controller('deviations')
@UseGuards(TeacherGuard)
export class SowingController {
  constructor(private readonly sowing: SowingService) {}

  @Put(':id')
  save(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveDeviationRequest,
  ): Promise<DeviationView> {
    return this.sowing.save(teacher, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  takeBack(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.sowing.takeBack(teacher, id);
  }
}

@ApiTags('bench')
@Controller('bench/deviations')
@UseGuards(TeamGuard)
export class BenchSowingController {
  constructor(private readonly sowing: SowingService) {}

  @Put(':id')
  save(
    @Asking() team: TeamRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveDeviationRequest,
  ): Promise<DeviationView> {
    return this.sowing.save(team, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  takeBack(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.sowing.takeBack(team, id);
  }
}
