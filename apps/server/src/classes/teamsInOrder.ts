/** Teams in the one order in which plans count them and pages list them: that in which they were made. */
export function teamsInOrder<T extends { id: string }>(teams: readonly T[]): T[] {
  return [...teams].sort((a, b) => (a.id < b.id ? -1 : 1));
}
