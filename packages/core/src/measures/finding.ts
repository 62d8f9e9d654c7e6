/** How something was found in a picture. */
export interface SeenInPicture {
  /** Id of the picture. */
  picture: string;
  /** By what, with its version, as it is told: `excess green, version 1`. */
  method: string;
  /** Between what it lies with 95 % confidence, in the measure's stored unit; null where that is not told. */
  low: number | null;
  high: number | null;
}

/** What one look found of one measure. Numbers are in the measure's stored unit; choices are kept by their code. */
export interface Finding {
  measure: string;
  /** Null for a choice. */
  value: number | null;
  /** Null for a number. */
  choice: string | null;
  /** As typed, with its unit; null where it was tapped. */
  typed: string | null;
  /** Left out, or null, where it was found at the plant itself. */
  seen?: SeenInPicture | null;
}

interface WithFindings {
  findings: readonly Finding[];
}

export function findingOf({ findings }: WithFindings, measure: string): Finding | null {
  return findings.find((f) => f.measure === measure) ?? null;
}

/** The number that was found of a measure, in its stored unit; null where none was. */
export function valueOf(reading: WithFindings, measure: string): number | null {
  return findingOf(reading, measure)?.value ?? null;
}

/** The choice that was found of a measure, by its code; null where none was. */
export function choiceOf(reading: WithFindings, measure: string): string | null {
  return findingOf(reading, measure)?.choice ?? null;
}

/** Height in millimetres; null where none was taken. */
export function heightOf(reading: WithFindings): number | null {
  return valueOf(reading, 'height');
}

export function numberFound(measure: string, value: number, typed: string | null = null): Finding {
  return { measure, value, choice: null, typed };
}

export function choiceFound(measure: string, choice: string): Finding {
  return { measure, value: null, choice, typed: null };
}

/** The findings with one put in the place of what was found of its measure before, or taken away. */
export function withFinding(findings: readonly Finding[], measure: string, found: Finding | null): Finding[] {
  const others = findings.filter((f) => f.measure !== measure);
  return found === null ? others : [...others, found];
}
