import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { emptyEntry, type Entry } from './entry';

/** Half-typed entries, kept on the device so that a reload in mid-entry loses nothing. */
const keyOf = (plantKey: string, day: string) => `sprout draft ${plantKey} ${day}`;

/** @param plantKey container and plant */
export function readDraft(plantKey: string, day: string, resolution: RulerResolution): Entry | null {
  try {
    const kept = JSON.parse(localStorage.getItem(keyOf(plantKey, day)) ?? 'null') as Partial<Entry> | null;
    return kept && { ...emptyEntry(resolution), ...kept, found: Array.isArray(kept.found) ? kept.found : [] };
  } catch {
    return null;
  }
}

export function keepDraft(plantKey: string, day: string, entry: Entry): void {
  localStorage.setItem(keyOf(plantKey, day), JSON.stringify(entry));
}

export function dropDraft(plantKey: string, day: string): void {
  localStorage.removeItem(keyOf(plantKey, day));
}
