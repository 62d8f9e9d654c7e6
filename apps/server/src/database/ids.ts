import { createHash } from 'node:crypto';
import { v7 } from 'uuid';

/** Time-ordered id (UUIDv7, RFC 9562). */
export const newId = (): string => v7();

/** SHA-256 of a request's body, to tell a repeat from another request under the same id. */
export function requestHash(body: unknown): string {
  return createHash('sha256').update(JSON.stringify(body)).digest('hex');
}
