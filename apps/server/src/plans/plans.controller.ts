import { PlanListing, PlanView } from '@bright-sprout/contracts/answers/plans';
import { SavePlanRequest } from '@bright-sprout/contracts/plans';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { PlansService } from './plans.service';

@ApiTags('plans')
@Controller()
@UseGuards(TeacherGuard)
export class PlansController {
  constructor(private readonly plans: PlansService) {}

  @Get('classes/:classId/plans')
  @AnswersList({ PlanListing })
  list(@Asking() teacher: TeacherRequester, @Param('classId', IdPipe) classId: string): Promise<PlanListing[]> {
    return this.plans.list(teacher, classId);
  }

  @Get('plans/:id')
  @Answers({ PlanView })
  one(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<PlanView> {
    return this.plans.one(teacher, id);
  }

  @Put('plans/:id')
  @Answers({ PlanView })
  save(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Body() body: SavePlanRequest): Promise<PlanView> {
    return this.plans.save(teacher, id, body);
  }

  @Delete('plans/:id')
  @HttpCode(204)
  remove(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<void> {
    return this.plans.remove(teacher, id);
  }
}
