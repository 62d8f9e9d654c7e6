import { NewScreenLink, ScreenLinkView, ScreenNews, ScreenView } from '@bright-sprout/contracts/answers/screens';
import { NewsQuery } from '@bright-sprout/contracts/investigations';
import { ShowQuestionRequest } from '@bright-sprout/contracts/questions';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  MessageEvent,
  Param,
  Post,
  Put,
  Query,
  Req,
  Sse,
  UseGuards,
} from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { type Request } from 'express';
import { type Observable } from 'rxjs';
import { seconds, Throttle } from '@nestjs/throttler';
import { TeacherGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { markIn } from '../live/newsLine';
import { ScreensService } from './screens.service';

@ApiTags('screens')
@Controller('investigations/:id/screen-links')
@UseGuards(TeacherGuard)
export class ScreenLinksController {
  constructor(private readonly screens: ScreensService) {}

  @Get()
  @AnswersList({ ScreenLinkView })
  list(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<ScreenLinkView[]> {
    return this.screens.list(teacher, id);
  }

  @Post()
  @Answers({ NewScreenLink })
  make(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<NewScreenLink> {
    return this.screens.make(teacher, id);
  }

  /** Puts a question on the screen, or the wall back. */
  @Put(':linkId/question')
  @Answers({ ScreenLinkView })
  showQuestion(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Param('linkId', IdPipe) linkId: string,
    @Body() { address }: ShowQuestionRequest,
  ): Promise<ScreenLinkView> {
    return this.screens.showQuestion(teacher, id, linkId, address ?? null);
  }

  @Delete(':linkId')
  @HttpCode(204)
  takeBack(@Asking() teacher: TeacherRequester, @Param('linkId', IdPipe) linkId: string): Promise<void> {
    return this.screens.takeBack(teacher, linkId);
  }
}

/** Without a session: the link itself is the key, and it opens nothing but this. */
@ApiTags('screens')
@Controller('screens')
@Throttle({ default: { ttl: seconds(60), limit: 600 } })
export class ScreenController {
  constructor(private readonly screens: ScreensService) {}

  @Get(':token')
  @Answers({ ScreenView })
  show(@Param('token') token: string): Promise<ScreenView> {
    return this.screens.show(token);
  }

  /** The readings of checks of which the screen was told. */
  @Get(':token/news')
  @Answers({ ScreenNews })
  news(@Param('token') token: string, @Query() query: NewsQuery): Promise<ScreenNews> {
    return this.screens.news(token, query);
  }

  @Sse(':token/events')
  events(
    @Param('token') token: string,
    @Req() request: Request,
    @Query('after') after?: string,
  ): Promise<Observable<MessageEvent>> {
    return this.screens.events(token, markIn(request.headers, after));
  }
}
