import { CareView } from '@bright-sprout/contracts/answers/care';
import { SaveCareRequest } from '@bright-sprout/contracts/care';
import { Body, Controller, Delete, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { CareService } from './care.service';

@ApiTags('care')
@Controller('care')
@UseGuards(TeacherGuard)
export class CareController {
  constructor(private readonly care: CareService) {}

  @Put(':id')
  @Answers({ CareView })
  save(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Body() body: SaveCareRequest): Promise<CareView> {
    return this.care.save(teacher, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  takeBack(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.care.takeBack(teacher, id);
  }
}

@ApiTags('bench')
@Controller('bench/care')
@UseGuards(TeamGuard)
export class BenchCareController {
  constructor(private readonly care: CareService) {}

  @Put(':id')
  @Answers({ CareView })
  save(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string, @Body() body: SaveCareRequest): Promise<CareView> {
    return this.care.save(team, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  takeBack(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.care.takeBack(team, id);
  }
}
