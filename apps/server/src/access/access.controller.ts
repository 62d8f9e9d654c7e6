import { JoinView, SessionView } from '@bright-sprout/contracts/answers/access';
import { FirstTeacherRequest, JoinRequest, SignInRequest } from '@bright-sprout/contracts/access';
import { Body, Controller, Delete, Get, HttpCode, Ip, Param, Post, Req, Res } from '@nestjs/common';
import { Answers } from '../answers/answers';
import { ApiTags } from '@nestjs/swagger';
import { type Request, type Response } from 'express';
import { AccessService } from './access.service';
import { SessionsService } from './sessions.service';

@ApiTags('access')
@Controller()
export class AccessController {
  constructor(
    private readonly access: AccessService,
    private readonly sessions: SessionsService,
  ) {}

  /** Who is signed in on this device, and whether there is any teacher yet. */
  @Get('session')
  @Answers({ SessionView })
  async session(@Req() request: Request): Promise<SessionView> {
    return this.access.view(await this.sessions.teacher(request));
  }

  @Post('session')
  @HttpCode(200)
  @Answers({ SessionView })
  async signIn(
    @Body() body: SignInRequest,
    @Ip() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<SessionView> {
    const teacher = await this.access.signIn(body, address);
    await this.sessions.open('teacher', teacher.teacherId, response);
    return this.access.view(teacher);
  }

  @Delete('session')
  @HttpCode(204)
  signOut(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    return this.sessions.close('teacher', request, response);
  }

  /** The first teacher of an empty database; refused once there is one. */
  @Post('teachers/first')
  @Answers({ SessionView })
  async firstTeacher(@Body() body: FirstTeacherRequest, @Res({ passthrough: true }) response: Response): Promise<SessionView> {
    const teacher = await this.access.createFirstTeacher(body);
    await this.sessions.open('teacher', teacher.teacherId, response);
    return this.access.view(teacher);
  }

  /** The emblems behind a class code, for the join screen. */
  @Get('join/:classCode')
  @Answers({ JoinView })
  joinView(@Param('classCode') classCode: string, @Ip() address: string): Promise<JoinView> {
    return this.access.joinView(classCode, address);
  }

  @Post('join')
  @HttpCode(204)
  async join(
    @Body() body: JoinRequest,
    @Ip() address: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const teamId = await this.access.join(body, address);
    // A tablet that changes hands is one team's at a time: the session before this one ends.
    await this.sessions.end('team', request);
    await this.sessions.open('team', teamId, response);
  }

  @Delete('join')
  @HttpCode(204)
  leave(@Req() request: Request, @Res({ passthrough: true }) response: Response): Promise<void> {
    return this.sessions.close('team', request, response);
  }
}
