import { told } from '@bright-sprout/words/say';
import { RestoredView } from '@bright-sprout/contracts/answers/restores';
import { MOST_PACKAGE_BYTES } from '@bright-sprout/contracts/restores';
import { Controller, Param, Put, Req, Res, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { type Request, type Response } from 'express';
import { TeacherGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { longWork } from '../problems/longWork';
import { Problem } from '../problems/problem';
import { RestoresService } from './restores.service';

@ApiTags('restores')
@Controller('classes/:id')
@UseGuards(TeacherGuard)
export class RestoresController {
  constructor(private readonly restores: RestoresService) {}

  /** Brings the investigation of a package into a class; one that is here already adds nothing. */
  @Put('package')
  @Answers({ RestoredView })
  async restore(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RestoredView | undefined> {
    const content = await bodyOf(request);
    return longWork(request, response, RestoredView, (told) => this.restores.restore(teacher, id, content, told));
  }
}

/** Reads the file once it is known who sends it. */
async function bodyOf(request: Request): Promise<Buffer> {
  if (!request.is('application/zip')) throw new Problem(415, told('refusals.packageSentApplicationZip'));
  const pieces: Buffer[] = [];
  let bytes = 0;
  for await (const piece of request as AsyncIterable<Buffer>) {
    bytes += piece.length;
    if (bytes > MOST_PACKAGE_BYTES) throw new Problem(413, told('refusals.packageMoreMegabytesNothing'));
    pieces.push(piece);
  }
  if (bytes === 0) throw new Problem(400, told('refusals.packageEmptyNothingBrought'));
  return Buffer.concat(pieces);
}
