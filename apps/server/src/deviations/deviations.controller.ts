import { DeviationView } from '@bright-sprout/contracts/answers/deviations';
import { SaveDeviationRequest } from '@bright-sprout/contracts/deviations';
import { Body, Controller, Delete, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { DeviationsService } from './deviations.service';

@ApiTags('deviations')
@Controller('deviations')
@UseGuards(TeacherGuard)
export class DeviationsController {
  constructor(private readonly deviations: DeviationsService) {}

  @Put(':id')
  @Answers({ DeviationView })
  save(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveDeviationRequest,
  ): Promise<DeviationView> {
    return this.deviations.save(teacher, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  takeBack(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.deviations.takeBack(teacher, id);
  }
}

@ApiTags('bench')
@Controller('bench/deviations')
@UseGuards(TeamGuard)
export class BenchDeviationsController {
  constructor(private readonly deviations: DeviationsService) {}

  @Put(':id')
  @Answers({ DeviationView })
  save(
    @Asking() team: TeamRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveDeviationRequest,
  ): Promise<DeviationView> {
    return this.deviations.save(team, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  takeBack(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.deviations.takeBack(team, id);
  }
}
