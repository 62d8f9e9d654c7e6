import { SavedCheck } from '@bright-sprout/contracts/answers/checks';
import { SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { Body, Controller, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { ChecksService } from './checks.service';

@ApiTags('bench')
@Controller('bench/checks')
@UseGuards(TeamGuard)
export class TeamChecksController {
  constructor(private readonly checks: ChecksService) {}

  @Put(':id')
  @Answers({ SavedCheck })
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
  @Answers({ SavedCheck })
  save(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveCheckRequest,
  ): Promise<SavedCheck> {
    return this.checks.save(teacher, id, body);
  }
}
