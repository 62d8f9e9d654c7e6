import { once } from 'node:events';
import { PackageQuery } from '@bright-sprout/contracts/exports';
import { Controller, Get, Param, Query, Res, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { type Response } from 'express';
import { TeacherGuard } from '../access/guards';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { ExportsService, type NamedFile } from './exports.service';

const WORKBOOK = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';

function offer(response: Response, { name, content }: NamedFile<string | Buffer>, type: string): void {
  response.attachment(name);
  response.type(type);
  response.send(content);
}

@ApiTags('exports')
@Controller('investigations/:id')
@UseGuards(TeacherGuard)
export class ExportsController {
  constructor(private readonly exports: ExportsService) {}

  /** Everything that was found, one row a reading. */
  @Get('export.csv')
  async csv(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Res() response: Response): Promise<void> {
    offer(response, await this.exports.csv(teacher, id), 'text/csv; charset=utf-8');
  }

  /** The same with everything else that is kept, a sheet each. */
  @Get('export.xlsx')
  async workbook(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Res() response: Response): Promise<void> {
    offer(response, await this.exports.workbook(teacher, id), WORKBOOK);
  }

  /** The plan in a format that is documented and has a version. */
  @Get('plan.json')
  async plan(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Res() response: Response): Promise<void> {
    const { name, content } = await this.exports.plan(teacher, id);
    offer(response, { name, content: `${JSON.stringify(content, null, 2)}\n` }, 'application/json; charset=utf-8');
  }

  @Get('days.ics')
  async calendar(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Res() response: Response): Promise<void> {
    offer(response, await this.exports.calendar(teacher, id), 'text/calendar; charset=utf-8');
  }

  /** Everything, with pictures, to be read by others and to be brought in again. */
  @Get('package.zip')
  async package(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Query() { licence }: PackageQuery,
    @Res() response: Response,
  ): Promise<void> {
    await this.exports.package(teacher, id, licence, {
      begin: (name) => {
        response.attachment(name);
        response.type('application/zip');
      },
      write: async (piece) => {
        if (!response.write(piece)) await Promise.race([once(response, 'drain'), once(response, 'close')]);
      },
    });
    response.end();
  }
}
