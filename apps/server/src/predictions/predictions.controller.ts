import { BenchPrediction, PredictionAnswer, TeamPrediction } from '@bright-sprout/contracts/answers/predictions';
import { PredictionRequest } from '@bright-sprout/contracts/predictions';
import { Body, Controller, Get, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { PredictionsService } from './predictions.service';

@ApiTags('predictions')
@Controller()
export class PredictionsController {
  constructor(private readonly predictions: PredictionsService) {}

  @Get('bench/predictions')
  @UseGuards(TeamGuard)
  @AnswersList({ BenchPrediction })
  asked(@Asking() team: TeamRequester): Promise<BenchPrediction[]> {
    return this.predictions.asked(team);
  }

  @Put('bench/predictions/:planId')
  @UseGuards(TeamGuard)
  @Answers({ PredictionAnswer })
  save(
    @Asking() team: TeamRequester,
    @Param('planId', IdPipe) planId: string,
    @Body() body: PredictionRequest,
  ): Promise<PredictionAnswer> {
    return this.predictions.save(team, planId, body);
  }

  @Get('plans/:id/predictions')
  @UseGuards(TeacherGuard)
  @AnswersList({ TeamPrediction })
  ofPlan(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<TeamPrediction[]> {
    return this.predictions.ofPlan(teacher, id);
  }
}
