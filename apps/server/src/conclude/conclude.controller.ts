import {
  ClaimEntry,
  BenchClaims,
  BenchConclusion,
  ClaimNoteView,
  LessonView,
  TeamClaimView,
} from '@bright-sprout/contracts/answers/conclude';
import { ClaimEntryRequest, ClaimNoteRequest, SaveLessonRequest } from '@bright-sprout/contracts/conclude';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { ClaimsService } from './claims.service';
import { LessonService } from './lesson.service';

@ApiTags('conclude')
@Controller('investigations/:id')
@UseGuards(TeacherGuard)
export class ConcludeController {
  constructor(
    private readonly lessons: LessonService,
    private readonly claims: ClaimsService,
  ) {}

  @Get('lesson')
  @Answers({ LessonView })
  lesson(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<LessonView> {
    return this.lessons.one(teacher, id);
  }

  @Put('lesson')
  @Answers({ LessonView })
  save(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveLessonRequest,
  ): Promise<LessonView> {
    return this.lessons.save(teacher, id, body);
  }

  @Get('claims')
  @AnswersList({ TeamClaimView })
  list(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<TeamClaimView[]> {
    return this.claims.list(teacher, id);
  }

  @Put('claims/:teamId/notes/:noteId')
  @Answers({ ClaimNoteView })
  note(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Param('teamId', IdPipe) teamId: string,
    @Param('noteId', IdPipe) noteId: string,
    @Body() body: ClaimNoteRequest,
  ): Promise<ClaimNoteView> {
    return this.claims.note(teacher, id, teamId, noteId, body);
  }

  @Delete('claims/:teamId/notes/:noteId')
  @HttpCode(204)
  takeBack(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Param('teamId', IdPipe) teamId: string,
    @Param('noteId', IdPipe) noteId: string,
  ): Promise<void> {
    return this.claims.takeNoteBack(teacher, id, teamId, noteId);
  }
}

@ApiTags('bench')
@Controller('bench/conclude')
@UseGuards(TeamGuard)
export class BenchConcludeController {
  constructor(private readonly claims: ClaimsService) {}

  @Get()
  @AnswersList({ BenchConclusion })
  open(@Asking() team: TeamRequester): Promise<BenchConclusion[]> {
    return this.claims.open(team);
  }

  @Get(':id')
  @Answers({ BenchClaims })
  ofTeam(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<BenchClaims> {
    return this.claims.ofTeam(team, id);
  }

  @Put(':id/entries/:entryId')
  @Answers({ ClaimEntry })
  write(
    @Asking() team: TeamRequester,
    @Param('id', IdPipe) id: string,
    @Param('entryId', IdPipe) entryId: string,
    @Body() body: ClaimEntryRequest,
  ): Promise<ClaimEntry> {
    return this.claims.write(team, id, entryId, body);
  }
}
