import { RunChangeView } from '@bright-sprout/contracts/answers/running';
import { RunChangeRequest } from '@bright-sprout/contracts/running';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { RunningService } from './running.service';

@ApiTags('running')
@Controller()
@UseGuards(TeacherGuard)
export class RunningController {
  constructor(private readonly running: RunningService) {}

  @Get('investigations/:id/run-changes')
  @AnswersList({ RunChangeView })
  list(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<RunChangeView[]> {
    return this.running.list(teacher, id);
  }

  @Put('run-changes/:id')
  @Answers({ RunChangeView })
  make(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: RunChangeRequest,
  ): Promise<RunChangeView> {
    return this.running.make(teacher, id, body);
  }

  @Delete('run-changes/:id')
  @HttpCode(204)
  undo(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.running.undo(teacher, id);
  }
}
