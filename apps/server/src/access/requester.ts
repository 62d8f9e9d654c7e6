import { createParamDecorator, ExecutionContext } from '@nestjs/common';
import { type Request } from 'express';

/** Who is asking: carried through every call, so that scope cannot be forgotten. */
export interface TeacherRequester {
  kind: 'teacher';
  teacherId: string;
  schoolId: string;
}

export interface TeamRequester {
  kind: 'team';
  teamId: string;
  classId: string;
  schoolId: string;
  /** By how much the clock of its device ran ahead when this was entered, in milliseconds. */
  clockAheadMs?: number;
}

export type Requester = TeacherRequester | TeamRequester;

export interface RequestWithRequester extends Request {
  requester?: Requester;
}

/** The requester that the route's guard has put there. */
export const Asking = createParamDecorator(
  (_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<RequestWithRequester>().requester,
);
