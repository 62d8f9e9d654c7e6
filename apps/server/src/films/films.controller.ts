import { BenchFilmView, FilmView, FrameView, SavedCounts } from '@bright-sprout/contracts/answers/films';
import { FrameRequest, MendFrameRequest, SaveCountsRequest, SaveFilmRequest } from '@bright-sprout/contracts/films';
import { PHOTO_TYPES } from '@bright-sprout/contracts/photos';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, Query, Req, Res, StreamableFile, UseGuards } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiTags } from '@nestjs/swagger';
import { type Request, type Response } from 'express';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { asFile, asKeptFile, PICTURE_BODY, pictureOf } from '../photos/pictureRequests';
import { IdPipe } from '../problems/idPipe';
import { LargeBody } from '../problems/largeBody';
import { CountsService } from './counts.service';
import { FilmsService } from './films.service';
import { FramesService } from './frames.service';

@ApiTags('films')
@Controller()
@UseGuards(TeacherGuard)
export class FilmsController {
  constructor(
    private readonly films: FilmsService,
    private readonly frames: FramesService,
    private readonly counts: CountsService,
  ) {}

  @Get('investigations/:id/films')
  @AnswersList({ FilmView })
  list(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<FilmView[]> {
    return this.films.list(teacher, id);
  }

  @Put('films/:id')
  @Answers({ FilmView })
  save(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Body() body: SaveFilmRequest): Promise<FilmView> {
    return this.films.save(teacher, id, body);
  }

  @Put('films/:id/counts')
  @Answers({ SavedCounts })
  count(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SaveCountsRequest,
  ): Promise<SavedCounts> {
    return this.counts.save(teacher, id, body);
  }

  @Put('frames/:id')
  @LargeBody(PICTURE_BODY)
  @ApiConsumes(...PHOTO_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @Answers({ FrameView })
  take(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Query() query: FrameRequest,
    @Body() body: unknown,
  ): Promise<FrameView> {
    return this.frames.save(teacher, id, query, pictureOf(body));
  }

  @Get('frames/:id')
  async whole(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile | undefined> {
    return asKeptFile(request, response, await this.frames.picture(teacher, id, false));
  }

  @Get('frames/:id/small')
  async small(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile | undefined> {
    return asKeptFile(request, response, await this.frames.picture(teacher, id, true));
  }

  @Put('frames/:id/seen')
  @HttpCode(204)
  see(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.frames.see(teacher, id);
  }

  @Delete('frames/:id')
  @HttpCode(204)
  takeBack(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.frames.takeBack(teacher, id);
  }

  @Put('mendings/:id')
  @Answers({ FrameView })
  mend(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Body() body: MendFrameRequest): Promise<FrameView> {
    return this.frames.mend(teacher, id, body);
  }

  @Delete('mendings/:id')
  @HttpCode(204)
  unmend(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.frames.unmend(teacher, id);
  }
}

@ApiTags('bench')
@Controller('bench')
@UseGuards(TeamGuard)
export class BenchFilmsController {
  constructor(
    private readonly films: FilmsService,
    private readonly frames: FramesService,
  ) {}

  @Get('films')
  @AnswersList({ BenchFilmView })
  list(@Asking() team: TeamRequester): Promise<BenchFilmView[]> {
    return this.films.ofTeam(team);
  }

  @Put('frames/:id')
  @LargeBody(PICTURE_BODY)
  @ApiConsumes(...PHOTO_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @Answers({ FrameView })
  take(
    @Asking() team: TeamRequester,
    @Param('id', IdPipe) id: string,
    @Query() query: FrameRequest,
    @Body() body: unknown,
  ): Promise<FrameView> {
    return this.frames.save(team, id, query, pictureOf(body));
  }

  @Get('frames/:id')
  async whole(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<StreamableFile> {
    return asFile(await this.frames.picture(team, id, false));
  }

  @Get('frames/:id/small')
  async small(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<StreamableFile> {
    return asFile(await this.frames.picture(team, id, true));
  }

  @Delete('frames/:id')
  @HttpCode(204)
  takeBack(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.frames.takeBack(team, id);
  }
}
