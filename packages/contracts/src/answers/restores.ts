import { type Static, Type } from '@sinclair/typebox';
import { InvestigationView } from './investigations';
import { shape } from './shape';

/** What came of a package. */
export const RestoredView = shape({
  /** False where it was here already: then nothing was added. */
  added: Type.Boolean(),
  investigation: InvestigationView,
});
export type RestoredView = Static<typeof RestoredView>;
