import { BenchTogether, TogetherView } from '@bright-sprout/contracts/answers/together';
import { OpenTogetherRequest, TogetherReadingRequest } from '@bright-sprout/contracts/together';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { TogetherService } from './together.service';

@ApiTags('together')
@Controller()
@UseGuards(TeacherGuard)
export class TogetherController {
  constructor(private readonly together: TogetherService) {}

  @Get('investigations/:id/together')
  @AnswersList({ TogetherView })
  list(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<TogetherView[]> {
    return this.together.list(teacher, id);
  }

  @Put('together/:id')
  @Answers({ TogetherView })
  open(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: OpenTogetherRequest,
  ): Promise<TogetherView> {
    return this.together.open(teacher, id, body);
  }

  @Put('together/:id/settled')
  @Answers({ TogetherView })
  settle(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: TogetherReadingRequest,
  ): Promise<TogetherView> {
    return this.together.settle(teacher, id, body.typed);
  }

  @Delete('together/:id')
  @HttpCode(204)
  close(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.together.close(teacher, id);
  }
}

@ApiTags('bench')
@Controller('bench/together')
@UseGuards(TeamGuard)
export class BenchTogetherController {
  constructor(private readonly together: TogetherService) {}

  @Get()
  @AnswersList({ BenchTogether })
  asked(@Asking() team: TeamRequester): Promise<BenchTogether[]> {
    return this.together.asked(team);
  }

  @Put(':id')
  @HttpCode(204)
  read(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string, @Body() body: TogetherReadingRequest): Promise<void> {
    return this.together.read(team, id, body.typed);
  }
}
