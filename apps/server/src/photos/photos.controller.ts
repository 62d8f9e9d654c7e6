import { PhotoView } from '@bright-sprout/contracts/answers/photos';
import { PHOTO_TYPES, PhotoRequest } from '@bright-sprout/contracts/photos';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, Query, Req, Res, StreamableFile, UseGuards } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiTags } from '@nestjs/swagger';
import { type Request, type Response } from 'express';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { LargeBody } from '../problems/largeBody';
import { asFile, asKeptFile, PICTURE_BODY, pictureOf } from './pictureRequests';
import { PhotosService } from './photos.service';

@ApiTags('photos')
@Controller('photos')
@UseGuards(TeacherGuard)
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Put(':id')
  @LargeBody(PICTURE_BODY)
  @ApiConsumes(...PHOTO_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @Answers({ PhotoView })
  save(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Query() query: PhotoRequest,
    @Body() body: unknown,
  ): Promise<PhotoView> {
    return this.photos.save(teacher, id, query, pictureOf(body));
  }

  @Get(':id')
  async whole(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile | undefined> {
    return asKeptFile(request, response, await this.photos.picture(teacher, id, false));
  }

  @Get(':id/small')
  async small(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile | undefined> {
    return asKeptFile(request, response, await this.photos.picture(teacher, id, true));
  }

  @Put(':id/seen')
  @HttpCode(204)
  see(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.photos.see(teacher, id);
  }

  @Delete(':id')
  @HttpCode(204)
  takeBack(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.photos.takeBack(teacher, id);
  }
}

@ApiTags('bench')
@Controller('bench/photos')
@UseGuards(TeamGuard)
export class BenchPhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Put(':id')
  @LargeBody(PICTURE_BODY)
  @ApiConsumes(...PHOTO_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @Answers({ PhotoView })
  save(
    @Asking() team: TeamRequester,
    @Param('id', IdPipe) id: string,
    @Query() query: PhotoRequest,
    @Body() body: unknown,
  ): Promise<PhotoView> {
    return this.photos.save(team, id, query, pictureOf(body));
  }

  @Get(':id')
  async whole(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<StreamableFile> {
    return asFile(await this.photos.picture(team, id, false));
  }

  @Get(':id/small')
  async small(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<StreamableFile> {
    return asFile(await this.photos.picture(team, id, true));
  }

  @Delete(':id')
  @HttpCode(204)
  takeBack(@Asking() team: TeamRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.photos.takeBack(team, id);
  }
}
