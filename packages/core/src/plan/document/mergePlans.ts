import { type PlanDocument } from './planDocument';

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };

const isParts = (value: Json | undefined): value is { readonly [key: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const same = (a: Json | undefined, b: Json | undefined) => JSON.stringify(a) === JSON.stringify(b);

/**
 * What two people changed in different places comes together; where both changed the same place, ours stands.
 * @param base the version both began with
 */
export function mergePlans(base: PlanDocument, ours: PlanDocument, theirs: PlanDocument): PlanDocument {
  return merge(...([base, ours, theirs] as unknown as [Json, Json, Json])) as unknown as PlanDocument;
}

function merge(base: Json | undefined, ours: Json, theirs: Json): Json {
  if (same(ours, base)) return theirs;
  if (same(theirs, base)) return ours;
  if (isParts(base) && isParts(ours) && isParts(theirs)) {
    // What one took out and the other left alone is gone; what one added is there.
    const keys = [...new Set([...Object.keys(ours), ...Object.keys(theirs)])].filter(
      (key) => (key in ours || !same(theirs[key], base[key])) && (key in theirs || !same(ours[key], base[key])),
    );
    return Object.fromEntries(
      keys.map((key) => [
        key,
        key in ours && key in theirs ? merge(base[key], ours[key]!, theirs[key]!) : (ours[key] ?? theirs[key]!),
      ]),
    );
  }
  const lists = [base, ours, theirs].map((v) => (Array.isArray(v) ? (v as Json[]) : null));
  const [first, mine, other] = lists;
  if (first && mine && other && first.length === mine.length && mine.length === other.length)
    return mine.map((value, i) => merge(first[i], value, other[i]!));
  return ours;
}

/**
 * A plan in which the places that were refused are as they were saved before, so that the rest can be saved.
 * @param paths such as `factors.0.levels.1.amount`
 */
export function withoutRefused(plan: PlanDocument, saved: PlanDocument, paths: readonly string[]): PlanDocument {
  return paths.reduce((kept, path) => {
    const [top = '', ...rest] = path.split('.');
    if (!(top in saved)) return kept;
    const [mine, before] = [kept, saved] as unknown as { [key: string]: Json }[];
    const put = at(mine![top]!, before![top]!, rest);
    return { ...kept, [top]: put } as PlanDocument;
  }, plan);
}

/** A value with one place taken from another; the whole other one where it has no such place. */
function at(value: Json, from: Json, [key, ...rest]: string[]): Json {
  if (key === undefined) return from;
  if (Array.isArray(value) && Array.isArray(from) && value.length === from.length && Number(key) < value.length)
    return (value as Json[]).map((v, i) => (i === Number(key) ? at(v, (from as Json[])[i]!, rest) : v));
  if (isParts(value) && isParts(from) && key in value && key in from)
    return { ...value, [key]: at(value[key]!, from[key]!, rest) };
  return from;
}
