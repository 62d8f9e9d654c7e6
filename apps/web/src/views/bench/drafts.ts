import { type Entry } from './entry';

/** Half-typed entries, kept on the device so that a reload in mid-entry loses nothing. */
const keyOf = (containerId: string, day: string) => `sprout draft ${containerId} ${day}`;

export function readDraft(containerId: string, day: string): Entry | null {
  try {
    return JSON.parse(localStorage.getItem(keyOf(containerId, day)) ?? 'null') as Entry | null;
  } catch {
    return null;
  }
}

export function keepDraft(containerId: string, day: string, entry: Entry): void {
  localStorage.setItem(keyOf(containerId, day), JSON.stringify(entry));
}

export function dropDraft(containerId: string, day: string): void {
  localStorage.removeItem(keyOf(containerId, day));
}
