import { type BenchView, SaveCheckRequest, type SavedCheck } from '@bright-sprout/contracts/checks';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { Body, Controller, Get, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { InvestigationsService } from '../investigations/investigations.service';
import { IdPipe } from '../problems/idPipe';
import { ChecksService } from './checks.service';

@ApiTags('bench')
@Controller('bench')
@UseGuards(TeamGuard)
export class ChecksController {
  constructor(
    private readonly checks: ChecksService,
    private readonly investigations: InvestigationsService,
  ) {}

  @Get()
  bench(@Asking() team: TeamRequester): Promise<BenchView> {
    return this.checks.bench(team);
  }

  /** The whole class's records, once the teacher has shared them. */
  @Get('investigations/:id')
  shared(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<InvestigationRecords> {
    return this.investigations.records(team, id);
  }

  @Put('checks/:id')
  save(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string, @Body() body: SaveCheckRequest): Promise<SavedCheck> {
    return this.checks.save(team, id, body);
  }
}

/** The teacher writes down what a paper sheet says, corrects, and answers open questions. */
@ApiTags('checks')
@Controller('checks')
@UseGuards(TeacherGuard)
export class TeacherChecksController {
  constructor(private readonly checks: ChecksService) {}

  @Put(':id')
  save(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveCheckRequest,
  ): Promise<SavedCheck> {
    return this.checks.save(teacher, id, body);
  }
}
