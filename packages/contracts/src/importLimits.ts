/** A table may have so many characters on its way; more is another tool's job. */
export const MAX_TABLE_CHARACTERS = 16_000_000;
