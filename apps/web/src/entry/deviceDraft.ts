/** Something half done, kept on the device until it is sent, so that a reload in the middle of it loses nothing. */
export interface DeviceDraft<T> {
  /** What was kept; null where there is nothing, or nothing that can still be understood. */
  read: () => T | null;
  /** False where the device cannot keep it (its storage is full, or forbidden). */
  keep: (value: T) => boolean;
  drop: () => void;
}

/**
 * @param name of what is being done, one for each: `prediction p1 t1`
 * @param restore makes a whole of what an earlier version of the application may have kept
 */
export function deviceDraft<T>(name: string, restore: (kept: Partial<T>) => T | null): DeviceDraft<T> {
  const key = `sprout draft ${name}`;
  return {
    read: () => {
      try {
        const kept: unknown = JSON.parse(localStorage.getItem(key) ?? 'null');
        return typeof kept === 'object' && kept !== null ? restore(kept as Partial<T>) : null;
      } catch {
        return null;
      }
    },
    keep: (value) => {
      try {
        localStorage.setItem(key, JSON.stringify(value));
        return true;
      } catch {
        return false;
      }
    },
    drop: () => localStorage.removeItem(key),
  };
}
