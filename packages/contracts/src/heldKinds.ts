/** What can wait for the teacher's word; pictures stay on the device. */
export const HELD_KINDS = ['check', 'care', 'deviation'] as const;
export type HeldKind = (typeof HELD_KINDS)[number];
