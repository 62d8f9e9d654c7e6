import { MAX_TABLE_CHARACTERS } from '@bright-sprout/contracts/importLimits';
import { ImportRequest } from '@bright-sprout/contracts/imports';
import { InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { RememberedView } from '@bright-sprout/contracts/answers/imports';
import { Body, Controller, Get, Param, Put, Req, Res, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { json, type Request, type Response } from 'express';
import { TeacherGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { LargeBody } from '../problems/largeBody';
import { longWork } from '../problems/longWork';
import { ImportsService } from './imports.service';

@ApiTags('imports')
@Controller('imports')
@UseGuards(TeacherGuard)
export class ImportsController {
  constructor(private readonly imports: ImportsService) {}

  /** What was chosen for the last table with the same heads; `null` where there was none. */
  @Get('remembered/:key')
  @Answers({ RememberedView })
  async remembered(@Asking() teacher: TeacherRequester, @Param('key') key: string): Promise<RememberedView> {
    return { reading: await this.imports.remembered(teacher, key.slice(0, 40)) };
  }

  /** Makes an investigation under this id from a table; wrong rows refuse the whole file. */
  @Put(':id')
  @LargeBody(json({ limit: MAX_TABLE_CHARACTERS * 2 }))
  @Answers({ InvestigationView })
  import(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: ImportRequest,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<InvestigationView | undefined> {
    return longWork(request, response, InvestigationView, (told) => this.imports.import(teacher, id, body, told));
  }
}
