import { HeldView } from '@bright-sprout/contracts/answers/held';
import { HoldRequest } from '@bright-sprout/contracts/held';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { HeldService } from './held.service';

@ApiTags('bench')
@Controller('bench/held')
@UseGuards(TeamGuard)
export class TeamHeldController {
  constructor(private readonly held: HeldService) {}

  @Put(':id')
  @HttpCode(204)
  hold(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string, @Body() body: HoldRequest): Promise<void> {
    return this.held.hold(team, id, body);
  }
}

@ApiTags('held')
@Controller()
@UseGuards(TeacherGuard)
export class HeldController {
  constructor(private readonly held: HeldService) {}

  @Get('classes/:id/held')
  @AnswersList({ HeldView })
  list(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<HeldView[]> {
    return this.held.list(teacher, id);
  }

  /** Takes it in as the team entered it. */
  @Put('held/:id/taken')
  @HttpCode(204)
  take(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.held.decide(teacher, id, true);
  }

  /** Leaves it out. */
  @Delete('held/:id')
  @HttpCode(204)
  leaveOut(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.held.decide(teacher, id, false);
  }
}
