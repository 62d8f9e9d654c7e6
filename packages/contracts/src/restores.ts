/** A package may have so many bytes. */
export const MOST_PACKAGE_BYTES = 120_000_000;
