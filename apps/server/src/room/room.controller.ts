import { RoomView } from '@bright-sprout/contracts/answers/room';
import { ListenRequest, SaveRoomRequest } from '@bright-sprout/contracts/room';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TeacherGuard } from '../access/guards';
import { Answers } from '../answers/answers';
import { Asking, type TeacherRequester } from '../access/requester';
import { IdPipe } from '../problems/idPipe';
import { RoomService } from './room.service';

@ApiTags('room')
@Controller('classes/:id/room')
@UseGuards(TeacherGuard)
export class RoomController {
  constructor(private readonly room: RoomService) {}

  @Get()
  @Answers({ RoomView })
  view(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string): Promise<RoomView> {
    return this.room.view(teacher, id);
  }

  @Put('readings')
  @Answers({ RoomView })
  save(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Body() body: SaveRoomRequest): Promise<RoomView> {
    return this.room.save(teacher, id, body);
  }

  @Delete('readings/:readingId')
  @HttpCode(204)
  remove(
    @Asking() teacher: TeacherRequester,
    @Param('id', IdPipe) id: string,
    @Param('readingId', IdPipe) readingId: string,
  ): Promise<void> {
    return this.room.remove(teacher, id, readingId);
  }

  @Put('sensor')
  @Answers({ RoomView })
  listen(@Asking() teacher: TeacherRequester, @Param('id', IdPipe) id: string, @Body() body: ListenRequest): Promise<RoomView> {
    return this.room.listen(teacher, id, body.on);
  }
}
