import { type InvestigationRecords } from './investigations';

/** A read-only link for a projector or a hallway screen. */
export interface ScreenLinkView {
  id: string;
  madeAt: string;
  lastSeenAt: string | null;
}

/** The secret part of the link is told once, when it is made. */
export interface NewScreenLink extends ScreenLinkView {
  token: string;
}

export type ScreenView = InvestigationRecords;
