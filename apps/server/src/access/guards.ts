import { CanActivate, ExecutionContext, Injectable } from '@nestjs/common';
import { Problem } from '../problems/problem';
import { type RequestWithRequester } from './requester';
import { SessionsService } from './sessions.service';

/** Lets a signed-in teacher through. */
@Injectable()
export class TeacherGuard implements CanActivate {
  constructor(private readonly sessions: SessionsService) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<RequestWithRequester>();
    const teacher = await this.sessions.teacher(request);
    if (!teacher) throw new Problem(401, 'Sign in as a teacher to go on. Nothing was changed.');
    request.requester = teacher;
    return true;
  }
}

/** Lets a joined team through. */
@Injectable()
export class TeamGuard implements CanActivate {
  constructor(private readonly sessions: SessionsService) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<RequestWithRequester>();
    const team = await this.sessions.team(request);
    if (!team)
      throw new Problem(401, 'Join your team again with class code, emblem and PIN. What you typed stays on this device.');
    request.requester = team;
    return true;
  }
}
