import {
  type AlikeView,
  ChangeInvestigationRequest,
  type InvestigationNews,
  type InvestigationRecords,
  type InvestigationView,
  NewsQuery,
} from '@bright-sprout/contracts/investigations';
import { Body, Controller, Get, Param, Patch, Query, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { InvestigationsService } from './investigations.service';

@ApiTags('investigations')
@Controller('investigations')
@UseGuards(TeacherGuard)
export class InvestigationsController {
  constructor(private readonly investigations: InvestigationsService) {}

  @Get()
  growing(@Asking() teacher: TeacherRequester): Promise<InvestigationRecords[]> {
    return this.investigations.growing(teacher);
  }

  @Get(':id')
  records(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<InvestigationRecords> {
    return this.investigations.records(teacher, id);
  }

  /** What came since, for whoever has the rest: the listed checks and pictures, and the investigation as it is now. */
  @Get(':id/news')
  news(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Query() query: NewsQuery,
  ): Promise<InvestigationNews> {
    return this.investigations.news(teacher, id, query);
  }

  /** What else sowed the same: other classes of this teacher, and earlier years. */
  @Get(':id/alike')
  alike(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<AlikeView[]> {
    return this.investigations.alike(teacher, id);
  }

  @Patch(':id')
  change(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: ChangeInvestigationRequest,
  ): Promise<InvestigationView> {
    return this.investigations.change(teacher, id, body);
  }
}
