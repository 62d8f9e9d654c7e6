import { type IsoDay } from '../../calendar/days';

export const EVENT_KINDS = [
  'prepare',
  'sow',
  'first-look',
  'check',
  'care',
  'thin',
  'transplant',
  'weekend',
  'lesson',
  'end',
] as const;
export type PlanEventKind = (typeof EVENT_KINDS)[number];

export interface PlanEvent {
  day: IsoDay;
  kind: PlanEventKind;
  title: string;
  /** What to do, a sentence; empty where the title says it. */
  note: string;
}
