/** A list as it was told, with what was entered since and without what was taken back; what is in both stands once. */
export function since<T extends { id: string }>(
  told: readonly T[],
  entered: readonly T[],
  takenBack: ReadonlySet<string> = new Set(),
): T[] {
  const known = new Set(told.map((t) => t.id));
  return [...told, ...entered.filter((e) => !known.has(e.id))].filter((e) => !takenBack.has(e.id));
}
