import { type InvestigationView } from './investigations';

/** A package may have so many bytes. */
export const MOST_PACKAGE_BYTES = 120_000_000;

/** What came of a package. */
export interface RestoredView {
  /** False where it was here already: then nothing was added. */
  added: boolean;
  investigation: InvestigationView;
}
