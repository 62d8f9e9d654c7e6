import { type IsoDay } from '../../calendar/days';
import { type SeedLook } from '../document/planDocument';

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

/** What happens on a day, as it is kept: what it says is made from it when it is shown (`eventWords`). */
export type EventFact =
  | {
      code: 'get-together' | 'soil-stands' | 'first-look' | 'check' | 'lesson' | 'end';
    }
  | { code: 'into-soil'; species?: string }
  | { code: 'seed-lesson'; looks: SeedLook[] }
  | { code: 'cold-spell' | 'harden-off' | 'plant-out' | 'harvest'; species: string }
  /** Hours outside on that day; the night too where it is the last step. */
  | { code: 'harden-step'; species: string; hours: number; night: boolean }
  /** `chosen`: soaking is what differs, so only some are soaked. No hour where nobody said when it begins. */
  | { code: 'soak'; species: string; chosen: boolean; leastHours: number; mostHours: number; hour?: number; home?: boolean }
  /** Treatments that have their turn; none where all are sown on one day. */
  | { code: 'sow'; treatments: string[] }
  /** `kept`: some treatments want dark or covered, and stay so. `species`: only of this kind, where kinds have days of their own. */
  | { code: 'lift-covers' | 'into-light' | 'covers-off'; kept: boolean; species?: string }
  /** Null: the number on the label. */
  | { code: 'thin'; keep: number | null; species?: string }
  | { code: 'before-gap'; gap: string | null; weekend: boolean; days: number; leaving: Leaving }
  | { code: 'come-in'; gap: string | null; weekend: boolean; every: number };

/** How plants are left alone: for a while, handed over, with a reservoir, or longer than they last; and what covers them. */
export interface Leaving {
  how: 'short' | 'somebody' | 'reservoir' | 'too-long';
  cover: 'lifted' | 'stays' | 'none';
}

export type PlanEvent = { day: IsoDay; kind: PlanEventKind } & EventFact;
