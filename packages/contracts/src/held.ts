import { fault, type Told } from '@bright-sprout/words/say';
import { IsIn, IsObject } from 'class-validator';
import { type SaveCareRequest } from './care';
import { type SaveCheckRequest } from './checks';
import { type SaveDeviationRequest } from './deviations';
import { HELD_KINDS, type HeldKind } from './heldKinds';
import { IsTold } from './isTold';

/** What a team entered and the server would not take, with the reason it was given. Its id is that of the entry. */
export class HoldRequest {
  @IsIn(HELD_KINDS, { message: fault('refusals.cannotWaitTeacher') })
  kind: HeldKind;

  @IsObject({ message: fault('refusals.sendEntered') })
  body: SaveCheckRequest | SaveCareRequest | SaveDeviationRequest;

  /** What the server said when it was sent. */
  @IsTold({ message: fault('refusals.sayWhyTaken') })
  reason: Told;
}

export type HeldBody =
  | { kind: 'check'; body: SaveCheckRequest }
  | { kind: 'care'; body: SaveCareRequest }
  | { kind: 'deviation'; body: SaveDeviationRequest };
