import { type Told } from '@bright-sprout/words/say';

/** The device has been joined by another team since: what was entered before waits for its own. */
export const OTHER_TEAM = 'urn:bright-sprout:other-team';

/** Names the team that entered what is sent, so that it cannot go out as another's. */
export const TEAM_HEADER = 'x-sprout-team';

/** What time it is by the clock by which the entry was made: the server sees whether that was right. ISO 8601. */
export const CLOCK_HEADER = 'x-sprout-clock';

/** An error as it crosses the wire (RFC 9457), with the message that says it. */
export interface ProblemDetails extends Told {
  type: string;
  title: string;
  status: number;
  /** What happened, what was kept and what to do, in plain words. */
  detail: string;
  errors?: ({ path: string; sentence: string } & Told)[];
  /** On a conflict: what is stored now. */
  current?: unknown;
}
