import { type KeptShape } from '@bright-sprout/core/kept/keptShape';
import { asTold, Problem } from '../problems/problem';

/** A kept document in today's shape. Throws a problem where it is of a later one. */
export function inTodaysShape<Kept>(of: KeptShape<Kept>, document: unknown, shape: number): Kept {
  const read = of.read(document, shape);
  if (!read.ok) throw new Problem(409, asTold(read.reason));
  return read.kept;
}
