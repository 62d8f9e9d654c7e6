import { daysBetween } from '../../calendar/days';
import { type PlanDocument } from './planDocument';

/** Day number for which teams predict a height: about two thirds of the way, when differences have had time to show. */
export function predictedHeightDay({ sowOn, endOn }: Pick<PlanDocument, 'sowOn' | 'endOn'>): number {
  return Math.max(7, Math.round((2 * daysBetween(sowOn, endOn)) / 3));
}
