import { told } from '@bright-sprout/words/say';
import { OTHER_TEAM, TEAM_HEADER } from '@bright-sprout/contracts/problems';
import { CanActivate, ExecutionContext, Injectable } from '@nestjs/common';
import { Problem } from '../problems/problem';
import { clockAheadOf } from './deviceClock';
import { type RequestWithRequester } from './requester';
import { SessionsService } from './sessions.service';

/** Lets a signed-in teacher through. */
@Injectable()
export class TeacherGuard implements CanActivate {
  constructor(private readonly sessions: SessionsService) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<RequestWithRequester>();
    const teacher = await this.sessions.teacher(request);
    if (!teacher) throw new Problem(401, told('refusals.signTeacherGoNothing'));
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
    if (!team) throw new Problem(401, told('refusals.joinTeamAgainClass'));
    // Sent in the name of a team that no longer holds the device: it is that team's, and waits for it.
    const sender = request.header(TEAM_HEADER);
    if (sender !== undefined && sender !== team.teamId)
      throw new Problem(409, told('refusals.anotherTeamHoldsDevice'), {
        type: OTHER_TEAM,
      });
    request.requester = { ...team, clockAheadMs: clockAheadOf(request) };
    return true;
  }
}
