/** An answer, or the reason why there is none: never NaN, never a thrown error for what a class can record. */
export type Result<T> = ({ ok: true } & T) | { ok: false; reason: string };

/** The reason why there is no answer. */
export function noAnswer(reason: string): { ok: false; reason: string } {
  return { ok: false, reason };
}
