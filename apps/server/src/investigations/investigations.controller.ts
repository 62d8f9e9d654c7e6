import {
  AlikeView,
  InvestigationNews,
  InvestigationRecords,
  InvestigationView,
} from '@bright-sprout/contracts/answers/investigations';
import { ChangeInvestigationRequest, NewsQuery } from '@bright-sprout/contracts/investigations';
import { Body, Controller, Get, Param, Patch, Query, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { InvestigationsService } from './investigations.service';

@ApiTags('investigations')
@Controller('investigations')
@UseGuards(TeacherGuard)
export class InvestigationsController {
  constructor(private readonly investigations: InvestigationsService) {}

  @Get()
  @AnswersList({ InvestigationRecords })
  growing(@Asking() teacher: TeacherRequester): Promise<InvestigationRecords[]> {
    return this.investigations.growing(teacher);
  }

  @Get(':id')
  @Answers({ InvestigationRecords })
  records(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<InvestigationRecords> {
    return this.investigations.records(teacher, id);
  }

  /** What came since, for whoever has the rest: the listed checks and pictures, and the investigation as it is now. */
  @Get(':id/news')
  @Answers({ InvestigationNews })
  news(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Query() query: NewsQuery,
  ): Promise<InvestigationNews> {
    return this.investigations.news(teacher, id, query);
  }

  /** What else sowed the same: other classes of this teacher, and earlier years. */
  @Get(':id/alike')
  @AnswersList({ AlikeView })
  alike(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<AlikeView[]> {
    return this.investigations.alike(teacher, id);
  }

  @Patch(':id')
  @Answers({ InvestigationView })
  change(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: ChangeInvestigationRequest,
  ): Promise<InvestigationView> {
    return this.investigations.change(teacher, id, body);
  }
}
