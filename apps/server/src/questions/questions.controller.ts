import { SavedQuestion } from '@bright-sprout/contracts/answers/questions';
import { SaveQuestionRequest } from '@bright-sprout/contracts/questions';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers, AnswersList } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { QuestionsService } from './questions.service';

@ApiTags('questions')
@Controller('investigations/:id/questions')
@UseGuards(TeacherGuard)
export class QuestionsController {
  constructor(private readonly questions: QuestionsService) {}

  @Get()
  @AnswersList({ SavedQuestion })
  list(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<SavedQuestion[]> {
    return this.questions.list(teacher, id);
  }

  @Put(':questionId')
  @Answers({ SavedQuestion })
  save(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Param('questionId', IdPipe) questionId: string,
    @Body() body: SaveQuestionRequest,
  ): Promise<SavedQuestion> {
    return this.questions.save(teacher, id, questionId, body);
  }

  @Delete(':questionId')
  @HttpCode(204)
  remove(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Param('questionId', IdPipe) questionId: string,
  ): Promise<void> {
    return this.questions.remove(teacher, id, questionId);
  }
}
