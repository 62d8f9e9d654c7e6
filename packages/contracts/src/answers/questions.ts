import { type Static, Type } from '@sinclair/typebox';
import { shape } from './shape';

export const SavedQuestion = shape({
  id: Type.String(),
  name: Type.String(),
  address: Type.String(),
  savedAt: Type.String(),
});
export type SavedQuestion = Static<typeof SavedQuestion>;
