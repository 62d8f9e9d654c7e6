import { ClassView } from '@bright-sprout/contracts/answers/classes';
import { SaveClassRequest, SaveTeamsRequest } from '@bright-sprout/contracts/classes';
import { SchoolCalendarRequest } from '@bright-sprout/contracts/schoolYear';
import { Body, Controller, Get, HttpCode, Param, Post, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { ClassesService } from './classes.service';

@ApiTags('classes')
@Controller('classes')
@UseGuards(TeacherGuard)
export class ClassesController {
  constructor(private readonly classes: ClassesService) {}

  @Get()
  @AnswersList({ ClassView })
  list(@Asking() teacher: TeacherRequester): Promise<ClassView[]> {
    return this.classes.list(teacher);
  }

  @Get(':id')
  @Answers({ ClassView })
  one(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<ClassView> {
    return this.classes.one(teacher, id);
  }

  @Put(':id')
  @Answers({ ClassView })
  save(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Body() body: SaveClassRequest): Promise<ClassView> {
    return this.classes.save(teacher, id, body);
  }

  @Put(':id/school-year')
  @Answers({ ClassView })
  saveSchoolYear(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SchoolCalendarRequest,
  ): Promise<ClassView> {
    return this.classes.saveSchoolYear(teacher, id, body);
  }

  @Put(':id/teams')
  @Answers({ ClassView })
  saveTeams(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveTeamsRequest,
  ): Promise<ClassView> {
    return this.classes.saveTeams(teacher, id, body);
  }

  @Post(':id/teams/:teamId/pin')
  @HttpCode(200)
  @Answers({ ClassView })
  renewPin(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Param('teamId', IdPipe) teamId: string,
  ): Promise<ClassView> {
    return this.classes.renewPin(teacher, id, teamId);
  }
}
