import { appendFileSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A case computed with R; its definition and provenance stand in the file, the rules of reading in fixtures/README.md. */
export interface ReferenceCase {
  case: string;
  input: Record<string, unknown>;
  expected: Record<string, unknown>;
  tolerance: { default: { rel: number; abs: number } };
}

const FOLDER = join(__dirname, '..', 'fixtures');

export function referenceCases(prefix: string): ReferenceCase[] {
  const files = readdirSync(FOLDER).filter((f) => f.startsWith(prefix) && f.endsWith('.json'));
  if (files.length === 0) throw new Error(`No reference file starts with ${prefix}`);
  return files.map((f) => JSON.parse(readFileSync(join(FOLDER, f), 'utf8')) as ReferenceCase);
}

let subject = '';

/** Names the function that the comparisons after this are about, for the table of deviations. */
export function checking(name: string): void {
  subject = name;
}

/** Passes when |actual − expected| ≤ max(abs, rel·|expected|); null must be null. */
export function expectReference(
  actual: number | null | undefined,
  expected: unknown,
  { rel, abs }: { rel: number; abs: number } = { rel: 1e-9, abs: 1e-12 },
): void {
  if (expected === null) return expect(actual ?? null).toBeNull();
  expect(typeof actual).toBe('number');
  const [deviation, size] = [Math.abs(actual! - (expected as number)), Math.abs(expected as number)];
  report({ function: subject, absolute: deviation, relative: deviation > abs && size > 0 ? deviation / size : 0, allowed: rel });
  expect(deviation).toBeLessThanOrEqual(Math.max(abs, rel * size));
}

/** One line for `npm run reference`, which names a file to write to; nothing otherwise. */
export function report(line: Record<string, string | number>): void {
  const file = process.env.SPROUT_REFERENCE;
  if (file) appendFileSync(file, `${JSON.stringify(line)}\n`);
}

/** How often a simulation is repeated: a few hundred times in the tests, as asked for in reports. */
export function repeats(few: number): number {
  return Number(process.env.SPROUT_SIMULATIONS ?? few);
}
