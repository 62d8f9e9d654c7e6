/** What a new height makes one ask; the value is kept whatever the answer. */
export const DOUBT_KINDS = [
  'before-sowing',
  'in-the-future',
  'sowing-day',
  'too-early',
  'decimal-point',
  'inches',
  'centimetres',
  'neighbour',
  'shrank',
  'grew-too-fast',
  'more-than-sown',
] as const;
export type DoubtKind = (typeof DOUBT_KINDS)[number];

/** Likely reasons, offered as buttons; what the team answers is kept. */
export const INTENTS = [
  'decimal-point',
  'other-unit',
  'neighbour',
  'other-seedling',
  'ruler-end',
  'wilted',
  'broken',
  'wrong-day',
  'measured-again',
  'really-so',
] as const;
export type Intent = (typeof INTENTS)[number];
