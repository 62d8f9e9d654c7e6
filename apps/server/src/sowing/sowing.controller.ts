import { InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { PlanView } from '@bright-sprout/contracts/answers/plans';
import { SowPlanRequest } from '@bright-sprout/contracts/plans';
import { Body, Controller, Delete, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { SowingService } from './sowing.service';

@ApiTags('sowing')
@Controller('plans')
@UseGuards(TeacherGuard)
export class SowingController {
  constructor(private readonly sowing: SowingService) {}

  @Put(':id/sowing')
  @Answers({ InvestigationView })
  sow(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Body() body: SowPlanRequest,
  ): Promise<InvestigationView> {
    return this.sowing.sow(teacher, id, body.version);
  }

  @Delete(':id/sowing')
  @Answers({ PlanView })
  takeBack(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<PlanView> {
    return this.sowing.takeBack(teacher, id);
  }
}
