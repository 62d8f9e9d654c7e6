import { IsIn, IsObject, IsString, Length } from 'class-validator';
import { type SaveCareRequest } from './care';
import { type SaveCheckRequest } from './checks';
import { type TeamView } from './classes';
import { type SaveDeviationRequest } from './deviations';
import { HELD_KINDS, type HeldKind } from './heldKinds';

/** What a team entered and the server would not take, with the reason it was given. Its id is that of the entry. */
export class HoldRequest {
  @IsIn(HELD_KINDS, { message: 'This cannot wait for the teacher.' })
  kind: HeldKind;

  @IsObject({ message: 'Send what was entered.' })
  body: SaveCheckRequest | SaveCareRequest | SaveDeviationRequest;

  @IsString({ message: 'Say why it was not taken.' })
  @Length(1, 400, { message: 'A reason has at most 400 characters.' })
  reason: string;
}

export type HeldBody =
  | { kind: 'check'; body: SaveCheckRequest }
  | { kind: 'care'; body: SaveCareRequest }
  | { kind: 'deviation'; body: SaveDeviationRequest };

export type HeldView = HeldBody & {
  id: string;
  team: TeamView;
  /** Label of the container; null for what is about all, or about one that is there no more. */
  code: string | null;
  reason: string;
  receivedAt: string;
};
