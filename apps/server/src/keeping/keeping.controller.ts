import { told } from '@bright-sprout/words/say';
import { KeepingView, WhatGoes } from '@bright-sprout/contracts/answers/keeping';
import { GOING_KINDS, type GoingKind, KeepingRequest } from '@bright-sprout/contracts/keeping';
import { Body, Controller, Delete, Get, Param, ParseEnumPipe, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { notFound } from '../problems/problem';
import { KeepingService } from './keeping.service';

const KIND = new ParseEnumPipe(Object.fromEntries(GOING_KINDS.map((k) => [k, k])), {
  exceptionFactory: () => notFound(told('refusals.suchThing')),
});

@ApiTags('keeping')
@Controller('keeping')
@UseGuards(TeacherGuard)
export class KeepingController {
  constructor(private readonly keeping: KeepingService) {}

  @Get()
  @Answers({ KeepingView })
  view(@Asking() teacher: TeacherRequester): Promise<KeepingView> {
    return this.keeping.view(teacher);
  }

  @Put()
  @Answers({ KeepingView })
  save(@Asking() teacher: TeacherRequester, @Body() body: KeepingRequest): Promise<KeepingView> {
    return this.keeping.save(teacher, body);
  }

  /** What would go if it were deleted now. */
  @Get(':kind/:id')
  @Answers({ WhatGoes })
  whatGoes(
    @Asking() teacher: TeacherRequester,
    @Param('kind', KIND) kind: GoingKind,
    @Param('id', IdPipe) id: string,
  ): Promise<WhatGoes> {
    return this.keeping.whatGoes(teacher, kind, id);
  }

  /** Deletes it: hidden now, gone on the day that is told. */
  @Put(':kind/:id')
  @Answers({ KeepingView })
  remove(
    @Asking() teacher: TeacherRequester,
    @Param('kind', KIND) kind: GoingKind,
    @Param('id', IdPipe) id: string,
  ): Promise<KeepingView> {
    return this.keeping.remove(teacher, kind, id);
  }

  /** Takes a deletion back. */
  @Delete(':kind/:id')
  @Answers({ KeepingView })
  undo(
    @Asking() teacher: TeacherRequester,
    @Param('kind', KIND) kind: GoingKind,
    @Param('id', IdPipe) id: string,
  ): Promise<KeepingView> {
    return this.keeping.undo(teacher, kind, id);
  }
}
