import { type PlanDocument } from '../plan/document/planDocument';
import { keptShape } from './keptShape';

// Where one of these changes, a step is added here that carries what was kept before to the new shape, and a test of it.
export const PLAN_SHAPE = keptShape<PlanDocument>('This plan', []);
/** Run sheet, schedule, bench, outlook, split, cautions and what is told of a table: kept together with their investigation. */
export const INVESTIGATION_SHAPE = keptShape<object>('This investigation', []);
export const LESSON_SHAPE = keptShape<never>('What was settled for the lesson', []);
