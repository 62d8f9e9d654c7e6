import { readdirSync, readFileSync } from 'node:fs';
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

/** Passes when |actual − expected| ≤ max(abs, rel·|expected|); null must be null. */
export function expectReference(
  actual: number | null | undefined,
  expected: unknown,
  { rel, abs }: { rel: number; abs: number } = { rel: 1e-9, abs: 1e-12 },
): void {
  if (expected === null) return expect(actual ?? null).toBeNull();
  expect(typeof actual).toBe('number');
  expect(Math.abs(actual! - (expected as number))).toBeLessThanOrEqual(Math.max(abs, rel * Math.abs(expected as number)));
}
