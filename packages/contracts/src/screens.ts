import { type InvestigationRecords } from './investigations';

/** A read-only link for a projector or a hallway screen. */
export interface ScreenLinkView {
  id: string;
  madeAt: string;
  lastSeenAt: string | null;
  /** The question that it shows, as an address; null for the wall. */
  question: string | null;
}

/** The secret part of the link is told once, when it is made. */
export interface NewScreenLink extends ScreenLinkView {
  token: string;
}

/** The records without what is the class's own, and what is to be seen of them. */
export interface ScreenView extends InvestigationRecords {
  /** A question to them, as an address; null for the wall. */
  question: string | null;
}
