import { SaveCareRequest } from '@bright-sprout/contracts/care';
import { SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { SaveDeviationRequest } from '@bright-sprout/contracts/deviations';
import { type HeldBody } from '@bright-sprout/contracts/held';
import { type HeldKind } from '@bright-sprout/contracts/heldKinds';
import { validationPipe } from '../problems/validationPipe';

const BODIES = { check: SaveCheckRequest, care: SaveCareRequest, deviation: SaveDeviationRequest };
const pipe = validationPipe();

/** What a team entered, checked as if it were sent as itself. Throws a problem where it could not be. */
export async function heldBody(kind: HeldKind, body: unknown): Promise<HeldBody['body']> {
  return (await pipe.transform(body, { type: 'body', metatype: BODIES[kind] })) as HeldBody['body'];
}
