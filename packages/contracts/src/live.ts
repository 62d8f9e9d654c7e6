/** What changes are about; each is answered by asking anew for that and nothing more. */
export const LIVE_KINDS = [
  /** One more check, named by `subjectId`. */
  'check-saved',
  /** One more picture, named by `subjectId`. */
  'photo-saved',
  /** Something beside the readings: care, what went otherwise at sowing, settings. */
  'investigation-noted',
  /** Anything of the investigation, its readings and pictures too. */
  'investigation-changed',
  /** A film of the investigation, its pictures or what was put right on them. */
  'films-changed',
  /** A plant that the class reads together. */
  'together-changed',
  /** What teams conclude, or what the teacher says to it. */
  'claims-changed',
  /** A plan of the class, or a prediction about it. */
  'plan-changed',
  /** How warm, light or moist the room is. */
  'room-changed',
  /** What a screen shows. */
  'screen-changed',
  'class-changed',
] as const;
export type LiveKind = (typeof LIVE_KINDS)[number];

/**
 * What stands on the line: a change; `here`, the place where one begins who comes without one; `reset`, where so much came, or so long
 * ago, that everything is to be asked for anew. The id of each is the place in the news up to which all was told.
 */
export const NEWS_EVENTS = ['change', 'here', 'reset'] as const;

/** Every answer says up to which place in the news it knows; a line that begins there misses nothing that came since. */
export const PLACE_HEADER = 'x-sprout-place';

/** At most so many checks, or pictures, are asked for one by one; beyond that everything is asked for. */
export const MOST_NEWS = 50;
