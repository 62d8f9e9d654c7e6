/** One level of the factor: an amount, or just a name. */
export interface Level {
  label: string;
}

export interface Treatment {
  /** A for the control, then B, C, … in the order of the levels. */
  code: string;
  label: string;
  control: boolean;
}

/** Makes the treatments of one factor; the control comes first whatever its place among the levels. */
export function makeTreatments(levels: readonly Level[], controlIndex: number): Treatment[] {
  const control = levels[controlIndex];
  const ordered = control ? [control, ...levels.filter((_, i) => i !== controlIndex)] : [...levels];
  return ordered.map((level, i) => ({
    code: String.fromCharCode(65 + i),
    label: level.label,
    control: i === 0 && control !== undefined,
  }));
}
